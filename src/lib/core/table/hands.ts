import { EDGES, type Edge, type EdgeRef, type StepKind } from '../assembly/assembly';
import type { WorkedPiece } from '../crank/piece';
import type { Tail } from '../crank/tails';

/**
 * How a row at an end of a piece is held. On waste or a needle it is live, and runs if it is let go; cast on with the main yarn
 * woven in it does not run, and can still be closed loop by loop; a finished one is done.
 */
export type Row =
	'waste' | 'needle' | 'woven' | 'finished' | 'drawn-up' | 'bound' | 'closed' | 'joined' | 'hung';
const LIVE: readonly Row[] = ['waste', 'needle'];

/** An end of yarn: hanging, worked with and hanging still, tied, or woven in. */
export type End = 'hanging' | 'used' | 'tied' | 'in';

/** What cannot be done at the table, or is left undone when all is done. */
export type TableFaultCode =
	| 'no-such-piece'
	| 'row-not-live'
	| 'row-live'
	| 'row-left-live'
	| 'tail-gone'
	| 'tail-short'
	| 'end-left'
	| 'held-not-there'
	| 'held-left'
	| 'floats-left'
	| 'ladders-left'
	| 'ladders-not-there'
	| 'strand-left'
	| 'no-way-in'
	| 'not-blocked'
	| 'blocked-late'
	| 'sewn-twice'
	| 'no-such-edge'
	| 'joins-hidden'
	| 'nothing-wound'
	| 'not-stuffed'
	| 'measured-late';

export interface TableFault {
	readonly code: TableFaultCode;
	/** The step of the assembly, by its place; null for what is left when all is done. */
	readonly step: number | null;
	readonly do: StepKind | null;
	readonly piece: string | null;
	/** The row, part or end it is about. */
	readonly at: string | null;
}

/** One piece as it lies on the table; like copies lie alike. */
export interface Lying {
	readonly piece: WorkedPiece;
	readonly rows: Record<Edge, Row>;
	/** Its own tails. */
	readonly tails: Record<Edge, End>;
	/** Those at its joins; null where it has none. */
	joins: End | null;
	/** Where it was broken beside a held group, and threaded anew; null where it was not. */
	broken: End | null;
	/** Groups held on a thread while it was shaped. */
	held: boolean;
	/** Floats of extensions, and columns dropped on purpose, still to be latched. */
	floats: boolean;
	ladders: boolean;
	/** A spare strand laid across for a slit. */
	strand: boolean;
	blocked: boolean;
	/** One end inside the other: the wrong sides face one another. */
	tucked: boolean;
	stuffed: boolean;
	/** Sewn into or on to something. */
	sewn: boolean;
	/** As it came to lie, before it was folded into another form. */
	measured: boolean;
}

const has = (p: WorkedPiece, op: string): boolean => p.program.some((o) => o.op === op);
/** Held and never taken back on the ring. */
const holds = (p: WorkedPiece): boolean =>
	p.program.reduce(
		(t, o) => t + (o.op === 'hold' ? o.count : o.op === 'take-back' ? -o.count : 0),
		0
	) > 0;

function lying(piece: WorkedPiece): Lying {
	const castOn = piece.program.find((o) => o.op === 'cast-on')?.method;
	return {
		piece,
		rows: {
			'cast-on':
				piece.waste['cast-on'] || castOn === 'rag'
					? 'waste'
					: castOn === 'weave'
						? 'woven'
						: 'finished',
			'cast-off':
				piece.stitches.last === 0 ? 'finished' : piece.waste['cast-off'] ? 'waste' : 'needle'
		},
		tails: { 'cast-on': 'hanging', 'cast-off': 'hanging' },
		joins: piece.tails.some((t) => t.id === 'join') ? 'hanging' : null,
		broken: piece.tails.some((t) => t.id === 'held') ? 'hanging' : null,
		held: holds(piece),
		floats: has(piece, 'extend') && !has(piece, 'latch-extension'),
		ladders: has(piece, 'drop') && !has(piece, 'latch'),
		strand: has(piece, 'spare-strand'),
		blocked: false,
		tucked: false,
		stuffed: false,
		sewn: false,
		measured: false
	};
}

/** Stretches of its border by a name, on one side where that is said. */
const stretches = (l: Lying, { part, side }: EdgeRef) =>
	l.piece.edges.filter((e) => e.part === part && (side === undefined || e.side === side));

/**
 * The table with everything on it, and the hands that work there: each technique says by these what it needs and what it
 * leaves. What cannot be done is a fault, and the work goes on as if it had been.
 */
export class Hands {
	readonly faults: TableFault[] = [];
	readonly #lying: ReadonlyMap<string, Lying>;
	readonly #sewn = new Map<string, number>();
	/** Ends of yarn worked in by hand. */
	loose = 0;
	/** Pom-poms wound and not yet tied and cut. */
	wound = 0;
	/** Ends that were woven in, over all copies, each strand one. */
	woven = 0;
	#step: number | null = null;
	#do: StepKind | null = null;

	constructor(pieces: readonly WorkedPiece[]) {
		this.#lying = new Map(pieces.map((p) => [p.id, lying(p)]));
	}

	/** From now on faults are of this step. */
	begin(step: number, what: StepKind): void {
		this.#step = step;
		this.#do = what;
	}

	fault(code: TableFaultCode, piece: string | null = null, at: string | null = null): void {
		this.faults.push({ code, step: this.#step, do: this.#do, piece, at });
	}

	get pieces(): Lying[] {
		return [...this.#lying.values()];
	}

	piece(id: string): Lying | null {
		const found = this.#lying.get(id) ?? null;
		if (!found) this.fault('no-such-piece', id);
		return found;
	}

	isLive(l: Lying, edge: Edge): boolean {
		return LIVE.includes(l.rows[edge]);
	}

	/** Works every loop of a row, which has to be live; a finished cast-on too where a thread can go through it. */
	close(id: string, edge: Edge, leaves: Row, { through = false } = {}): void {
		const l = this.piece(id);
		if (!l) return;
		const can =
			this.isLive(l, edge) ||
			l.rows[edge] === 'woven' ||
			(through && edge === 'cast-on' && l.rows[edge] === 'finished');
		if (!can) this.fault('row-not-live', id, edge);
		l.rows[edge] = leaves;
	}

	/** Works with the tail at an end, which still hangs there and is as long as that takes, cm. */
	useTail(id: string, edge: Edge, needCm: number): void {
		const l = this.piece(id);
		if (!l) return;
		const long = l.piece.tails.find((t) => t.id === edge)?.lengthCm ?? 0;
		if (long < needCm - 1e-6) this.fault('tail-short', id, edge);
		if (l.tails[edge] !== 'hanging') this.fault('tail-gone', id, edge);
		l.tails[edge] = 'used';
	}

	/** The inside of a tube is reached through an end that is not closed. */
	reach(id: string): void {
		const l = this.piece(id);
		if (!l || !this.isRound(l)) return;
		const open = EDGES.some((e) => !['closed', 'drawn-up', 'joined'].includes(l.rows[e]));
		if (!open || l.tucked) this.fault('no-way-in', id);
	}

	isRound(l: Lying): boolean {
		return l.piece.rowByRow.stretches.every((s) => s.mode === 'tube');
	}

	/** Nothing of it runs: both its rows are held by something else than waste or a needle. */
	atRest(id: string): void {
		const l = this.piece(id);
		if (!l) return;
		for (const edge of EDGES) if (this.isLive(l, edge)) this.fault('row-live', id, edge);
	}

	/** Weaves in every end that hangs: tails worked with, tails left for it, and those of strands of their own. */
	weave(): void {
		for (const l of this.pieces) {
			const strands = (id: Tail['id']) =>
				l.piece.tails.reduce((t, x) => t + (x.id === id ? x.strands : 0), 0);
			for (const edge of EDGES) {
				if (l.tails[edge] === 'in') continue;
				l.tails[edge] = 'in';
				this.woven += l.piece.count * strands(edge);
			}
			if (l.broken === null || l.broken === 'in') continue;
			l.broken = 'in';
			this.woven += l.piece.count * (strands('held') + strands('again'));
		}
		this.woven += this.loose;
		this.loose = 0;
	}

	/** A stretch of border that is worked into: there is one, and its loops do not run. */
	still(ref: EdgeRef): void {
		const l = this.piece(ref.piece);
		if (!l) return;
		const [edge] = stretches(l, ref);
		if (!edge) return this.fault('no-such-edge', ref.piece, ref.part);
		const row = edge.side === 'bottom' ? 'cast-on' : edge.side === 'top' ? 'cast-off' : null;
		if (row && this.isLive(l, row)) this.fault('row-live', ref.piece, row);
		if (l.held) this.fault('held-left', ref.piece, ref.part);
	}

	/** A stretch of border that is sewn, so many times over all copies: it lies flat, and is still free. */
	sew(ref: EdgeRef, times: number, { blocks }: { readonly blocks: boolean }): void {
		this.still(ref);
		const l = this.#lying.get(ref.piece);
		if (!l) return;
		if (blocks && !this.isRound(l) && !l.blocked) this.fault('not-blocked', ref.piece, ref.part);
		l.sewn = true;
		// Where both sides have the part and none is named, either is taken, the freer first.
		const keys = [...new Set(stretches(l, ref).map((e) => `${ref.piece} ${e.part} ${e.side}`))];
		const used = (key: string) => this.#sewn.get(key) ?? 0;
		for (let i = 0; i < times && keys.length > 0; i++) {
			const key = keys.reduce((a, b) => (used(b) < used(a) ? b : a));
			this.#sewn.set(key, used(key) + 1);
			if (used(key) > l.piece.count) return this.fault('sewn-twice', ref.piece, ref.part);
		}
	}

	/** Everything is done: what is left that would run, hang or gape. */
	end(): void {
		this.#step = null;
		this.#do = null;
		for (const l of this.pieces) {
			const { id } = l.piece;
			for (const edge of EDGES) {
				if (this.isLive(l, edge)) this.fault('row-left-live', id, edge);
				if (l.tails[edge] !== 'in') this.fault('end-left', id, edge);
			}
			if (l.broken !== null && l.broken !== 'in') this.fault('end-left', id, 'held');
			if (l.joins === 'hanging') this.fault('end-left', id, 'join');
			if (l.held) this.fault('held-left', id);
			if (l.floats) this.fault('floats-left', id);
			if (l.ladders) this.fault('ladders-left', id);
			if (l.strand) this.fault('strand-left', id);
		}
		if (this.loose > 0) this.fault('end-left', null, 'worked in by hand');
		if (this.wound > 0) this.fault('end-left', null, 'wound');
	}
}
