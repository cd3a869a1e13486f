import { wordFinding } from '../finding/says';
import { describe, expect, it } from 'vitest';
import {
	benchWith,
	everyPlan,
	everyStart,
	RINGS,
	withWaste,
	type Begun
} from '../../../../tests/support/every';
import { rowAtHand } from '../crank/row-by-row';
import type { RunSheetEvent } from '../crank/events';
import type { Plan, PlannedPiece } from '../plan';
import { isSpare } from '../program/program';
import { GARMENTS, HATS, TUBES } from '../model/kinds';
import { HAT_KINDS } from '../recipe/hats/kinds';
import { TUBE_KINDS } from '../recipe/tubes/kinds';
import { eventContext } from './context';
import { wordEvent } from './events';
import { wordStep } from '../technique/say-step';
import { say } from '../quantity/say';

/** Waste by every school at both ends, on every ring. */
const SCHOOLS = [
	[0, 0],
	[4, 0],
	[5, 5]
] as const;
const plans = SCHOOLS.flatMap(([start, end]) => everyPlan(everyStart(withWaste(start, end))));
const double = everyPlan(everyStart((p) => p, [benchWith(48, 2)]));

const s = say('cm');
interface Told {
	readonly what: string;
	readonly piece: PlannedPiece;
	readonly event: RunSheetEvent;
	readonly how: string;
	readonly also?: string;
}
const told = (list: readonly (Begun & { plan: Plan })[]): Told[] =>
	list.flatMap(({ what, pins, plan }) =>
		plan.pieces.flatMap((piece) =>
			piece.sheet.events.map((event) => ({
				what: `${what} on ${pins}, ${piece.name}`,
				piece,
				event,
				...wordEvent(event, eventContext(plan, piece.machine, 'cm'))
			}))
		)
	);
const tailAt = (p: PlannedPiece, id: 'cast-on' | 'cast-off') => p.tails.find((t) => t.id === id)!;

describe('tails at the crank, over every recipe, ring and school of waste', () => {
	const all = told(plans);

	it('a join into the main yarn says the tail that the plan needs, not a usual one', () => {
		const joins = all.filter(({ event: e }) => e.kind === 'join' && e.first);
		expect(joins.length).toBeGreaterThan(100);
		for (const { what, piece, how } of joins) {
			const tail = tailAt(piece, 'cast-on');
			expect(how, what).toContain(`to the inside, ${s.tail(tail.lengthCm)}`);
		}
	});

	it('waste is cut short, and the main yarn before it leaves the tail that its closing takes', () => {
		const ends = all.filter(({ event: e }) => e.kind === 'join' && isSpare(e.to) && e.after > 0);
		const toWaste = ends.filter(({ event: e }) => e.kind === 'join' && !isSpare(e.from));
		expect(toWaste.length).toBeGreaterThan(50);
		for (const { what, piece, how } of toWaste)
			expect(how, what).toContain(`leaving ${s.tail(tailAt(piece, 'cast-off').lengthCm)}`);
	});

	it('a slip knot is warned of where the tail draws its end up, and nowhere else', () => {
		const firsts = all.filter(({ event: e }) => e.kind === 'cast-on' && !isSpare(e.yarn));
		const warned = firsts.filter(({ also }) => also?.includes('No slip knot'));
		expect(warned.length).toBeGreaterThan(10);
		expect(firsts.length - warned.length).toBeGreaterThan(10);
		for (const { what, how, also } of firsts)
			expect(also?.includes('No slip knot') ?? false, `${what}: ${how}`).toBe(
				/it (gathers|draws|is drawn)/.test(how)
			);
	});

	it('the take-off names the main yarn’s tail, on a needle and where waste follows', () => {
		const offs = all.filter(({ event: e }) => e.kind === 'take-off');
		expect(new Set(offs.map(({ event: e }) => e.kind === 'take-off' && e.method)).size).toBe(2);
		for (const { what, piece, how } of offs)
			expect(how, what).toContain(s.tail(tailAt(piece, 'cast-off').lengthCm));
	});

	it('a panel is changed and taken off at the edge where the yarn is, with no marker and no empty round', () => {
		const panels = all.filter(
			({ piece, event: e }) =>
				piece.rowByRow.stretches.every((x) => x.mode !== 'tube') &&
				(e.kind === 'join' || e.kind === 'take-off' || e.kind === 'runs-out')
		);
		expect(panels.length).toBeGreaterThan(200);
		for (const { what, piece, event, how } of panels) {
			expect(how, what).not.toMatch(/marker|empty round/);
			if (event.kind === 'runs-out' || (event.kind === 'take-off' && event.method === 'crank'))
				continue;
			// Where the next row begins; at the end, where the last one went.
			const next = rowAtHand(piece.rowByRow, event.after);
			const last = rowAtHand(piece.rowByRow, event.after - 1);
			const pin = next ? next[next.yarnAt] : last![last!.yarnAt === 'low' ? 'high' : 'low'];
			expect(how, what).toContain(`pin ${pin + 1}, the`);
		}
	});

	it('two strands are said wherever their yarn begins, joins or ends', () => {
		const named = told(double).filter(
			({ event: e }) =>
				(e.kind === 'cast-on' && e.yarn === 0) ||
				(e.kind === 'join' && (e.from === 0 || e.to === 0) && !isSpare(e.to))
		);
		expect(named.length).toBeGreaterThan(20);
		for (const { what, how } of named) expect(how, what).toContain('both strands of night');
	});
});

describe('no loops are left live', () => {
	it('every first row on waste and every last row of a panel is closed before it is blocked or sewn', () => {
		let closed = 0;
		for (const { what, pins, plan } of plans) {
			if (!(GARMENTS as readonly string[]).includes(what)) continue;
			const ids = plan.steps.map((x) => x.id);
			// A shrug's tubes are latched, where others are blocked and sewn.
			const before = ids.indexOf(what === 'shrug' ? 'latch-ladders' : 'block');
			expect(before).toBeGreaterThanOrEqual(0);
			for (const p of plan.pieces) {
				const waste = p.sheet.legs[0]!.kind === 'waste';
				for (const [at, live] of [
					['hem', waste],
					['top', true]
				] as const) {
					if (!live) continue;
					const edge = at === 'hem' ? 'cast-on' : 'cast-off';
					const step = ids.findIndex(
						(x) => x === `bind-${at}-${p.id}`.slice(0, 60) || x === `close-${edge}`
					);
					expect(step, `${what} on ${pins}: ${p.id} ${edge}`).toBeGreaterThanOrEqual(0);
					expect(step).toBeLessThan(before);
					closed += 1;
				}
			}
		}
		expect(closed).toBeGreaterThan(150);
	});
});

describe('what is said is there', () => {
	it('no lining, colour join or brand of loops is named where there is none', () => {
		for (const { what, pins, plan } of [...plans, ...double]) {
			const words = plan.steps.map((x) => {
				const w = wordStep(x, 'cm');
				return `${w.title} ${w.how}`;
			});
			const joined = plan.pieces.some((p) => p.tails.some((t) => t.id === 'join'));
			const all = `${what} on ${pins}: ${words.join(' ')}`;
			if (!(HATS as readonly string[]).includes(what)) expect(all).not.toMatch(/lining/);
			if (!joined) expect(all).not.toMatch(/colour join|the joins at/);
			if (pins !== 48) expect(all).not.toMatch(/\b48 loops/);
			expect(all).not.toMatch(/undefined|NaN|12\.01/);
		}
	});

	it('a cord has its yarn drawn through, and nothing of it is blocked as a triangle', () => {
		const cords = plans.filter((p) => p.what === 'cord');
		for (const { plan } of cords) {
			expect(plan.steps.map((x) => x.do)).toEqual([
				'rest',
				'draw-end',
				'draw-end',
				'weave-in',
				'measure'
			]);
			const words = plan.steps.map((x) => JSON.stringify(wordStep(x, 'cm'))).join(' ');
			expect(words).not.toMatch(/triangle|Block/);
		}
	});
});

type Pins = { readonly least: number; readonly most: number };
const pinsOf = (kinds: Partial<Record<string, { readonly pins: Pins }>>, what: string) =>
	kinds[what]?.pins;

it('whatever is found is said in whole sentences: what, and why', () => {
	for (const { what, plan } of [...plans, ...double])
		for (const f of plan.findings) {
			const words = wordFinding(f, { units: 'cm', yarnName: (i) => plan.yarns[i]!.colourName });
			for (const said of [words.what, words.why])
				expect([what, f.code, said]).toEqual([
					what,
					f.code,
					expect.stringMatching(/^[A-Z0-9].*[.?]$/s)
				]);
		}
});

describe('how things begin', () => {
	const usual = (what: string): { least: number; most: number } =>
		pinsOf(HAT_KINDS, what) ?? pinsOf(TUBE_KINDS, what) ?? { least: 20, most: 200 };

	it.each(RINGS)('on %i pins nothing begins with a stop', (pins) => {
		const stopped = everyPlan(everyStart((p) => p, [benchWith(pins)])).flatMap((b) =>
			b.plan.findings.filter((f) => f.severity === 'stop').map((f) => `${b.what}: ${f.code}`)
		);
		expect(stopped).toEqual([]);
	});

	it('on a ring that is usual for it nothing warns against itself', () => {
		let asked = 0;
		for (const first of [0, 1, 3])
			for (const b of everyPlan(
				everyStart(
					(p) => p,
					RINGS.map((pins) => benchWith(pins, first))
				)
			)) {
				const { least, most } = usual(b.what);
				if (b.pins < least || b.pins > most) continue;
				asked += 1;
				const warned = b.plan.findings.filter((f) => f.severity === 'warn').map((f) => f.code);
				// A weak yarn is another matter: it is the yarn that is warned of.
				expect(
					warned.filter(
						(c) => c !== 'weak-yarn' || b.plan.yarns.every((y) => y.strength !== 'weak')
					),
					`${b.what} on ${b.pins}`
				).toEqual([]);
			}
		expect(asked).toBeGreaterThan(200);
		expect(TUBES).toHaveLength(11);
	});
});
