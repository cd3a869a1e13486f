import type { WorkedPiece } from '../crank/piece';
import { isPanel, technique } from './technique';

declare module './technique' {
	interface WorkKinds {
		rest: { readonly as: 'tube' | 'flag' | 'cord' | 'piece'; readonly count: number };
	}
}

/** A panel curls; a cord of a few pins, its tail held by one more at the cast-on, rolls. */
const curls = (p: WorkedPiece): boolean =>
	isPanel(p) && !p.program.some((o) => o.op === 'cast-on' && o.holder !== undefined);

/** Stretched and left to lie, or damped and pinned out: the first thing at the table. */
export const rest = technique<'rest'>({
	id: 'rest',
	works: {
		rest: {
			words: ({ as, count }) => {
				const one = count === 1;
				const them = one ? 'it' : 'them';
				const all = one ? `the ${as}` : count === 2 ? `both ${as}s` : `all ${count} ${as}s`;
				switch (as) {
					case 'flag':
						return {
							title: `Block ${all} flat and let ${them} dry`,
							how: `A panel curls: damp ${them}, pin ${one ? 'it out to its triangle' : 'each out to its triangle'} without stretching, and leave ${them} until dry.`
						};
					case 'cord':
						return {
							title: `Pull ${all} long, then let ${them} rest`,
							how: `A sharp pull lengthways closes the yarn that runs across the back and evens the stitches out.`
						};
					default:
						return {
							title: `Stretch ${all} lengthways, then let ${them} rest`,
							how: `Pull ${one ? 'it' : 'each'} long once or twice so that the stitches even out, and leave ${them} lying before you measure${one ? '' : ', what belongs together side by side'}.`
						};
				}
			},
			drawing: ({ as }) => ({ skill: as === 'flag' ? 'block' : 'stretch', drawing: { loops: 12 } })
		}
	},
	steps: ({ as }, { pieces }) => {
		const count = (list: readonly WorkedPiece[]) => list.reduce((t, p) => t + p.count, 0);
		if (as === 'flag' || as === 'cord')
			return pieces.length === 0 ? [] : [{ id: 'rest', do: 'rest', as, count: count(pieces) }];
		// What curls is pinned out, and not pulled long with the tubes and cords beside it.
		const flat = pieces.filter(curls);
		const long = pieces.filter((p) => !curls(p));
		return [
			...(long.length > 0 ? [{ id: 'rest', do: 'rest', as, count: count(long) } as const] : []),
			...(flat.length > 0
				? [{ id: 'rest-flags', do: 'rest', as: 'flag', count: count(flat) } as const]
				: [])
		];
	}
});
