import { describe, expect, it } from 'vitest';
import { everyStart } from '../../../../tests/support/every';
import { harbour } from '../../demo/harbour';
import { project as projectSchema, type Project } from '../model/project';
import type { Trim } from '../model/trim';
import { plan, type Plan } from '../plan';
import { wordFix } from '../finding/fix';
import { wordStep } from '../technique/say-step';
import { suits, trimsFor, usualTrim } from './trims';

const ONE: Record<Trim['kind'], Trim> = {
	'pom-pom': { kind: 'pom-pom', count: 2, cardCm: 8 },
	drawstring: { kind: 'drawstring', chains: 60 },
	button: { kind: 'button', count: 3 },
	patch: { kind: 'patch', count: 1 },
	tag: { kind: 'tag', count: 1 }
};
const metres = (p: Plan) => p.amounts.reduce((t, a) => t + a.metres.value.mean, 0);
const ids = (p: Plan) => p.steps.map((s) => s.id);

describe('what is added at the end', () => {
	it('of every recipe: each that suits has its steps before the measuring, its minutes, its tools and its yarn', () => {
		let seen = 0;
		for (const { project, bench, what } of everyStart()) {
			const plain = plan(project, bench);
			if (!plain.ok) continue;
			for (const kind of trimsFor(plain.assembly)) {
				const with_ = plan({ ...project, trims: [ONE[kind]] }, bench);
				if (!with_.ok) throw new Error(what);
				seen += 1;
				const added = with_.steps.filter((s) => !ids(plain).includes(s.id));
				expect([what, kind, added.length > 0]).toEqual([what, kind, true]);
				expect(with_.steps.at(-1)?.do).toBe('measure');
				expect(new Set(ids(with_)).size).toBe(with_.steps.length);
				expect(with_.byHand!.value.mean).toBeGreaterThan(plain.byHand!.value.mean);
				for (const s of added) expect(wordStep(s, 'cm').how).not.toMatch(/NaN|undefined/);
				const more = metres(with_) - metres(plain);
				if (kind === 'pom-pom' || kind === 'drawstring') expect(more).toBeGreaterThan(0.5);
				else expect(more).toBeCloseTo(0, 9);
				// Nothing of what was there has moved.
				expect(with_.pieces.map((p) => p.program)).toEqual(plain.pieces.map((p) => p.program));
			}
		}
		expect(seen).toBeGreaterThan(200);
	});

	it('a hat with its pom-pom: wraps of the first yarn, and a strand that ties each', () => {
		const keeper = harbour.projects.find((p) => p.id === 'project-keeper')!;
		const plain = plan(keeper, harbour.bench);
		const hat = plan({ ...keeper, trims: [ONE['pom-pom']] }, harbour.bench);
		if (!plain.ok || !hat.ok) throw new Error();
		const wind = hat.steps.find((s) => s.do === 'wind')!;
		expect(metres(hat) - metres(plain)).toBeCloseTo(2 * ((wind.wraps * 2 * 8) / 100 + 0.34), 6);
		expect(hat.steps.map((s) => s.do)).toEqual(
			expect.arrayContaining(['wind', 'tie-cut', 'fix-pom', 'measure'])
		);
	});

	it('what does not suit is left out: a second cord in a pouch, a pom-pom of pom-poms', () => {
		const of = (what: string) => {
			const b = everyStart().find((x) => x.what === what && x.pins === 48)!;
			const p = plan(b.project, b.bench);
			return p.ok ? trimsFor(p.assembly) : [];
		};
		expect(of('pouch')).not.toContain('drawstring');
		expect(of('pom-pom')).not.toContain('pom-pom');
		expect(of('tube-top')).toContain('drawstring');
		expect(of('scarf')).not.toContain('drawstring');
	});

	it('a drawstring is usually as long as its channel is round, and has ends to tie', () => {
		const hats = everyStart().filter(({ what }) => what === 'hem-hat');
		const chains = hats.map(({ project, bench }) => {
			const made = plan(project, bench);
			if (!made.ok) throw new Error(made.why);
			const usual = usualTrim('drawstring', made);
			const round = made.machine.pins / made.gauges[0]!.stitchesPerCm.mean;
			if (usual.kind !== 'drawstring') throw new Error();
			// A chain is 0.45 cm, from memory.
			expect(usual.chains * 0.45).toBeGreaterThan(round + 10);
			expect(usual.chains * 0.45).toBeLessThan(round + 16);
			return usual.chains;
		});
		expect(new Set(chains).size).toBeGreaterThan(1);
	});

	it('a cord says what it runs through, and for how many; without a channel it is left out', () => {
		const of = (what: string, trims: Trim[] = [ONE.drawstring]) => {
			const b = everyStart().find((x) => x.what === what && x.pins === 48)!;
			const p = plan({ ...b.project, trims }, b.bench);
			if (!p.ok) throw new Error(what);
			return { p, step: p.steps.find((s) => s.do === 'drawstring') };
		};
		const title = (what: string) => wordStep(of(what).step!, 'cm').title;
		expect(title('hem-hat')).toBe('Chain a cord of 60, about 27 cm, and run it through the hem');
		expect(title('tube-top')).toMatch(/in and out below the bound edge$/);
		expect(title('warmers')).toMatch(/below the bound edge, 2 times$/);
		expect(of('scarf').step).toBeUndefined();
		expect(suits('drawstring', of('scarf').p.assembly)).toBe(false);
		expect(suits('drawstring', of('tube-top').p.assembly)).toBe(true);
	});

	it('buttons, cords and pom-poms stop what is for the smallest, and leaving them off settles it', () => {
		for (const what of ['baby-hat', 'toy']) {
			const b = everyStart().find((x) => x.what === what && x.pins === 22)!;
			for (const kind of ['pom-pom', 'drawstring'] as const) {
				const also = plan({ ...b.project, trims: [ONE[kind]] }, b.bench);
				expect(also.findings.find((f) => f.code === 'small-trims')?.severity).toBe('stop');
			}
			const project: Project = { ...b.project, trims: [ONE.tag, ONE.button] };
			const p = plan(project, b.bench);
			if (!p.ok) throw new Error();
			const found = p.findings.find((f) => f.code === 'small-trims')!;
			expect(found.severity).toBe('stop');
			expect(wordFix(found.fix!, 'cm')).toBe('Leave it off');
			const then = plan({ ...project, ...found.fix!.project }, b.bench);
			expect(then.findings.map((f) => f.code)).not.toContain('small-trims');
			expect(found.fix!.project!.trims).toEqual([ONE.tag]);
		}
	});

	it('stands in the file’s schema, and may be left out', () => {
		const keeper = harbour.projects.find((p) => p.id === 'project-keeper')!;
		const trims = Object.values(ONE);
		expect(projectSchema.parse({ ...keeper, trims }).trims).toEqual(trims);
		expect(projectSchema.parse(keeper).trims).toBeUndefined();
		expect(
			projectSchema.safeParse({ ...keeper, trims: [{ kind: 'button', count: 0 }] }).success
		).toBe(false);
		// The same twice would be ticked off as one.
		expect(projectSchema.safeParse({ ...keeper, trims: [ONE.button, ONE.button] }).success).toBe(
			false
		);
	});
});
