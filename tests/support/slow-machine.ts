import type { Op, Program } from '../../src/lib/core/program/program';

/** A loop of the slow machine: an object that knows what was drawn through it. */
interface Loop {
	readonly index: number;
	readonly yarn: number;
	readonly pin: number;
	state: string;
	into: Loop | null;
	hung: Loop | null;
	order: number;
	heldRows: number;
	split: boolean;
	readonly row: number;
}
interface Pin {
	work: boolean;
	/** Bottom first; `wrap` stands for the cast-on. */
	stack: (Loop | 'wrap')[];
}

/**
 * An independent model of the machine: plain objects, one stitch at a time, written from the words of docs/program.md and
 * sharing nothing with the simulation. It refuses what cannot be done by doing nothing and counting it.
 */
export function knitSlowly(
	program: Program,
	pins: number,
	lost = { start: 2, end: 2 },
	keepOff: readonly number[] = []
) {
	const made: Loop[] = [];
	const bed: Pin[] = Array.from({ length: pins }, () => ({ work: false, stack: [] }));
	const held: Record<'low' | 'high', { pin: number; stack: Loop[]; row: number }[]> = {
		low: [],
		high: []
	};
	const fallen = new Map<number, { stack: Loop[]; was: [Loop, string][]; then: number }>();
	const wrong = new Map<number, string>();
	const tucked = new Map<number, { loops: Loop[]; over: Loop }>();
	const splitLoops = new Map<number, Loop>();
	const tucks = new Set<number>();
	const splits = new Set<number>();
	const ladders = new Map<number, { columns: number; rows: Loop[][] }>();
	let yarn: number | null = null;
	let panel: string | null = null;
	let side: 'low' | 'high' = 'low';
	let careless = false;
	let turning = false;
	let row = 0;
	let refused = 0;
	const working = () => bed.flatMap((p, i) => (p.work ? [i] : []));
	const loops = (stack: (Loop | 'wrap')[]) => stack.filter((l): l is Loop => l !== 'wrap');
	const born = (pin: number, state: string): Loop => {
		const l: Loop = {
			index: made.length,
			yarn: yarn!,
			pin,
			state,
			into: null,
			hung: null,
			order: 0,
			heldRows: 0,
			split: false,
			row
		};
		made.push(l);
		return l;
	};
	const through = (stack: Loop[], loop: Loop) => {
		const several = stack.length > 1;
		// On the right side the loop put down first lies over the others.
		let shown = false;
		stack.forEach((l, i) => {
			if (several) l.order = i;
			if (l.into) l.hung = loop;
			else {
				l.into = loop;
				if (l.state !== 'tucked') {
					l.state = shown ? 'stacked' : 'through';
					shown = true;
				}
			}
		});
	};
	const stitch = (pin: number) => {
		const p = bed[pin]!;
		const loop = born(pin, 'on');
		if (splits.delete(pin)) {
			loop.split = true;
			splitLoops.set(pin, loop);
			wrong.set(pin, 'split');
		}
		const below = loops(p.stack);
		if (below.length > 0 && tucks.has(pin)) {
			tucks.delete(pin);
			below.forEach((l) => (l.state = 'tucked'));
			tucked.set(pin, { loops: below, over: loop });
			wrong.set(pin, 'tuck');
			p.stack = [...below, loop];
			return;
		}
		through(below, loop);
		p.stack = [loop];
	};
	const floats = (pin: number) => {
		const e = ladders.get(pin);
		if (e) e.rows.push(Array.from({ length: e.columns }, () => born(255, 'float')));
	};
	const column = (of: Loop[]): Loop[] => {
		const all = [...of];
		for (const l of all) all.push(...made.filter((m) => m.into === l && !all.includes(m)));
		return all;
	};
	const fall = (pin: number): boolean => {
		const stack = loops(bed[pin]?.stack ?? []);
		if (!bed[pin]?.work || stack.length === 0) return false;
		const all = column(stack);
		fallen.set(pin, { stack, was: all.map((l) => [l, l.state]), then: made.length });
		all.forEach((l) => (l.state = 'dropped'));
		wrong.set(pin, 'drop');
		bed[pin]!.stack = [];
		return true;
	};
	const knit = (): boolean => {
		const on = working();
		if (on.length === 0 || yarn === null) return false;
		if (panel === null && on.length < pins) return false;
		if (panel === 'switch' && (on[0]! < lost.start || on.at(-1)! >= pins - lost.end)) return false;
		if (panel === 'hand' && on.some((p) => keepOff.includes(p))) return false;
		if (careless && turning) fall(side === 'low' ? on[0]! : on.at(-1)!);
		const forward = panel === null || side === 'low';
		for (let n = 0; n < pins; n++) {
			const pin = forward ? n : pins - 1 - n;
			if (!forward) floats(pin);
			if (bed[pin]!.work) stitch(pin);
			if (forward) floats(pin);
		}
		turning = panel !== null;
		if (turning) side = side === 'low' ? 'high' : 'low';
		row += 1;
		return true;
	};
	/** Pins from an edge inward, if there are so many and none is bare. */
	const inward = (edge: 'low' | 'high', n: number): number[] | null => {
		const on = working();
		if (panel === null || on.length === 0) return null;
		const [first, last] = [on[0]!, on.at(-1)!];
		if (last - first + 1 < n) return null;
		const list = Array.from({ length: n }, (_, i) => (edge === 'low' ? first + i : last - i));
		return list.every((p) => bed[p]!.stack.some((l) => l !== 'wrap')) ? list : null;
	};
	const leave = (pin: number) => {
		bed[pin]!.work = false;
		bed[pin]!.stack = [];
	};
	const latch = (pin: number): boolean => {
		const f = fallen.get(pin);
		if (!bed[pin]?.work || wrong.get(pin) !== 'drop' || !f) return false;
		wrong.delete(pin);
		for (const [l, state] of f.was) l.state = state;
		const since = made.slice(f.then).find((l) => l.pin === pin);
		if (since) through(f.stack, since);
		else bed[pin]!.stack = f.stack;
		return true;
	};

	const act: { [K in Op['op']]: (o: Extract<Op, { op: K }>) => boolean } = {
		'cast-on': (o) => {
			yarn = o.yarn;
			bed.forEach((p, i) => {
				p.work = i >= (o.from ?? 0) && i < (o.to ?? pins);
				p.stack = p.work ? ['wrap'] : [];
			});
			return true;
		},
		work: (o) => {
			panel = o.as === 'panel' ? o.by : null;
			careless = o.as === 'panel' && o.edge === 'unguarded';
			turning = false;
			return true;
		},
		join: (o) => {
			yarn = o.yarn;
			return true;
		},
		cut: () => {
			yarn = null;
			return true;
		},
		rows: (o) => {
			for (let i = 0; i < o.count; i++) if (!knit()) return false;
			return true;
		},
		// It comes out again: nothing of it stays.
		'spare-strand': (o) =>
			o.from < o.to && bed.slice(o.from, o.to).every((p) => p.work) && o.to <= pins,
		'hang-hem': (o) => {
			if (o.row >= row) return false;
			for (const pin of working()) {
				const l = made.find((m) => m.row === o.row && m.pin === pin);
				if (!l || l.state !== 'through') return false;
				bed[pin]!.stack.push(l);
			}
			return knit();
		},
		decrease: (o) => {
			const down = o.way === 'single' ? 1 : 2;
			const list = inward(o.edge, o.edgeStitches + down + 1);
			if (!list) return false;
			const stacks = list.map((p) => bed[p]!.stack);
			const nearest = list.at(-1)!;
			bed[nearest]!.stack = [
				...stacks.slice(o.edgeStitches, o.edgeStitches + down).flat(),
				...stacks.at(-1)!
			];
			for (let i = 0; i < o.edgeStitches; i++) bed[list[i + down]!]!.stack = stacks[i]!;
			list.slice(0, down).forEach(leave);
			return true;
		},
		'move-in': (o) => {
			const list = inward(o.edge, 2);
			if (!list) return false;
			bed[list[1]!]!.stack.push(...bed[list[0]!]!.stack);
			leave(list[0]!);
			return true;
		},
		'decrease-inside': (o) => {
			const on = working();
			if (panel === null || on.length === 0) return false;
			const step = o.edge === 'low' ? 1 : -1;
			const end = o.edge === 'low' ? on[0]! : on.at(-1)!;
			const beyond = (o.pin - end) * step;
			const onto = o.pin + step;
			if (beyond < 0 || onto < on[0]! || onto > on.at(-1)! || beyond !== o.lifted) return false;
			if (loops(bed[o.pin]!.stack).length === 0 || loops(bed[onto]!.stack).length === 0)
				return false;
			bed[onto]!.stack.push(...bed[o.pin]!.stack);
			for (let p = o.pin; p !== end; p -= step) bed[p]!.stack = bed[p - step]!.stack;
			leave(end);
			return true;
		},
		hold: (o) => {
			const list = side === o.edge ? inward(o.edge, o.count) : null;
			for (const pin of list ?? []) {
				const stack = loops(bed[pin]!.stack);
				stack.forEach((l) => (l.state = 'held'));
				held[o.edge].push({ pin, stack, row });
				leave(pin);
			}
			return list !== null;
		},
		'take-back': (o) => {
			for (let i = 0; i < o.count; i++) {
				const h = held[o.edge].pop();
				if (!h) return false;
				for (const l of h.stack) {
					l.state = 'on';
					l.heldRows = row - h.row;
				}
				bed[h.pin] = { work: true, stack: h.stack };
			}
			return true;
		},
		'cast-off': (o) => {
			const list = side === o.edge ? inward(o.edge, o.count) : null;
			for (const pin of list ?? []) {
				loops(bed[pin]!.stack).forEach((l) => (l.state = 'castOff'));
				leave(pin);
			}
			return list !== null;
		},
		drop: (o) => fall(o.pin),
		latch: (o) => latch(o.pin),
		tuck: (o) => Boolean(bed[o.pin]?.work) && Boolean(tucks.add(o.pin)),
		split: (o) => Boolean(bed[o.pin]?.work) && Boolean(splits.add(o.pin)),
		repair: (o) => {
			const kind = wrong.get(o.pin);
			if (kind === 'drop') return latch(o.pin);
			wrong.delete(o.pin);
			if (kind === 'split') splitLoops.get(o.pin)!.split = false;
			if (kind === 'tuck') {
				const t = tucked.get(o.pin)!;
				for (const l of t.loops) {
					l.into = null;
					l.state = 'on';
				}
				through(t.loops, t.over);
				const stack = bed[o.pin]!.stack;
				if (stack.includes(t.over)) bed[o.pin]!.stack = stack.slice(stack.indexOf(t.over));
			}
			return kind !== undefined;
		},
		extend: (o) => {
			if (!bed[o.pin]?.work || !bed[o.pin + 1]?.work) return false;
			ladders.set(o.pin, { columns: o.columns, rows: [] });
			return true;
		},
		'latch-extension': (o) => {
			const e = ladders.get(o.pin);
			if (!e) return false;
			ladders.delete(o.pin);
			e.rows.forEach((floats, r) =>
				floats.forEach((l, c) => {
					l.into = e.rows[r + 1]?.[c] ?? null;
					l.state = l.into ? 'through' : 'needle';
				})
			);
			return true;
		},
		'empty-round': () => yarn === null,
		'take-off': (o) => {
			const something = working().length > 0 && row > 0;
			for (const p of bed) {
				for (const l of loops(p.stack))
					if (!l.into) l.state = o.method === 'needle' ? 'needle' : 'waste';
				p.stack = [];
				p.work = false;
			}
			return something;
		}
	};
	for (const o of program) {
		if ((act[o.op] as (o: Op) => boolean)(o)) continue;
		refused += 1;
		if (o.op === 'rows' || o.op === 'hang-hem') break;
	}
	return { made, rows: row, refused, side };
}
