/**
 * Yarn as a piece names it: an index into the piece's yarn list, so that a program is plain numbers.
 * WASTE stands for the waste yarn, which belongs to no colour of the project.
 */
export const WASTE = 255;

/** What a machine is told, in order. Rows are whole turns of the ring in tube mode. */
export type Op =
	/** Weave in front and behind over every pin, with the yarn named. The cast-on is not a row. */
	| { readonly op: 'cast-on'; readonly method: 'weave'; readonly yarn: number }
	/** Change yarn at the marker pin: the old one is cut, the new one goes into the feeder. */
	| { readonly op: 'join'; readonly yarn: number }
	/** Whole rows with the yarn in the feeder. */
	| { readonly op: 'rows'; readonly count: number }
	/** Cut the yarn, leaving a tail. */
	| { readonly op: 'cut' }
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
export interface TubeWish {
	readonly sections: readonly { yarn: number; rows: number }[];
	readonly wasteStart: number;
	readonly wasteEnd: number;
}

/** The program of a plain tube. Sections of 0 rows are left out; neighbours of one yarn become one. */
export function tubeProgram(wish: TubeWish): Program {
	const sections: { yarn: number; rows: number }[] = [];
	for (const s of wish.sections) {
		const last = sections.at(-1);
		if (s.rows <= 0) continue;
		if (last?.yarn === s.yarn) last.rows += s.rows;
		else sections.push({ ...s });
	}
	const first = sections[0];
	if (!first) return [];
	const ops: Op[] = [
		{ op: 'cast-on', method: 'weave', yarn: wish.wasteStart > 0 ? WASTE : first.yarn }
	];
	if (wish.wasteStart > 0) ops.push({ op: 'rows', count: wish.wasteStart });
	for (const [i, s] of sections.entries()) {
		if (i > 0 || wish.wasteStart > 0) ops.push({ op: 'join', yarn: s.yarn });
		ops.push({ op: 'rows', count: s.rows });
	}
	if (wish.wasteEnd > 0)
		ops.push({ op: 'join', yarn: WASTE }, { op: 'rows', count: wish.wasteEnd });
	ops.push({ op: 'cut' }, { op: 'take-off', method: wish.wasteEnd > 0 ? 'crank' : 'needle' });
	return ops;
}

/** Rows in the whole program, waste included. */
export const programRows = (program: Program): number =>
	program.reduce((t, o) => t + (o.op === 'rows' ? o.count : 0), 0);
