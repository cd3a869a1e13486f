import type { EdgeRule, WasteWith } from '../model/kinds';

/**
 * Yarn as a piece names it: an index into the piece's yarn list, so that a program is plain numbers.
 * WASTE stands for the waste yarn, which belongs to no colour of the project.
 */
export const WASTE = 255;
/** A strong strand of another colour, one row of it next to the main yarn: pulled out, it lets the waste fall off. */
export const RAVEL = 254;
/** Fewer stitches are decreased, not taken off as a group; held, the yarn passes them. */
export const LEAST_GROUP = 3;
/** Yarn that comes off again. */
export const isSpare = (yarn: number): boolean => yarn >= RAVEL;

/** The two edges of a panel by pin: `low` is the edge at its lowest pin. Which hand that is, is said by the screen. */
export type Edge = 'low' | 'high';

/**
 * What a machine is told, in order; each with a small example in `docs/program.md`. Pins count from 0. What is done between
 * rows is done on what hangs there then.
 */
export type Op =
	/**
	 * Yarn, or a rag with loops, over the pins from `from` (included) to `to` (not included), all of them where not said. The
	 * cast-on is not a row.
	 */
	| {
			readonly op: 'cast-on';
			readonly method: 'weave' | 'e-wrap' | 'rag';
			readonly yarn: number;
			readonly from?: number;
			readonly to?: number;
			/** A pin beside a few in work, round which the tail is held until the first rows hold by themselves. */
			readonly holder?: number;
	  }
	/**
	 * How rows are knitted from here on: round and round, or there and back, by the switch or by hand in tube mode. At each turn
	 * of a panel the yarn is slipped under the bar outside the edge pin, or lifted off it and drawn snug; both guard the edge.
	 */
	| { readonly op: 'work'; readonly as: 'tube' }
	| {
			readonly op: 'work';
			readonly as: 'panel';
			readonly by: 'switch' | 'hand';
			readonly edge?: EdgeRule | 'unguarded';
	  }
	/** Change yarn at the start of a row: the old one is cut, the new one goes into the feeder. */
	| { readonly op: 'join'; readonly yarn: number }
	/** Whole rows with the yarn in the feeder. */
	| { readonly op: 'rows'; readonly count: number }
	/** The loops made in `row` (from 0) hung on their pins beside those that hang there, and a row knitted through both. */
	| { readonly op: 'hang-hem'; readonly row: number }
	/**
	 * Fashioned: the stitches next to the edge stitches go down on the pins of those nearest the panel, which go back on top;
	 * the edge stitches move up beside them. `single` leaves one pin empty, `double` two.
	 */
	| {
			readonly op: 'decrease';
			readonly edge: Edge;
			readonly way: 'single' | 'double';
			readonly edgeStitches: 1 | 2;
	  }
	/** The stitch at `pin` onto its neighbour away from `edge`, and all `lifted` stitches beyond it one pin inward. */
	| {
			readonly op: 'decrease-inside';
			readonly pin: number;
			readonly edge: Edge;
			readonly lifted: number;
	  }
	/** The edge stitch onto its neighbour. */
	| { readonly op: 'move-in'; readonly edge: Edge }
	/** A group of edge stitches onto waste yarn, at the start of a row; and back onto their pins. */
	| { readonly op: 'hold'; readonly edge: Edge; readonly count: number }
	| { readonly op: 'take-back'; readonly edge: Edge; readonly count: number }
	/** Edge stitches chained off, at the start of a row. */
	| { readonly op: 'cast-off'; readonly edge: Edge; readonly count: number }
	/** A stitch falls, by intent or not, and its column runs down to the cast-on; latched up it is whole again. */
	| { readonly op: 'drop'; readonly pin: number }
	| { readonly op: 'latch'; readonly pin: number }
	/**
	 * The loops of these pins knitted once by hand with a short spare strand and put back: drawn out afterwards, it leaves a
	 * slit with free loops above and below. It makes no loops that stay.
	 */
	| { readonly op: 'spare-strand'; readonly from: number; readonly to: number }
	/** In the next row a loop is not knitted off, or the yarn is split. */
	| { readonly op: 'tuck'; readonly pin: number }
	| { readonly op: 'split'; readonly pin: number }
	/** The last mishap at a pin is mended. */
	| { readonly op: 'repair'; readonly pin: number }
	/** From the next row on a float round a card after `pin`, long enough for `columns`; latched up, columns; ended. */
	| { readonly op: 'extend'; readonly pin: number; readonly columns: number }
	| { readonly op: 'latch-extension'; readonly pin: number }
	/** Cut the yarn, leaving a tail. */
	| { readonly op: 'cut' }
	/** Once round with the yarn cut: the loops rise on their pins, ready to be taken. */
	| { readonly op: 'empty-round' }
	/** Every loop onto a needle with the tail, or cranked off on waste rows. */
	| { readonly op: 'take-off'; readonly method: 'needle' | 'crank' };
export type Program = readonly Op[];

/** A part of the fabric with one yarn: rows `from` (included) to `to` (not included), counted from 0. */
export interface Section {
	readonly from: number;
	readonly to: number;
	readonly yarn: number;
}

/** What a tube is to be: sections of whole rows, waste at either end, and how it leaves the machine. */
export interface TubeAsked {
	readonly sections: readonly { yarn: number; rows: number }[];
	readonly wasteStart: number;
	/** Plain waste rows where not said. */
	readonly wasteWith?: WasteWith;
	readonly wasteEnd: number;
	/** Rows of a hem hung on the pins: the row after them is knitted through both. 0 for none. */
	readonly hemRows?: number;
	/** A spare strand over pins `from` to `to` before main row `atRow`: a slit, for a thumb. */
	readonly strand?: { readonly atRow: number; readonly from: number; readonly to: number };
	/** Pins `from` (included) to `to` (not included), worked there and back by hand: a cord. All, round and round, where not said. */
	readonly pins?: { readonly from: number; readonly to: number };
}

/** What is knitted before the main yarn: waste rows, of which the last may be a contrast row. */
export function wasteBefore(options: Pick<TubeAsked, 'wasteStart' | 'wasteWith'>): Op[] {
	const { wasteStart: rows, wasteWith } = options;
	if (rows === 0) return [];
	if (wasteWith !== 'ravel') return [{ op: 'rows', count: rows }];
	const plain: Op[] = rows > 1 ? [{ op: 'rows', count: rows - 1 }] : [];
	return [...plain, { op: 'join', yarn: RAVEL }, { op: 'rows', count: 1 }];
}

/** Main rows `from` to `to` of one yarn, with what the hands do before some of them. */
function rowsWithWork(
	{ hemRows = 0, strand, wasteStart }: TubeAsked,
	from: number,
	to: number
): Op[] {
	const ops: Op[] = [];
	let at = from;
	const knitTo = (row: number) => {
		if (row > at) ops.push({ op: 'rows', count: row - at });
		at = Math.max(at, row);
	};
	const within = (row: number | undefined): row is number =>
		row !== undefined && row > 0 && row >= from && row < to;
	if (within(hemRows)) {
		knitTo(hemRows);
		// The round that hangs it is a row.
		ops.push({ op: 'hang-hem', row: wasteStart });
		at += 1;
	}
	if (within(strand?.atRow)) {
		knitTo(strand.atRow);
		ops.push({ op: 'spare-strand', from: strand.from, to: strand.to });
	}
	knitTo(to);
	return ops;
}

/** The program of a plain tube. Sections of 0 rows are left out; neighbours of one yarn become one. */
export function tubeProgram(options: TubeAsked): Program {
	const sections: { yarn: number; rows: number }[] = [];
	for (const s of options.sections) {
		const last = sections.at(-1);
		if (s.rows <= 0) continue;
		if (last?.yarn === s.yarn) last.rows += s.rows;
		else sections.push({ ...s });
	}
	const first = sections[0];
	if (!first) return [];
	const ops: Op[] =
		options.pins === undefined
			? [
					{
						op: 'cast-on',
						method: options.wasteStart > 0 && options.wasteWith === 'rag' ? 'rag' : 'weave',
						yarn: options.wasteStart > 0 ? WASTE : first.yarn
					},
					...wasteBefore(options)
				]
			: [
					{
						op: 'cast-on',
						method: 'weave',
						yarn: first.yarn,
						...options.pins,
						holder: options.pins.to
					},
					{ op: 'work', as: 'panel', by: 'hand' }
				];
	let row = 0;
	for (const [i, s] of sections.entries()) {
		if (i > 0 || options.wasteStart > 0) ops.push({ op: 'join', yarn: s.yarn });
		ops.push(...rowsWithWork(options, row, row + s.rows));
		row += s.rows;
	}
	if (options.wasteEnd > 0)
		ops.push({ op: 'join', yarn: WASTE }, { op: 'rows', count: options.wasteEnd });
	ops.push({ op: 'cut' }, { op: 'take-off', method: options.wasteEnd > 0 ? 'crank' : 'needle' });
	return ops;
}

/** Rows in the whole program, waste included; the round that hangs a hem is one. */
export const programRows = (program: Program): number =>
	program.reduce((t, o) => t + (o.op === 'rows' ? o.count : o.op === 'hang-hem' ? 1 : 0), 0);
