import { stepIn } from '../assembly/assembly';
import { endsOf, joinsOf } from './ends';
import { technique, tool, type Table } from './technique';

declare module './technique' {
	interface WorkKinds {
		'join-tails': { readonly how: 'tie' | 'weave'; readonly joins: number };
		/** Knots lie between two layers, or on the wrong side. */
		'weave-in': { readonly ends: number; readonly lined: boolean };
	}
}

/** Stitches beside the joins evened out, and the tails there tied or woven in. */
export const joinTails = technique<'join-tails'>({
	id: 'join-tails',
	works: {
		'join-tails': {
			words: ({ how, joins }) => {
				const at = joins === 1 ? 'the join' : `each of the ${joins} joins`;
				return how === 'tie'
					? {
							title: 'Check the knots at the joins',
							how: `Tighten the stitches beside ${at} to match, then see that the two tails are tied snug, not tight.`
						}
					: {
							title: 'Even out the joins',
							how: `Tighten the stitches beside ${at} to match and weave each tail in on its own colour.`
						};
			},
			drawing: ({ how }) => ({
				skill: how === 'tie' ? 'knot' : 'weave-in',
				drawing: { loops: 12 }
			})
		}
	},
	steps: (_, { pieces, joinTails: how }) => {
		const joins = joinsOf(pieces);
		return joins > 0 ? [{ id: 'join-tails', do: 'join-tails', how, joins }] : [];
	},
	minutes: (_, { pieces }) => {
		const joins = joinsOf(pieces);
		return joins > 0 ? { what: 'joins seen to', times: joins, minutes: 0.5 } : null;
	},
	tools: (_, { pieces }) => (joinsOf(pieces) > 0 ? [tool('needle')] : []),
	does: (_, hands, { joinTails: how }) => {
		for (const l of hands.pieces) {
			if (l.joins === null) continue;
			// Reached from inside, or on the wrong side of a panel.
			hands.reach(l.piece.id);
			l.joins = how === 'tie' ? 'tied' : 'in';
		}
	}
});

/** Where pieces begin and end, and of strands worked in by hand; those at joins are seen to already, tied or woven. */
const endsLeft = ({ pieces, handEnds }: Table): number => endsOf(pieces).others + handEnds;

/** Every end of yarn that nothing else has used. */
export const weaveIn = technique<'weave-in'>({
	id: 'weave-in',
	tails: { 'weave-in': null },
	works: {
		'weave-in': {
			words: ({ ends, lined }, s) => ({
				title: `Weave in ${ends} ends`,
				how: `${s.length(2.5)} to ${s.length(4)} on their own colour${lined ? ', knots inside the lining' : ', knots on the wrong side'}.`
			}),
			drawing: () => ({ skill: 'weave-in', drawing: { loops: 12 } })
		}
	},
	steps: (_, table) => {
		const ends = endsLeft(table);
		const lined = stepIn(table.assembly, 'tuck') !== undefined;
		return ends > 0 ? [{ id: 'weave-in', do: 'weave-in', ends, lined }] : [];
	},
	minutes: (_, table) => {
		const ends = endsLeft(table);
		return ends > 0 ? { what: 'ends woven in', times: ends, minutes: 0.75 } : null;
	},
	tools: (_, table) => (endsLeft(table) > 0 ? [tool('needle'), tool('scissors')] : []),
	does: (_, hands) => hands.weave()
});
