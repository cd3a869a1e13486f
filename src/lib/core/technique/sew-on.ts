import { technique, tool } from './technique';
import type { SewnOn } from '../model/kinds';

declare module './technique' {
	interface WorkKinds {
		'sew-on': { readonly what: SewnOn; readonly count: number };
	}
}

const WORDS: Record<SewnOn, { readonly one: string; readonly many: string; readonly how: string }> =
	{
		button: {
			one: 'the button',
			many: 'buttons',
			how: 'Strong thread four times through each and round its shank, knotted inside; mark their places first, as far apart as they are to button.'
		},
		patch: {
			one: 'the patch',
			many: 'patches',
			how: 'Pinned where the fabric lies flat and not stretched, small stitches over its edge all round, twice at the corners.'
		},
		tag: {
			one: 'the tag',
			many: 'tags',
			how: 'By its two short sides, inside at the back of the lower edge; what it says is worked out beside these steps.'
		}
	};
/** For one, min (from memory). */
const MINUTES: Record<SewnOn, number> = { button: 3, patch: 8, tag: 2 };

/** A button, a patch or a tag sewn on with strong thread. */
export const sewOn = technique<'sew-on'>({
	id: 'sew-on',
	works: {
		'sew-on': {
			tip: ({ what }) =>
				what === 'patch' ? 'A patch that is glued first lies under a weight overnight.' : '',
			words: ({ what, count }) => {
				const { one, many, how } = WORDS[what];
				return { title: `Sew on ${count === 1 ? one : `${count} ${many}`}`, how };
			},
			drawing: ({ count, what }) => ({
				skill: what === 'button' ? 'sew-on' : 'patch',
				drawing: { loops: 12, things: count }
			})
		}
	},
	steps: ({ what, count }) => [
		{
			id: `sew-on-${what}`,
			do: 'sew-on',
			what,
			count,
			caution: what === 'button' ? 'under-three' : 'hooks-and-scissors'
		}
	],
	minutes: ({ what, count }) => ({
		what: `${WORDS[what].many} sewn on`,
		times: count,
		minutes: MINUTES[what]
	}),
	tools: ({ what, count }) => [
		tool('sewing-needle'),
		...(what === 'button' ? [tool('buttons', count)] : [])
	]
});
