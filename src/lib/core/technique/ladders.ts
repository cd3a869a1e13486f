import { stepIn } from '../assembly/assembly';
import { pinNumber } from '../model/pin-number';
import type { WorkedPiece } from '../crank/piece';
import { exact, quotient, type Estimate } from '../quantity/estimate';
import { rowsWord, type Say } from '../quantity/say';
import { entryAt } from '../quantity/sure';
import { firstYarn, LATCH_SECONDS } from './hand';
import { onPieces, pieceOf, SHARP, technique, tool } from './technique';

/** A rung that runs down by itself, and one that has to be freed from fuzz, s (from memory). */
const RUN_SECONDS = 0.5;
const FUZZY_SECONDS = 3;
/** The last rung of either edge of both openings is secured with a strand of so much, cm (from memory). */
const SECURED = 4;
const SPARE_CM = 30;

declare module './technique' {
	interface WorkKinds {
		'latch-card': { readonly piece: string; readonly gaps: number; readonly columns: number };
		'drop-ladders': {
			readonly pins: readonly number[];
			readonly rows: number;
			readonly fuzzy: boolean;
			readonly copies: number;
		};
		'clip-stations': { readonly top: Side; readonly under: Side };
		'latch-ladders': {
			readonly between: readonly [number, number];
			readonly top: Side;
			readonly under: Side;
		};
		'latch-open': { readonly top: Side; readonly under: Side };
	}
}

/** Floats of extensions latched up to columns. */
export const latchCard = technique<'latch-card'>({
	id: 'latch-card',
	works: {
		'latch-card': {
			words: ({ piece, gaps, columns }) => ({
				title: `Latch up ${gaps} ${gaps === 1 ? 'gap' : 'gaps'} on ${piece}, ${columns} columns each`,
				how: 'Each section between two gaps comes off on its own strand; do not stretch it. Tighten the edge stitch, then latch from the bottom upwards, a rung to each row, close to the neighbouring column.'
			}),
			drawing: () => ({ skill: 'latch-card', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, gaps, columns }, table) => {
		const p = pieceOf(table, piece);
		return p
			? [{ id: `latch-card-${p.id}`, do: 'latch-card', piece: p.name, gaps, columns, ...SHARP }]
			: [];
	},
	minutes: ({ piece, gaps, columns }, table) => {
		const p = pieceOf(table, piece);
		return p
			? {
					what: 'columns latched up',
					times: p.count * gaps * columns,
					minutes: (p.mainRows * LATCH_SECONDS) / 60
				}
			: null;
	},
	tools: () => [tool('latch-hook')],
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (l) l.floats = false;
	}
});

/** Columns of a tube that fall on purpose, from its last row to its first. */
export const dropLadders = technique<'drop-ladders'>({
	id: 'drop-ladders',
	works: {
		'drop-ladders': {
			words: ({ pins, rows, fuzzy, copies }) => ({
				title: `Drop the stitches of pins ${pins.join(' and ')} into ladders${onPieces(copies)}`,
				how: `Let the loops that were left out run down, ${rowsWord(rows)} from the last row to the cast-on and no further, a rung to each row.${fuzzy ? ' In a fuzzy yarn this is slow: work a few rungs free at a time, and never pull hard.' : ' Pull the tube sideways and they run by themselves.'}`
			}),
			drawing: () => ({ skill: 'latch', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, pins, fuzzy }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const { mainRows: rows, count: copies } = p;
		const numbers = pins.map((pin) => pinNumber(p.machine, pin - 1));
		return [{ id: 'drop-ladders', do: 'drop-ladders', pins: numbers, rows, fuzzy, copies }];
	},
	minutes: ({ piece, pins, fuzzy }, table) => {
		const p = pieceOf(table, piece);
		return p
			? {
					what: 'ladders run down',
					times: p.count * pins.length,
					minutes: (p.mainRows * (fuzzy ? FUZZY_SECONDS : RUN_SECONDS)) / 60
				}
			: null;
	},
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		// They run from the last row, which is closed round them, to the first, which is still open.
		if (hands.isLive(l, 'cast-off')) hands.fault('row-live', piece, 'cast-off');
		if (!['waste', 'woven', 'needle'].includes(l.rows['cast-on']))
			hands.fault('row-not-live', piece, 'cast-on');
		l.ladders = true;
	}
});

/** Along one side of both tubes: rows joined at either end, and rows open between. */
interface Side {
	readonly joined: number;
	readonly joinedCm: Estimate;
	readonly open: number;
	readonly openCm: Estimate;
}
/** Where clips go along one side, so that the opening lies between them. */
function stations(along: string, opening: string, side: Side, s: Say): string {
	if (side.joined === 0) return `The ${along} stay open from end to end.`;
	if (side.open === 0) return `The ${along} are joined from end to end.`;
	const [joined, open] = [s.spread(side.joinedCm, 'length'), s.spread(side.openCm, 'length')];
	return `Along the ${along} a clip ${joined} from either end, after ${rowsWord(side.joined)}: the ${opening}, ${open}, lies between.`;
}
/** The stretches of a tube's side by the names of its parts. */
function sideOf(p: WorkedPiece, joined: string, open: string): Side {
	const rowsOf = (part: string) => p.edges.find((e) => e.part === part)?.rows ?? 0;
	const up = entryAt(p.gauges, firstYarn(p)).rowsPerCm;
	const [along, between] = [rowsOf(joined), rowsOf(open)];
	return {
		joined: along,
		joinedCm: quotient(exact(along), up),
		open: between,
		openCm: quotient(exact(between), up)
	};
}

/** Like tubes joined along both sides by the ladders dropped in them, with an opening in the middle of either. */
export const latchLadders = technique<'latch-ladders'>({
	id: 'latch-ladders',
	works: {
		'clip-stations': {
			words: ({ top, under }, s) => ({
				title: 'Clip both tubes together where the openings begin',
				how: `Lay them side by side, ladder to ladder. ${stations('tops', 'neck', top, s)} ${stations('undersides', 'body opening', under, s)} One more at each wrist.`
			}),
			drawing: () => ({ skill: 'measure', drawing: { loops: 12 } })
		},
		'latch-ladders': {
			words: ({ between, top, under }) => ({
				title: `Join both tubes by their ladders, ${between[0]} and ${between[1]} stitches between`,
				how: `From each wrist to the clip, ${top.joined} rungs of either tube over a sleeve and ${under.joined} under it: with a latch hook two rungs from one side, then two from the other, in turn.`
			}),
			drawing: () => ({ skill: 'latch', drawing: { loops: 12 } })
		},
		'latch-open': {
			words: ({ top, under }) => ({
				title: 'Latch the neck and the body opening, each edge alone',
				how: `${top.open} rungs on either side of the neck, ${under.open} on either side of the body opening: rung through rung in two passes, from each clip to the middle. Secure the last rung with a strand of spare yarn.`
			}),
			drawing: () => ({ skill: 'latch', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, between }, table) => {
		const p = pieceOf(table, piece);
		if (!p) return [];
		const top = sideOf(p, 'sleeve', 'neck');
		const under = sideOf(p, 'underside', 'body');
		return [
			{ id: 'clip-stations', do: 'clip-stations', top, under },
			{ id: 'latch-ladders', do: 'latch-ladders', between, top, under, ...SHARP },
			{ id: 'latch-open', do: 'latch-open', top, under }
		];
	},
	yarn: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		return p ? [{ yarn: firstYarn(p), metres: (SECURED * SPARE_CM) / 100 }] : [];
	},
	// Both ladders of both tubes, a rung to each row.
	minutes: ({ piece }, table) => {
		const p = pieceOf(table, piece);
		return p
			? {
					what: 'ladders latched',
					times: 2 * p.count,
					minutes: (p.mainRows * LATCH_SECONDS) / 60
				}
			: null;
	},
	tools: () => [tool('latch-hook'), tool('clips')],
	strands: () => SECURED,
	does: ({ piece }, hands) => {
		const l = hands.piece(piece);
		if (!l) return;
		if (!l.ladders) hands.fault('ladders-not-there', piece);
		hands.atRest(piece);
		l.ladders = false;
	}
});

/** Whether tubes are joined by ladders: their seams are latched and not sewn. */
export const byLadders = (assembly: Parameters<typeof stepIn>[0]): boolean =>
	stepIn(assembly, 'latch-ladders') !== undefined;
