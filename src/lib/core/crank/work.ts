import { isSpare, type Op, type Program } from '../program/program';

/** What the crank and the hands at it do for one of a piece, counted from its program. */
export interface CrankWork {
	/** Rows that stay, and stitches in them; `turned` of those lie in a panel, where every row is slow. */
	readonly rows: number;
	readonly stitches: number;
	readonly turned: number;
	/** Rows of a panel, each turned at its end. */
	readonly turns: number;
	readonly wasteRows: number;
	readonly wasteStitches: number;
	/** Pins cast on. */
	readonly castOn: number;
	/** Changes of yarn. */
	readonly joins: number;
	/** Loops of a hem hung on their pins. */
	readonly hung: number;
	/** Decreases, each edge for itself. */
	readonly decreases: number;
	/** Loops put on a strand, taken back, chained off or knitted by hand. */
	readonly handled: number;
	/** Floats wrapped round a card. */
	readonly wraps: number;
	/** Loops taken onto a needle at the end. */
	readonly threaded: number;
}

type Count = { -readonly [K in keyof CrankWork]: number };
interface Walk {
	readonly count: Count;
	readonly pins: number;
	live: number;
	extended: number;
	spare: boolean;
	panel: boolean;
}

function knit(w: Walk, rows: number): void {
	const stitches = rows * w.live;
	if (w.spare) {
		w.count.wasteRows += rows;
		w.count.wasteStitches += stitches;
	} else {
		w.count.rows += rows;
		w.count.stitches += stitches;
		if (w.panel) {
			w.count.turned += stitches;
			w.count.turns += rows;
		}
	}
	w.count.wraps += rows * w.extended;
}

function narrow(w: Walk, by: number): void {
	w.live = Math.max(0, w.live - by);
	w.count.decreases += 1;
}

function handle(w: Walk, loops: number, change: number): void {
	w.live += change;
	w.count.handled += loops;
}

function step(w: Walk, o: Op): void {
	switch (o.op) {
		case 'cast-on':
			w.live = (o.to ?? w.pins) - (o.from ?? 0);
			w.spare = isSpare(o.yarn);
			w.count.castOn += w.live;
			break;
		case 'work':
			w.panel = o.as === 'panel';
			break;
		case 'join':
			w.spare = isSpare(o.yarn);
			w.count.joins += 1;
			break;
		case 'rows':
			knit(w, o.count);
			break;
		case 'hang-hem':
			w.count.hung += w.live;
			knit(w, 1);
			break;
		case 'decrease':
			narrow(w, o.way === 'double' ? 2 : 1);
			break;
		case 'decrease-inside':
		case 'move-in':
			narrow(w, 1);
			break;
		case 'hold':
			handle(w, o.count, -o.count);
			break;
		case 'take-back':
			handle(w, o.count, o.count);
			break;
		case 'cast-off':
			handle(w, o.count, -o.count);
			break;
		case 'spare-strand':
			handle(w, o.to - o.from, 0);
			break;
		case 'extend':
			w.extended += 1;
			break;
		case 'latch-extension':
			w.extended = Math.max(0, w.extended - 1);
			break;
		case 'take-off':
			if (o.method === 'needle') w.count.threaded += w.live;
			break;
		default:
	}
}

/** The work of a program on a ring of so many pins. */
export function crankWork(program: Program, pins: number): CrankWork {
	const count: Count = {
		rows: 0,
		stitches: 0,
		turned: 0,
		turns: 0,
		wasteRows: 0,
		wasteStitches: 0,
		castOn: 0,
		joins: 0,
		hung: 0,
		decreases: 0,
		handled: 0,
		wraps: 0,
		threaded: 0
	};
	const w: Walk = { count, pins, live: 0, extended: 0, spare: false, panel: false };
	for (const o of program) step(w, o);
	return count;
}
