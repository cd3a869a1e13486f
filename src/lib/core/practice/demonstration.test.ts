import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { harbour } from '../../demo/harbour';
import { plan } from '../plan';
import { hooked, work, type HookAct } from '../table/hook';
import { laid, passedOver, sew, snugTo, type Stitch } from '../table/thread';
import { drawingOf, wordStep } from '../technique/say-step';
import { HEIGHT, WIDTH, type Diagram } from '../technique/drawing/ink';
import { AT_TABLE, isPlayed, SKILL_IDS } from '../technique/drawing/skills';
import { learner } from '../../../../tests/support/learner';
import { printLength } from '../quantity/print';
import { say } from '../quantity/say';
import { demonstrationOf } from './demonstration';

const m = learner(48);
const inches = learner(48, { units: 'in' });

/** Ends of the strokes of a path, absolute: enough to see that nothing is broken or far outside. */
function places(d: string): { x: number; y: number }[] {
	let [x, y] = [0, 0];
	const out: { x: number; y: number }[] = [];
	for (const [, c = '', args = ''] of d.matchAll(/([A-Za-z])([^A-Za-z]*)/g)) {
		const v = (args.match(/-?\d*\.?\d+/g) ?? []).map(Number);
		const size = { M: 2, L: 2, C: 6, Q: 4, S: 4, A: 7, H: 1, V: 1, Z: 0 }[c.toUpperCase()] ?? 2;
		const relative = c === c.toLowerCase();
		for (let i = 0; size > 0 && i + size <= v.length; i += size) {
			const [ex, ey] = [v[i + size - 2] ?? 0, v[i + size - 1]!];
			if (c.toUpperCase() === 'H') x = relative ? x + ey : ey;
			else if (c.toUpperCase() === 'V') y = relative ? y + ey : ey;
			else [x, y] = relative ? [x + ex, y + ey] : [ex, ey];
			out.push({ x, y });
		}
	}
	return out;
}
function holds({ inks, says, width, height }: Diagram): void {
	expect({ width, height }).toEqual({ width: WIDTH, height: HEIGHT });
	expect(says).toMatch(/^[A-Z0-9].{6,230}\.$/s);
	expect(says).not.toMatch(/NaN|undefined|;\s*[A-Z]/);
	const outside = inks.flatMap((ink) => {
		if (ink.kind === 'text')
			return ink.x >= 12 && ink.x <= WIDTH && ink.y <= HEIGHT ? [] : [`${ink.text} at ${ink.x}`];
		if (!ink.d.startsWith('M') || /NaN|undefined/.test(ink.d)) return [ink.d];
		// A needle or a hook may stick out of it by its shaft.
		const over = ink.kind === 'tool' ? 42 : 4;
		const within = places(ink.d).every(
			({ x, y }) => x >= -over && x <= WIDTH + over && y >= -over && y <= HEIGHT + over
		);
		return within ? [] : [ink.d];
	});
	expect(outside).toEqual([]);
}

describe.each(AT_TABLE)('%s at the table', (id) => {
	const all = (drawing: Parameters<typeof demonstrationOf>[2], of = m) => {
		const shown = demonstrationOf(id, of, drawing);
		return Array.from({ length: shown.steps }, (_, i) => shown.at(i));
	};
	it('is drawn whole at every step, whatever the thing is', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 200 }),
				fc.integer({ min: 10, max: 600 }),
				fc.record(
					{
						perLoop: fc.constantFrom(1 as const, 2 as const),
						stitches: fc.integer({ min: 1, max: 300 }),
						chains: fc.integer({ min: 1, max: 300 }),
						threaded: fc.boolean(),
						twice: fc.boolean(),
						things: fc.integer({ min: 1, max: 40 }),
						pairs: fc.integer({ min: 0, max: 200 }),
						tube: fc.record(
							{
								longCm: fc.double({ min: 2, max: 200, noNaN: true }),
								wideCm: fc.double({ min: 2, max: 60, noNaN: true }),
								foldRow: fc.integer({ min: 1, max: 300 }),
								brimCm: fc.double({ min: 0.5, max: 12, noNaN: true })
							},
							{ requiredKeys: [] }
						)
					},
					{ requiredKeys: [] }
				),
				(loops, wraps, more) => {
					for (const { diagram } of all({ loops, wraps, row: loops, ...more })) holds(diagram);
				}
			),
			{ seed: 81, numRuns: 12 }
		);
	});
	it('looks otherwise after every step, and says something else', () => {
		const steps = all({ loops: 48, row: 20 });
		expect(steps.length).toBeGreaterThanOrEqual(3);
		for (const [i, step] of steps.entries()) {
			if (i === 0) continue;
			const before = steps[i - 1]!;
			expect([
				i,
				JSON.stringify(step.diagram.inks) === JSON.stringify(before.diagram.inks)
			]).toEqual([i, false]);
			expect([i, step.says === before.says]).toEqual([i, false]);
		}
	});
	it('speaks in the maker’s own unit', () => {
		const said = all({ loops: 48 }, inches)
			.map((s) => s.says + s.diagram.inks.map((k) => (k.kind === 'text' ? k.text : '')).join())
			.join();
		expect(said).not.toMatch(/\d\s?(cm|mm)\b/);
	});
});

it('every finishing step of the fair is shown, its own loops, row and wraps in it', () => {
	for (const project of harbour.projects) {
		const p = plan(project, harbour.bench);
		if (!p.ok) throw new Error(project.name);
		for (const s of p.steps) {
			const { skill, drawing } = drawingOf(s);
			const shown = demonstrationOf(skill, m, drawing);
			const said = Array.from({ length: shown.steps }, (_, i) => shown.at(i).says).join();
			if (s.do === 'tie-off') expect(said).toContain(`of its ${s.loops} stitches`);
			if (s.do === 'wind') expect(said).toContain(`${s.wraps} wraps`);
			if (s.do === 'tuck') expect(said).toMatch(new RegExp(`at row ${s.atRow}\\b`));
			if (s.do === 'measure-tube') expect(said).toContain(say('cm').spread(s.long, 'length'));
			if (s.do === 'turn-up') expect(said).toContain(printLength(s.heightCm, 'cm'));
			if (s.do === 'crochet-edge') expect(said).toContain(`${s.count.stitches} stitches`);
		}
	}
});

it('no figure is said at the table that the step itself does not say', () => {
	const numbers = (said: string) => (said.match(/\d+(\.\d+)?/g) ?? []).map(Number);
	for (const project of harbour.projects) {
		const p = plan(project, harbour.bench);
		if (!p.ok) throw new Error(project.name);
		for (const s of p.steps) {
			const { skill, drawing } = drawingOf(s);
			if (isPlayed(skill)) continue;
			const { title, how } = wordStep(s, 'cm');
			const own = numbers(`${title} ${how}`);
			const shown = demonstrationOf(skill, m, drawing);
			const last = shown.at(shown.steps - 1).says;
			for (let i = 0; i < shown.steps; i++) {
				// The first few are counted; the shares that a card is wound by come to its whole.
				if (skill === 'wind' && shown.at(i).says !== last) continue;
				const odd = numbers(shown.at(i).says).filter(
					(x) => x > 6 && !own.includes(x) && !own.includes(2 * x)
				);
				expect([s.id, shown.at(i).says, odd]).toEqual([s.id, shown.at(i).says, []]);
			}
		}
	}
});

it('a figure that is small is said as it is: one loop is one, three chains are three', () => {
	const said = (id: 'crochet' | 'drawstring' | 'attach' | 'whip', drawing: object) => {
		const shown = demonstrationOf(id, m, { loops: 12, ...drawing });
		return Array.from({ length: shown.steps }, (_, i) => shown.at(i).says).join(' | ');
	};
	expect(said('crochet', { loops: 2 })).not.toMatch(/loop 3|3 stitches/);
	expect(said('drawstring', { chains: 3, threaded: false })).toContain('3 chains');
	expect(said('attach', { loops: 4 })).not.toMatch(/loop 5/);
	expect(said('whip', { pairs: 3 })).not.toMatch(/loop 4/);
	expect(said('whip', {})).toContain('to the end');
});

it('every technique there is is shown in steps, and known by one of them', () => {
	for (const id of SKILL_IDS) {
		const shown = demonstrationOf(id, m, { loops: 48 });
		expect(shown.steps).toBeGreaterThanOrEqual(2);
		expect(shown.pictured).toBeLessThan(shown.steps);
		expect(shown.at(99).says).toBe(shown.at(shown.steps - 1).says);
	}
});

describe('a thread', () => {
	const pass = (of: 'a' | 'b', at: number): Stitch => ({ do: 'pass', of, at });
	it('knows what it passed over, and how far it lies snug', () => {
		const s = [
			pass('a', 1),
			pass('a', 3),
			pass('b', 2),
			{ do: 'snug' } as const,
			pass('a', 6)
		].reduce(sew, laid(8, 8));
		expect(passedOver(s, 'a')).toEqual([2, 4, 5]);
		expect(passedOver(s, 'b')).toEqual([]);
		expect([snugTo(s, 'a'), snugTo(s, 'b')]).toEqual([3, 2]);
	});
	it('goes nowhere that is not there, is not drawn up from nothing, and ends where it is cut', () => {
		expect(() => sew(laid(4), pass('a', 5))).toThrow(/no place 5/);
		expect(() => sew(laid(4), pass('b', 1))).toThrow(RangeError);
		expect(() => sew(sew(laid(4), pass('a', 2)), pass('a', 2))).toThrow(/comes out again/);
		expect(() => sew(laid(4), { do: 'snug' })).toThrow(RangeError);
		expect(() => sew(sew(laid(4), pass('a', 1)), { do: 'wind' })).toThrow(/drawn up/);
		expect(() => sew(laid(4), { do: 'sink' })).toThrow(/knotted/);
		expect(() => sew(sew(laid(4), { do: 'cut' }), pass('a', 1))).toThrow(/cut/);
	});
});

describe('a crochet hook', () => {
	it('makes one stitch a loop, and is left with one loop, or makes chains', () => {
		const whole = (at: number): HookAct[] => [
			{ do: 'insert', at },
			{ do: 'catch' },
			{ do: 'back' },
			{ do: 'catch' },
			{ do: 'off' }
		];
		const h = Array.from({ length: 30 }, (_, i) => whole(i + 1))
			.flat()
			.reduce(work, hooked(30));
		expect(h).toMatchObject({ onHook: 1, open: null, chains: 0 });
		expect(h.stitches).toEqual(Array.from({ length: 30 }, (_, i) => i + 1));
		const chain: HookAct[] = [{ do: 'catch' }, { do: 'off' }];
		expect([...chain, ...chain].reduce(work, hooked(0))).toMatchObject({
			chains: 2,
			stitches: [],
			onHook: 1
		});
	});
	it('does nothing that a hook cannot', () => {
		expect(() => work(hooked(3), { do: 'off' })).toThrow(/caught/);
		expect(() => work(hooked(3), { do: 'insert', at: 4 })).toThrow(/no place/);
		expect(() => work({ ...hooked(3), caught: true }, { do: 'back' })).toThrow(/through nothing/);
		const open = [{ do: 'insert', at: 1 }, { do: 'catch' }, { do: 'back' }] as const;
		expect(() =>
			work(open.reduce<ReturnType<typeof hooked>>(work, hooked(3)), { do: 'insert', at: 2 })
		).toThrow(/not off/);
	});
});
