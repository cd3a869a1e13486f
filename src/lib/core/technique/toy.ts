import { gaugeOf } from './hand';
import type { Eyes } from '../model/kinds';
import { jointOf, side } from '../assembly/joint';
import type { WorkedPiece } from '../crank/piece';
import {
	idOf,
	ofPiece,
	pieceOf,
	SHARP,
	technique,
	threadMetres,
	times,
	tool,
	type Laid,
	threaded
} from './technique';

declare module './technique' {
	interface WorkKinds {
		/** `nth` is the swelling from its first row, from 1; 0 where there is one. */
		stuff: {
			readonly name: string;
			readonly nth: number;
			readonly cm3: number;
			readonly grams: number;
			readonly copies: number;
		};
		'tie-off': {
			readonly name: string;
			readonly atRow: number;
			readonly loops: number;
			readonly copies: number;
		};
		attach: {
			readonly name: string;
			readonly host: string;
			readonly row: number;
			readonly openCm: number;
			readonly loops: number;
			readonly flat: boolean;
			readonly copies: number;
			readonly pair: boolean;
			readonly twice: boolean;
		};
		eyes: { readonly kind: Exclude<Eyes, 'none'>; readonly count: number };
	}
}

/** Once round a tube on all its pins, relaxed, cm. */
const roundCm = (p: WorkedPiece): number =>
	p.stitches.first / (gaugeOf(p)?.stitchesPerCm.mean ?? 1);
const firstYarn = (p: WorkedPiece): number => p.runs[0]?.yarn ?? 0;

export const stuff = technique<'stuff'>({
	id: 'stuff',
	works: {
		stuff: {
			words: ({ name, nth, grams, copies, cm3 }, s) => ({
				title: `Stuff ${ofPiece(name, 1)}${nth > 0 ? `, swelling ${nth} from its first row` : ''}, about ${s.of(grams, 'mass')}${times(copies)}`,
				how: `${cm3 > 0 ? `It holds ${s.of(cm3, 'volume')}. ` : ''}Small tufts, the far end first, pressed to the sides and not into a lump; stop before the stitches gape.`
			}),
			drawing: () => ({ skill: 'stuff', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, part, nth, cm3, grams }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [{ id: idOf(`stuff-${part}`), do: 'stuff', name: p.name, nth, cm3, grams, copies: p.count }]
			: [];
	},
	minutes: ({ piece }, table) => ({
		what: 'swellings stuffed',
		times: pieceOf(table, piece)?.count ?? 1,
		minutes: 1.5
	}),
	tools: () => [tool('stuffing')],
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		hands.reach(piece);
		l.stuffed = true;
	}
});

const isStuffed = ({ assembly }: Laid, piece: string): boolean =>
	assembly.some((s) => s.do === 'stuff' && s.piece === piece);

/** A thread drawn up round a tube: one swelling ends and the next begins. */
export const tieOff = technique<'tie-off'>({
	id: 'tie-off',
	works: {
		'tie-off': {
			words: ({ name, atRow, loops, copies }) => ({
				title: `Tie ${ofPiece(name, 1)} off at row ${atRow}${times(copies)}`,
				how: `A doubled thread in and out through every other of the ${loops} stitches of row ${atRow}, once round; draw it up over the stuffing, wind it round twice and knot.`
			}),
			drawing: ({ loops, atRow }) => ({ skill: 'tie-off', drawing: { loops, row: atRow } })
		}
	},
	steps: ({ piece, part, atRow }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [
					{
						id: idOf(`tie-off-${atRow}-${part}`),
						do: 'tie-off',
						name: p.name,
						atRow,
						loops: p.stitches.first,
						copies: p.count,
						...SHARP
					}
				]
			: [];
	},
	yarn: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		return p ? [{ yarn: firstYarn(p), metres: p.count * threadMetres(roundCm(p), 2) }] : [];
	},
	minutes: ({ piece }, table) => ({
		what: 'ties',
		times: pieceOf(table, piece)?.count ?? 1,
		minutes: 2
	}),
	tools: () => [tool('needle'), tool('scissors')],
	// Its ends are sunk into the stuffing, where there is some.
	strands: ({ piece }, laid) => (isStuffed(laid, piece) ? 0 : (pieceOf(laid, piece)?.count ?? 0)),
	does: ({ piece }, hands, table) => {
		const l = hands.piece(piece);
		if (l && !l.stuffed && isStuffed(table, piece)) hands.fault('not-stuffed', piece);
	}
});

/** For the smallest children what is sewn on is sewn round twice with doubled yarn. */
const ROUNDS = { once: 2, twice: 4 } as const;

export const attach = technique<'attach'>({
	id: 'attach',
	tails: { 'sew-on': 'it sews this piece on' },
	needs: { 'sew-on': threaded(3) },
	works: {
		attach: {
			words: ({ name, host, pair, copies, row, flat, loops, openCm, twice }, s) => ({
				title: `Sew ${pair ? `the left and the right ${name.toLowerCase()}` : ofPiece(name, 1)} to ${ofPiece(host, 1)} at row ${row}${copies > (pair ? 2 : 1) ? `, ${copies} in all` : ''}`,
				how: `${flat ? `Flat, its ${loops} loops along ${s.length(openCm)}` : `Round its open end, ${loops} loops on a ring ${s.length(openCm)} across`}, a loop and a stitch in turn${twice ? '; then round once more with doubled yarn, since nothing may come off' : ''}.${pair ? ' Left is the toy’s own left: pin both before sewing one.' : ''}`
			}),
			drawing: (w) => ({ skill: 'attach', drawing: w })
		}
	},
	steps: ({ piece, part, name, host, row, openCm, flat, count, pair, twice }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [
					{
						id: idOf(`attach-${part}`),
						do: 'attach',
						name,
						host,
						row,
						openCm,
						loops: p.stitches.first,
						flat,
						copies: count,
						pair,
						twice,
						...(twice ? { caution: 'under-three' as const } : SHARP)
					}
				]
			: [];
	},
	tail: ({ piece }, end) => (piece === end.piece && end.edge === 'cast-on' ? 'sew-on' : null),
	joints: ({ piece, part, name, to, host, openCm, hostCm, count }) => [
		// It may be smaller than what it stands on, never wider.
		jointOf({
			id: `attach-${part}`,
			kind: 'attach',
			times: count,
			by: 'length',
			a: side(name, { cm: openCm }),
			b: side(host, { cm: hostCm }),
			edges: [
				{ piece, part: 'cast-on' },
				{ piece: to, part: 'side' }
			],
			within: true
		})
	],
	yarn: ({ piece, twice, count }, table) => {
		const p = pieceOf(table, piece);
		const rounds = twice ? ROUNDS.twice : ROUNDS.once;
		return p ? [{ yarn: firstYarn(p), metres: count * threadMetres(roundCm(p), rounds) }] : [];
	},
	minutes: ({ count, twice }) => ({
		what: 'parts sewn on',
		times: count,
		minutes: twice ? 9 : 6
	}),
	tools: () => [tool('needle'), tool('clips')],
	strands: ({ twice, count }) => (twice ? count : 0),
	does: ({ piece, to }, hands, table) => {
		// Its loops are sewn on one by one, to what has its shape by now.
		hands.close(piece, 'cast-on', 'joined', { through: true });
		const host = hands.piece(to);
		if (host && !host.stuffed && isStuffed(table, to)) hands.fault('not-stuffed', to);
	}
});

/** Yarn for one stitched eye, m (from memory). */
const EYE_METRES = 0.4;

export const eyes = technique<'eyes'>({
	id: 'eyes',
	works: {
		eyes: {
			words: ({ kind, count }) => ({
				title: `${kind === 'stitched' ? 'Stitch' : 'Sew on'} ${count === 1 ? 'the eye' : `${count} eyes`}`,
				how:
					kind === 'stitched'
						? 'Dark yarn, a few straight stitches over one another each; begin and end inside, through the stuffing.'
						: `${kind === 'button' ? 'Buttons' : 'Beads'} with strong thread through to the far side and back four times; only for a child past three.`
			}),
			drawing: ({ kind, count }) => ({
				skill: kind === 'stitched' ? 'stitch-eyes' : 'sew-on',
				drawing: { loops: 12, things: count }
			})
		}
	},
	steps: ({ kind, count }) => [{ id: 'eyes', do: 'eyes', kind, count, caution: 'under-three' }],
	yarn: ({ kind, count }) => (kind === 'stitched' ? [{ yarn: 0, metres: count * EYE_METRES }] : []),
	minutes: ({ count }) => ({ what: 'eyes', times: count, minutes: 3 }),
	tools: ({ kind, count }) =>
		kind === 'stitched'
			? [tool('needle')]
			: [tool('sewing-needle'), tool(kind === 'button' ? 'buttons' : 'beads', count)]
});
