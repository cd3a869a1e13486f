import { describe, expect, it } from 'vitest';
import { everyStart } from '../../../../tests/support/every';
import { harbour } from '../../demo/harbour';
import { plan, type Plan } from '../plan';
import type { Project } from '../model/project';
import { handEndsOf, handTimeOf, handYarnOf, TECHNIQUES } from './index';
import { TOOLS } from './technique';
import { wordTools } from './say-tools';

/** What hands do after the machine takes yarn, minutes and tools, whatever is made. */
const planned = (p: Project): Plan => {
	const made = plan(p, harbour.bench);
	if (!made.ok) throw new Error(p.name);
	return made;
};
const demo = (key: string) => harbour.projects.find((p) => p.id === `project-${key}`)!;
const metres = (p: Plan) => p.amounts.reduce((t, a) => t + a.metres.value.mean, 0);
const table = (p: Plan) => {
	const laid = { ...p, joinTails: 'tie' as const };
	return { ...laid, handEnds: handEndsOf(laid) };
};

describe('yarn worked in by hand', () => {
	it('of seams and crochet edges is in a vest’s sums: as the same vest without them is less', () => {
		const vest = demo('vest');
		const plain = { ...vest, options: { ...vest.options, edging: 'none' } } as Project;
		const edged = { ...vest, options: { ...vest.options, edging: 'crochet' } } as Project;
		const p = planned(edged);
		// About a stitch in each of some 180 along hem, neck and armholes: well over ten metres.
		expect(metres(p) - metres(planned(plain))).toBeGreaterThan(10);
		const seams = p.joints.reduce((t, j) => t + (j.times * Math.max(j.a.cm, j.b.cm)) / 100, 0);
		const hand = handYarnOf(table(planned(plain))).reduce((t, h) => t + h.metres, 0);
		// A seam takes half as long again, and two ends.
		expect(hand).toBeGreaterThan(1.5 * seams * 0.95);
		expect(hand).toBeLessThan(1.5 * seams + p.joints.length);
	});

	it.each([
		['a sock’s cuff', 'Landing socks'],
		['a pouch’s cord', 'Candle pouch'],
		['a headband’s hooked ends', 'Tide band']
	])('of %s is in its sums', (_, key) => {
		const project = harbour.projects.find((p) => p.name === key);
		const p = project && planned(project);
		const hand = p ? handYarnOf(table(p)) : [];
		expect(hand.reduce((t, h) => t + h.metres, 0)).toBeGreaterThan(0);
		for (const h of hand) expect(p!.amounts.some((a) => a.yarn === h.yarn)).toBe(true);
	});

	it('is left over when a length is cut to the yarn there is', () => {
		const begun = everyStart().find((x) => x.what === 'tube-top' && x.pins === 48)!;
		const [first] = begun.bench.yarns;
		const short = {
			...begun.bench,
			yarns: begun.bench.yarns.map((y) => ({ ...y, gramsOnHand: y === first ? 40 : 5000 }))
		};
		const options = { ...begun.project.options, chains: 70 } as Project['options'];
		const few = plan({ ...begun.project, options }, short);
		const more = plan({ ...begun.project, options: { ...options, chains: 300 } as never }, short);
		if (!few.ok || !more.ok) throw new Error();
		const row = (p: Plan) => p.amounts.find((a) => a.yarn === 0)!.runsOutAtRow;
		expect(row(few)).not.toBeNull();
		expect(row(more)!).toBeLessThan(row(few)!);
	});
});

it('every plan says what to have at hand, and how long hands take, but for what nothing is done to', () => {
	for (const { project, bench, what } of everyStart()) {
		const p = plan(project, bench);
		if (!p.ok) continue;
		expect([what, p.tools.length > 0]).toEqual([what, true]);
		expect([what, (p.byHand?.value.mean ?? 0) > 0]).toEqual([what, true]);
		for (const t of p.tools) expect(Object.keys(TOOLS)).toContain(t.id);
		expect(new Set(p.tools.map((t) => t.id)).size).toBe(p.tools.length);
		expect(wordTools(p.tools)).toMatch(/^[A-Z0-9].*\.$/);
		// A hook where something is crocheted or chained, stuffing where something is stuffed.
		const has = (id: string) => p.tools.some((t) => t.id === id);
		const does = (kind: string) => p.assembly.some((s) => s.do === kind);
		expect(has('stuffing')).toBe(does('stuff'));
		if (does('bind') || does('crochet-edge') || does('ties')) expect(has('hook')).toBe(true);
		// Minutes are those of its steps, and all of them.
		const sum = handTimeOf(table(p)).reduce((t, x) => t + x.times * x.minutes, 0);
		expect(p.byHand!.value.mean).toBeCloseTo(sum, 6);
	}
});

it('every technique is reached from some recipe, so that none is dead', () => {
	const used = new Set(
		[
			...everyStart().map((b) =>
				plan({ ...b.project, trims: [{ kind: 'button', count: 1 }] }, b.bench)
			),
			...harbour.projects.map(planned)
		].flatMap((p) => (p.ok ? p.assembly.map((s) => s.do) : []))
	);
	const seldom = [
		'close-held',
		'inside-out',
		'join-open',
		'join-ring',
		'latch-card',
		'thumb',
		'tie-off',
		'zip'
	];
	expect(
		[...TECHNIQUES.keys()].filter((k) => !used.has(k as never) && !seldom.includes(k))
	).toEqual([]);
});
