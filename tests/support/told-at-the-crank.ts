import type { RunSheetEvent } from '../../src/lib/core/crank/events';
import type { HandWork } from '../../src/lib/core/crank/row-by-row';
import type { Tail } from '../../src/lib/core/crank/tails';
import type { Plan, PlannedPiece } from '../../src/lib/core/plan';
import { isSpare, RAVEL } from '../../src/lib/core/program/program';
import type { OffTheRing } from './off-the-ring';
import type { Token } from './tokens';

export const WASTE_NAME = 'waste yarn';
export const RAVEL_NAME = 'the contrast strand';
/** Common practice: waste at a join hangs loose until it is pulled. */
const PULL_CM = 15;
/** Common practice: past so many rows the rolled fabric is rolled up again; a ball's ends are tied a couple of rows on. */
const ROLL_AGAIN = 10;
const TIE_AFTER_BALL = 2;

/**
 * What each event at the crank should state, worked out from the fabric that came off the simulated machine and from nothing
 * that the sentences are made of: a sentence that states anything else, or less, is wrong.
 */
export class ToldAtTheCrank {
	constructor(
		readonly plan: Plan,
		readonly piece: PlannedPiece,
		readonly ring: OffTheRing
	) {}

	private yarn(yarn: number): Token {
		if (yarn === RAVEL) return `yarn ${RAVEL_NAME}`;
		return `yarn ${isSpare(yarn) ? WASTE_NAME : this.plan.yarns[yarn]!.colourName}`;
	}
	/** A yarn as ends are said: each strand is one. */
	private ends(yarn: number): Token[] {
		const strands = isSpare(yarn) ? 1 : this.plan.yarns[yarn]!.strands;
		return [...(strands > 1 ? [`strands ${strands}`] : []), this.yarn(yarn)];
	}
	private cm(tail: Pick<Tail, 'lengthCm'> | undefined): Token {
		return `cm ${tail ? 5 * Math.ceil(tail.lengthCm / 5 - 1e-6) : PULL_CM}`;
	}
	private tail(id: Tail['id'], atRow?: number, yarn?: number): Tail | undefined {
		return this.piece.tails.find(
			(t) =>
				t.id === id &&
				(atRow === undefined || t.atRow === atRow) &&
				(yarn === undefined || t.yarn === yarn)
		);
	}
	/** A panel's rows are knitted there and back: two rows never begin at one pin. */
	private isPanel(row: number): boolean {
		return this.piece.program.some((o) => o.op === 'work' && o.as === 'panel') && row >= 0;
	}
	private slot(yarn: number): Token[] {
		const { slot } = this.piece.feeds[yarn]!;
		return slot > 0 ? [`slot ${slot}/${this.piece.machine.slots}`] : [];
	}
	/** The number that a pin carries, counted round from that of the first. */
	private no(pin: number): number {
		const { firstPin, pins } = this.piece.machine;
		let number = firstPin;
		for (let at = 1; at < pin; at++) number = number === pins ? 1 : number + 1;
		return number;
	}
	private marker(): Token {
		const { marker, pins } = this.piece.machine;
		return `pin ${this.no(marker === 'first' ? 1 : pins)}`;
	}
	/** Where the ring stands when so many rows are done. */
	private stands(after: number): Token[] {
		if (!this.isPanel(after)) return [this.marker()];
		const { ring } = this;
		// What the hands do there is done before: the yarn is where the next row begins, or the last one ended.
		const row = after < ring.rows ? after : after - 1;
		const pin = after < ring.rows ? ring.pins(row)[0]! : ring.pins(row).at(-1)!;
		return [`pin ${this.no(pin)}`, ring.edge(row, pin)];
	}

	of(e: RunSheetEvent): Token[] {
		switch (e.kind) {
			case 'cast-on':
				return this.castOn();
			case 'join':
				return this.join(e.after);
			case 'take-off':
				return this.takeOff();
			case 'hands':
				return this.hands(e);
			case 'roll':
				return [`row ${ROLL_AGAIN}`];
			case 'mark':
				return [`row ${e.after - this.ring.wasteBefore}`];
			case 'runs-out':
				return [
					...(e.ball === null ? [] : [`number ${e.ball}`]),
					this.yarn(e.yarn),
					`row ${TIE_AFTER_BALL}`
				];
			case 'tie': {
				// As many rows as since the yarn changed.
				let since = e.after - 1;
				while (since > 0 && this.ring.yarn(since - 1) === this.ring.yarn(e.after - 1)) since--;
				return [`row ${e.after - since}`];
			}
			case 'slow':
			case 'clog':
				return [];
		}
	}

	private castOn(): Token[] {
		const { ring, piece } = this;
		const on = [...ring.pins(0)].sort((a, b) => a - b);
		const first = ring.yarn(0);
		const all = on.length === piece.machine.pins;
		const op = piece.program.find((o) => o.op === 'cast-on')!;
		const where = all
			? [`all pins ${on.length}`]
			: [`pins ${this.no(on[0]!)}-${this.no(on.at(-1)!)}`];
		const main = ring.yarn(ring.wasteBefore);
		const tail = this.cm(this.tail('cast-on'));
		return [
			this.yarn(first),
			...where,
			...(all && op.method === 'weave' ? [`pin ${this.no(1)}`] : []),
			...(op.holder === undefined ? [] : [`pin ${this.no(op.holder + 1)}`]),
			...(isSpare(first)
				? [`yarn ${WASTE_NAME}`, this.cm(undefined), ...this.ends(main), tail]
				: [...this.ends(first), tail, ...this.slot(first)])
		];
	}

	private join(after: number): Token[] {
		const { ring, piece } = this;
		const [from, to] = [ring.yarn(after - 1), ring.yarn(after)];
		const atRow = after - ring.wasteBefore;
		const [toMain, toWaste] = [isSpare(from) && !isSpare(to), isSpare(to)];
		const old = isSpare(from)
			? undefined
			: toWaste
				? this.tail('cast-off')
				: this.tail('join', atRow, from);
		const fresh = toWaste
			? undefined
			: toMain
				? this.tail('cast-on')
				: this.tail('join', atRow, to);
		const panel = this.isPanel(after);
		const sides = piece.machine.turns === 'clockwise' ? ['left', 'right'] : ['right', 'left'];
		// A stitch or two the yarn passes; a group it is broken beside.
		const broken = ring.inState(after - 1, 'held').length >= 3;
		const was = isSpare(from) ? undefined : piece.feeds[from];
		const fed = isSpare(to) ? undefined : piece.feeds[to];
		const anew = fed && !(was?.slot === fed.slot && was.hand === fed.hand);
		return [
			this.yarn(to),
			...this.stands(after),
			...(broken
				? [this.yarn(from)]
				: [
						...this.ends(from),
						...(panel ? [] : [`side ${sides[0]!}`, `pin ${this.no(ring.pins(after - 1).at(-1)!)}`]),
						this.cm(old)
					]),
			...this.ends(to),
			...(panel ? [] : [`side ${sides[1]!}`, `pin ${this.no(ring.pins(after)[0]!)}`]),
			this.cm(fresh),
			...(anew ? this.slot(to) : [])
		];
	}

	private takeOff(): Token[] {
		const { ring } = this;
		const last = ring.yarn(ring.rows - 1 - ring.wasteAfter);
		const tail = this.cm(this.tail('cast-off'));
		if (ring.wasteAfter > 0)
			return [
				`yarn ${WASTE_NAME}`,
				...(ring.wasteAfter > 1 ? [`row ${ring.wasteAfter}`] : []),
				...this.ends(last),
				tail
			];
		const live = ring.inState(ring.rows - 1, 'onNeedle').length;
		const loops = live > 1 ? [`loop ${live}`] : [];
		const place = this.isPanel(ring.rows) ? this.stands(ring.rows) : [];
		// Drawn up by another yarn, the loops come off onto that.
		const strand = this.piece.strands.find((x) => x.edge === 'cast-off');
		const thread = strand ? [this.cm(strand), ...this.ends(strand.yarn)] : [];
		return [...place, ...this.ends(last), tail, ...thread, ...loops];
	}

	private hands(e: Extract<RunSheetEvent, { kind: 'hands' }>): Token[] {
		const title = e.work.flatMap((w) => this.title(w, e.after));
		const both = e.work.length === 2 && e.work[0]!.do === e.work[1]!.do;
		const edges = new Set(e.work.flatMap((w) => ('edge' in w ? [w.edge] : [])));
		const named = both && edges.size === 2 ? this.title(e.work[0]!, e.after) : title;
		return [...named, ...e.work.flatMap((w) => this.work(w, e.after)), ...this.broken(e)];
	}

	private broken(e: Extract<RunSheetEvent, { kind: 'hands' }>): Token[] {
		const held = this.ring.inState(e.after - 1, 'held');
		if (held.length < 3) return [];
		const [from, to] = [this.ring.yarn(e.after - 1), this.ring.yarn(e.after)];
		const atRow = e.after - this.ring.wasteBefore;
		const left = this.ends(from);
		if (from !== to) return [...left, this.cm(this.tail('join', atRow, from))];
		return [
			...left,
			this.cm(this.tail('held', atRow)),
			`pin ${this.no(this.ring.pins(e.after)[0]!)}`,
			this.cm(this.tail('again', atRow))
		];
	}

	/** What a title counts. */
	private title(w: HandWork, after: number): Token[] {
		const { ring } = this;
		switch (w.do) {
			case 'hold':
				return [`stitch ${ring.inState(after - 1, 'held').length}`];
			case 'cast-off':
				return [`number ${ring.inState(after - 1, 'castOff').length}`];
			case 'drop':
				return [`pin ${this.found(ring.inState(after - 1, 'dropped'), w.pin + 1)}`];
			case 'extend':
			case 'latch-extension':
				return [
					`pin ${this.found([...ring.floats(after > 0 ? after - 1 : 0).keys()], w.pin + 1, true)}`
				];
			case 'spare-strand':
				return [`number ${this.strand().length}`];
			case 'hang-hem': {
				const row = this.hung() - ring.wasteBefore;
				return row === 0 ? [] : [`row ${row + 1}`];
			}
			default:
				return [];
		}
	}
	/** A pin that the fabric knows of, or none, which no sentence says. */
	private found(pins: readonly number[], pin: number, loose = false): number | string {
		if (loose && this.piece.program.some((o) => o.op === 'extend' && o.pin + 1 === pin))
			return this.no(pin);
		return pins.includes(pin) ? this.no(pin) : 'none';
	}
	private strand(): number[] {
		const op = this.piece.program.find((o) => o.op === 'spare-strand')!;
		return Array.from({ length: op.to - op.from }, (_, i) => op.from + 1 + i);
	}
	private hung(): number {
		const { fabric } = this.ring;
		for (let r = 0; r < fabric.rows; r++)
			if (this.ring.loops(r).some((l) => fabric.hung[l]! >= 0)) return r;
		return -1;
	}
	/** Pins at one side of a row, from the edge inward. */
	private inward(pins: readonly number[], low: boolean): number[] {
		return [...pins].sort((a, b) => (low ? a - b : b - a));
	}
	private span(pins: readonly number[]): Token {
		return pins.length === 1
			? `pin ${this.no(pins[0]!)}`
			: `pins ${this.no(pins[0]!)}-${this.no(pins.at(-1)!)}`;
	}

	private work(w: HandWork, after: number): Token[] {
		const { ring } = this;
		const low = 'edge' in w && w.edge === 'low';
		switch (w.do) {
			case 'decrease':
			case 'move-in':
				return this.moves(w, after, low);
			case 'hold':
			case 'cast-off': {
				const state = w.do === 'hold' ? 'held' : 'castOff';
				const gone = this.inward(ring.inState(after - 1, state), low);
				const onto = w.do === 'hold' ? [`yarn ${WASTE_NAME}`] : [];
				return [this.span(gone), ring.edge(after - 1, gone[0]!), ...onto];
			}
			case 'extend':
				return [`column ${ring.floats(after).get(w.pin + 1)!}`];
			case 'spare-strand':
				return [this.span(this.strand())];
			case 'hang-hem':
				return [`loop ${ring.loops(this.hung()).filter((l) => ring.fabric.hung[l]! >= 0).length}`];
			default:
				return [];
		}
	}

	/**
	 * Both edges decreased where so few stitches are left that one loop moves twice: the rows below and above show only where it
	 * ends. There each edge goes by the rule: the ones next to the edge stitches onto the innermost, the edge stitches beside.
	 */
	private meet(
		w: Extract<HandWork, { do: 'decrease' }>,
		after: number,
		low: boolean
	): Token[] | null {
		const before = this.ring.pins(after - 1);
		const gone = w.way === 'single' ? 1 : 2;
		const lifted = w.edgeStitches + gone + 1;
		const narrowed = before.length - this.ring.pins(after).length;
		if (narrowed !== 2 * gone || before.length >= 2 * lifted) return null;
		// The low edge comes first: what it left is what the high edge has.
		const left = low
			? before
			: before.filter((p) => !this.inward(before, true).slice(0, gone).includes(p));
		const pins = this.inward(left, low).slice(0, lifted);
		const down = pins.slice(w.edgeStitches, w.edgeStitches + gone);
		const kept = pins.slice(0, w.edgeStitches).reverse();
		return [
			this.span(pins),
			this.ring.edge(after - 1, pins[0]!),
			this.span(pins),
			...down.map((p) => `number ${this.no(p)}`),
			`pin ${this.no(pins.at(-1)!)}`,
			...kept.flatMap((p) => [
				`pin ${this.no(p)}`,
				`pin ${this.no(pins[pins.indexOf(p) + gone]!)}`
			]),
			this.span(pins.slice(0, gone))
		];
	}

	/** Where the loops at an edge went, read off the rows below and above. */
	private moves(w: HandWork, after: number, low: boolean): Token[] {
		const { ring } = this;
		const moved = ring.moved(after - 1);
		// Loops move inward: up from the low edge, down from the high one.
		const here = this.inward(
			[...moved].flatMap(([from, to]) => (from !== to && to > from === low ? [from] : [])),
			low
		);
		const onto = this.inward([...new Set(here.map((p) => moved.get(p)!))], low).at(-1)!;
		const above = new Set(ring.pins(after));
		const out = here.filter((p) => !above.has(p));
		const edge = ring.edge(after - 1, here[0]!);
		if (w.do === 'move-in') {
			// One after the other, each onto its neighbour.
			const pin = (w.pins[0] ?? 0) + 1;
			const next = pin + (low ? 1 : -1);
			const [a, b] = [this.span([pin]), this.span([next])];
			return out.includes(pin) ? [this.span([pin, next]), edge, a, b, a] : ['nothing'];
		}
		const met = w.do === 'decrease' && this.meet(w, after, low);
		if (met) return met;
		const down = here.filter((p) => moved.get(p) === onto);
		const kept = here.filter((p) => moved.get(p) !== onto).reverse();
		return [
			this.span([...here, onto]),
			edge,
			this.span([...here, onto]),
			...down.map((p) => `number ${this.no(p)}`),
			`pin ${this.no(onto)}`,
			...kept.flatMap((p) => [`pin ${this.no(p)}`, `pin ${this.no(moved.get(p)!)}`]),
			this.span(out)
		];
	}
}
