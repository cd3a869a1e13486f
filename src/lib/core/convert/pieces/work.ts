import { SIDES, type Side } from '../../shaping/outline';
import type { Act, Shape } from '../pattern/acts';
import type { SaidAct, SaidPiece } from './said';
import { divide, halfEdge, isDone, lieOf, mirrorWalked, outerOf, where } from './lie';
import {
	actsUpTo,
	mark,
	onPins,
	rowOfPart,
	rowsTaken,
	rowsTo,
	shapeRows,
	sidesAt,
	takeOff,
	walked,
	type Guess,
	type PieceWalk,
	type Walked
} from './walk';

interface Context {
	/** Rows to the cm by the pattern's gauge; null where nobody knows. */
	readonly rowsPerCm: number | null;
	/** Pieces before it, by name. */
	readonly before: readonly PieceWalk[];
}

class Worker {
	readonly walk: PieceWalk;
	constructor(
		said: SaidPiece,
		readonly context: Context
	) {
		this.walk = {
			said,
			trunk: walked(0),
			divided: null,
			outer: outerOf(said),
			reversed: false,
			notes: []
		};
	}
	note(at: number, guess: Guess): void {
		this.walk.notes.push({ at, guess });
	}
	/** Parts that the text names begin where the work is. */
	parts(at: number): void {
		const w = where(this.walk);
		const outer = sidesAt('side', 0, this.lie);
		for (const p of this.walk.said.parts) {
			if (p.at > at || this.named.has(p.at)) continue;
			this.named.add(p.at);
			if (p.part === 'armhole') this.armhole(w, outer);
			else if (p.part === 'shoulder' || p.part === 'cap') mark(w, p.part, outer);
		}
	}
	private readonly named = new Set<number>();
	/** Worked as another piece is: by where its edges lie. */
	private as: PieceWalk['outer'] | null = null;
	private get lie() {
		return lieOf(this.walk, this.as ?? this.walk.outer);
	}
	armhole(w: Walked, outer: readonly Side[]): void {
		w.armhole ??= w.row;
		mark(w, /sleeve/i.test(this.walk.said.name) ? 'cap' : 'armhole', outer);
	}

	do({ act, at, meanwhile }: SaidAct): void {
		this.parts(at);
		const { walk } = this;
		const w = where(walk);
		if (isDone(walk) && act.do !== 'reverse') return;
		if (act.do !== 'count' && act.do !== 'total')
			w.lines.push({ row: meanwhile ? w.began : w.row, at });
		this.step(act, at, meanwhile);
	}
	/** One act from where the work is, or over the rows of the act before it. */
	private step(act: Act, at: number, meanwhile: boolean): void {
		const w = where(this.walk);
		const end = w.row;
		if (meanwhile) w.row = w.began;
		else w.began = w.row;
		this.one(act, at, w);
		if (meanwhile && where(this.walk) === w) w.row = Math.max(end, w.row);
	}

	private one(act: Act, at: number, w: Walked): void {
		const { walk } = this;
		switch (act.do) {
			case 'on':
			case 'band':
				w.castOn = act.n;
				return;
			case 'rows':
				return this.straight(act, at, w);
			case 'to':
				return this.length(act, at, w);
			case 'groups':
				return this.groups(act, at, w);
			case 'group':
				return this.group(act, at, w);
			case 'shape':
				return act.edge === 'evenly' ? this.evenly(act, at, w) : this.shape(act, at, w);
			case 'centre':
			case 'hold':
				return this.centre(act.n, at);
			case 'divide':
				if (walk.trunk.castOn % 2 !== 0) this.note(at, { code: 'half-odd', n: walk.trunk.castOn });
				return divide(walk, act.n, 0);
			case 'rejoin':
				return this.second();
			case 'reverse':
				walk.reversed = true;
				if (walk.divided) walk.divided.second = null;
				return;
			case 'same':
				return this.same(act, at);
			case 'edge':
				this.edges.push({ act, at });
				return;
			case 'total':
				if (act.reach) w.row = Math.max(w.row, act.n);
				return;
			default:
		}
	}
	private readonly edges: { readonly act: Extract<Act, { do: 'edge' }>; readonly at: number }[] =
		[];
	/** Edges in a plan's words count from the first row: they are taken when all rows are known. */
	finish(): void {
		const { trunk } = this.walk;
		this.parts(Infinity);
		for (const { act, at } of this.edges)
			for (const side of SIDES) {
				if (act.edge !== 'both' && act.edge !== side) continue;
				const row = Math.max(0, ...act.takes.map((t) => t.row));
				if (row > trunk.row) {
					this.note(at, { code: 'past-end', side, row, rows: trunk.row });
					continue;
				}
				for (const t of act.takes) takeOff(trunk, side, t.row, t.stitches);
			}
	}
	private straight(act: Extract<Act, { do: 'rows' }>, at: number, w: Walked): void {
		w.straight ||= act.n > 2;
		if (act.from === null) {
			w.row += act.n;
			return;
		}
		if (w.armhole === null) this.note(at, { code: 'no-armhole' });
		w.row = Math.max(w.row, (w.armhole ?? 0) + act.n);
	}
	private length(act: Extract<Act, { do: 'to' }>, at: number, w: Walked): void {
		const { rowsPerCm } = this.context;
		if (rowsPerCm === null) return this.note(at, { code: 'needs-rows' });
		if (act.from === 'armhole' && w.armhole === null) this.note(at, { code: 'no-armhole' });
		const rows = rowsTo(w, act, rowsPerCm);
		if (rows < 0) this.note(at, { code: 'already-longer', rows: -rows });
		w.row += Math.max(0, rows);
		w.straight = true;
	}
	private groups(act: Extract<Act, { do: 'groups' }>, at: number, w: Walked): void {
		const { divided } = this.walk;
		const one = divided ? halfEdge(w) : act.rows === 1 ? this.handEdge() : null;
		if (one) this.note(at, one.guess);
		else if (act.rows > 1) this.atUnderarm(act.n, w);
		for (let i = 0; i < act.rows; i++) {
			// All that is left is closed, and no row is knitted for it.
			if (this.on(w) <= act.n) return;
			const [start] = sidesAt('start', w.row, { outer: 'both', inner: null });
			takeOff(w, one?.side ?? start ?? 'right', w.row, act.n);
			w.row += 1;
		}
	}
	/** Of a front of one hand a group is at its side, unless the neck is what was named last. */
	private handEdge(): { readonly side: Side; readonly guess: Guess } | null {
		const { outer, inner } = this.lie;
		if (outer === 'both') return null;
		const neck = this.walk.said.parts.findLast((p) => this.named.has(p.at))?.part === 'neck';
		return neck
			? { side: inner, guess: { code: 'half-edge', edge: 'neck' } }
			: { side: outer, guess: { code: 'half-edge', edge: 'outer' } };
	}
	/** Stitches of what is worked now. */
	private on(w: Walked): number {
		const { divided } = this.walk;
		return divided ? divided.first + onPins(w) : onPins(w);
	}
	/** The first groups of a body are its underarm, and of a sleeve its cap. */
	private atUnderarm(n: number, w: Walked): void {
		const body = /back|front|sleeve/i.test(this.walk.said.name);
		if (body && n > 1 && w.armhole === null && w.row > 0)
			this.armhole(w, sidesAt('side', 0, this.lie));
	}
	private group(act: Extract<Act, { do: 'group' }>, at: number, w: Walked): void {
		const lie = this.lie;
		const edge = act.edge === 'same' ? w.edge : act.edge;
		if (edge === 'armhole') {
			this.armhole(w, sidesAt('side', 0, lie));
			if (lie.outer === 'both') this.note(at, { code: 'both-armholes' });
		} else if (edge === 'both') this.atUnderarm(act.n, w);
		// Another group at the same edge has to wait until the yarn is back there.
		if (w.grouped === w.row && w.edge === edge) w.row += 2;
		const sides = sidesAt(edge, w.row, lie);
		w.edge = edge;
		w.grouped = w.row;
		if (this.on(w) <= act.n * sides.length) return;
		for (const side of sides) takeOff(w, side, w.row, act.n);
	}
	private shape(act: Shape, at: number, w: Walked): void {
		const lie = this.lie;
		if (act.edge === 'armhole' && w.armhole === null) this.armhole(w, sidesAt('side', 0, lie));
		if (act.edge === 'armhole' && lie.outer === 'both') this.note(at, { code: 'both-armholes' });
		shapeRows(w, act, lie);
		w.row += rowsTaken(act);
	}
	/** In the middle of a row nothing is added or taken on a ring. */
	private evenly(act: Shape, at: number, w: Walked): void {
		const n = act.n * (act.times ?? 1) * (act.way === 'inc' ? 1 : -1);
		const plain = w.takes.left.length + w.takes.right.length === 0;
		if (plain) {
			w.castOn += n;
			this.note(at, { code: 'evenly', castOn: w.castOn });
			return;
		}
		this.note(at, { code: 'evenly-edges', n: Math.abs(n) });
		const half = Math.floor(Math.abs(n) / 2) * Math.sign(n);
		takeOff(w, 'left', w.row, -half);
		takeOff(w, 'right', w.row, -(n - half));
	}
	/** The middle of a neck: it divides the piece, or is what is left between its halves. */
	private centre(n: number, at: number): void {
		const { divided } = this.walk;
		if (!divided) {
			const on = onPins(this.walk.trunk);
			if ((on - n) % 2 !== 0) this.note(at, { code: 'half-odd', n: on - n });
			return divide(this.walk, null, n);
		}
		const is = divided.on - 2 * divided.first;
		if (is !== n && divided.second) this.note(at, { code: 'centre-differs', said: n, is });
	}
	private second(): void {
		const { divided } = this.walk;
		if (!divided || divided.second) return;
		const second = walked(0);
		second.row = divided.row;
		second.began = divided.row;
		second.armhole = divided.half.armhole;
		divided.second = second;
	}
	private same(act: Extract<Act, { do: 'same' }>, at: number): void {
		const wanted = act.piece.toLowerCase();
		const other = [...this.context.before]
			.reverse()
			.find((p) => p.said.name.toLowerCase().includes(wanted));
		if (!other) return this.note(at, { code: 'same-missing', piece: act.piece });
		const { trunk } = this.walk;
		if (where(this.walk).row > 0) return this.matching(other, act.to);
		if (trunk.castOn === 0) trunk.castOn = other.trunk.castOn;
		// Worked as the other lies, and mirrored where this one is the other hand's.
		this.as = other.outer;
		const rows = /^(\d+) rows$/.exec(act.to ?? '');
		const stop = rows ? Number(rows[1]) : Infinity;
		for (const a of actsUpTo(other, rows ? null : act.to)) {
			const w = where(this.walk);
			if (w.row >= stop) break;
			this.step(a.act, at, a.meanwhile);
			if (this.walk.divided === null) w.row = Math.min(w.row, stop);
		}
		if (rows) {
			trunk.row = Math.min(trunk.row, stop);
			for (const side of SIDES) trunk.takes[side] = trunk.takes[side].filter((t) => t.row < stop);
		}
		this.as = null;
		const { outer } = this.walk;
		if (other.outer !== outer && other.outer !== 'both' && outer !== 'both') mirrorWalked(trunk);
	}
	/** Straight until it is as long as another, up to a part of it. */
	private matching(other: PieceWalk, to: string | null): void {
		const w = where(this.walk);
		w.row = Math.max(w.row, rowOfPart(other, to));
		w.straight = true;
	}
}

/** A piece's acts worked one after another, in the pattern's own stitches and rows. */
export function work(said: SaidPiece, context: Context): PieceWalk {
	const worker = new Worker(said, context);
	for (const a of said.acts) worker.do(a);
	worker.finish();
	return worker.walk;
}
