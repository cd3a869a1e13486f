import { describe, expect, it } from 'vitest';
import { harbour } from '../../demo/harbour';
import { gaugeBook } from '../bench/gauge/book';
import type { Project } from '../model/project';
import type { GarlandOptions, AssembledOptions } from '../recipe/assembled/options';
import { wordFinding } from '../finding/says';
import { plan, planBare, type AssembledPlan } from '../plan';
import { recipeOf, RECIPES } from '../recipe';
import type { Plan } from './types';

const { bench, projects } = harbour;
const planned = (p: Project): Plan => {
	const made = plan(p, bench);
	if (!made.ok) throw new Error(p.name);
	return made;
};
const named = (key: string): Project => projects.find((p) => p.id === `project-${key}`)!;

describe.each(projects.map((p) => [p.name, p] as const))('%s', (_, project) => {
	it('is the same without counsel, but for its findings', () => {
		const bare = planBare(project, bench, gaugeBook(bench));
		if (!bare.ok) throw new Error();
		expect(bare.findings).toEqual([]);
		expect(bare).toEqual({ ...planned(project), findings: [] });
	});
	it('has each piece on a machine of the bench, its gauges by the yarns of the plan', () => {
		const whole = planned(project);
		for (const p of whole.pieces) {
			expect(bench.machines).toContainEqual(p.machine);
			expect(p.gauges).toHaveLength(whole.yarns.length);
			const most = p.program.some((o) => o.op === 'cast-on' && o.to !== undefined);
			if (!most) expect(p.stitches.first).toBe(p.machine.pins);
		}
	});
	it('counts its time over every machine it is made on', () => {
		const whole = planned(project);
		const rows = whole.pieces.reduce((t, p) => t + p.count * p.mainRows, 0);
		const said = whole.time.working.flatMap((w) =>
			typeof w !== 'string' && w.kind === 'rows' ? [w.value] : []
		);
		expect(said.reduce((t, r) => t + r, 0)).toBe(rows);
	});
});

describe('a thing whose parts are made on other machines', () => {
	const garland = named('garland');
	const options = garland.options as GarlandOptions;
	const assembled = (patch: Partial<GarlandOptions>): AssembledPlan => {
		const p = planned({ ...garland, options: { ...options, ...patch } as AssembledOptions });
		return p as AssembledPlan;
	};
	const on = (machine: 'machine-22' | 'machine-48') =>
		options.items.map((x) => ({
			...x,
			on: bench.machines.find((m) => m.id === machine)!.id,
			size: null
		}));
	it('is larger on more pins: each by its own gauge', () => {
		const size = (items: GarlandOptions['items']) => {
			const { finished: t } = assembled({ items });
			if (t.kind !== 'hung') throw new Error();
			return t.items.find((x) => x.kind === 'bauble')!.widthCm;
		};
		expect(size(on('machine-48')) / size(on('machine-22'))).toBeGreaterThan(1.6);
	});
	it('takes more yarn and stuffing the larger it is', () => {
		const small = assembled({ items: on('machine-22') });
		const large = assembled({ items: on('machine-48') });
		const grams = (p: AssembledPlan) => p.amounts.reduce((t, a) => t + a.grams.value.mean, 0);
		expect(grams(large)).toBeGreaterThan(1.5 * grams(small));
		// Thrice as much goes into what is twice as wide, at least.
		expect(large.fill!.value.mean).toBeGreaterThan(3 * small.fill!.value.mean);
	});
	it('named twice on the project’s own machine is the same as on none', () => {
		const mine = bench.machines.find((m) => m.id === garland.machineId)!.id;
		const items = (id: typeof mine | null) => options.items.map((x) => ({ ...x, on: id }));
		const strip = (p: AssembledPlan) => ({
			amounts: p.amounts,
			rows: p.pieces.map((x) => [x.id, x.mainRows, x.count]),
			time: p.time
		});
		expect(strip(assembled({ items: items(mine) }))).toEqual(
			strip(assembled({ items: items(null) }))
		);
	});
	it('of a firmer filling is heavier and no larger', () => {
		const light = assembled({ fill: 'light' });
		const firm = assembled({ fill: 'firm' });
		expect(firm.fill!.value.mean).toBeGreaterThan(2 * light.fill!.value.mean);
		expect(firm.pieces.map((p) => p.mainRows)).toEqual(light.pieces.map((p) => p.mainRows));
	});
	it('on a knitted cord has the cord as its last piece, as long as it hangs with both loops', () => {
		const p = assembled({ cord: 'knitted' });
		const cord = p.pieces.at(-1)!;
		expect(cord.id).toBe('cord');
		if (p.finished.kind !== 'hung') throw new Error();
		const rowsPerCm = cord.gauges[0]!.rowsPerCm.mean;
		expect(cord.mainRows).toBe(Math.round(p.finished.cordCm * rowsPerCm));
		expect(p.finished.cordCm).toBeCloseTo(p.finished.solved.cord.lengthCm + 2 * options.loopCm, 9);
		const own = assembled({ cord: 'own' });
		expect(own.pieces.some((x) => x.id === 'cord')).toBe(false);
		const metres = (q: AssembledPlan) => q.amounts[0]!.metres.value.mean;
		expect(metres(p)).toBeGreaterThan(metres(own));
	});
});

it('an accepted finding stays quiet by its kind and place, and a stop cannot be accepted', () => {
	const keeper = named('bag');
	const [first] = planned(keeper).findings;
	const again = planned({ ...keeper, accepted: [first!.key] });
	expect(again.findings.find((f) => f.key === first!.key)!.accepted).toBe(true);
});

describe('options that do not read', () => {
	const BAD: Record<string, unknown> = { text: 'moon', number: -1e9, nothing: undefined, list: [] };
	it.each(RECIPES.map((r) => r.id))(
		'of %s are said with their place, and the usual in that one place mends them',
		(id) => {
			const recipe = recipeOf(id)!;
			const options = recipe.defaults(bench, bench.machines[0])!;
			const asked = Object.keys(recipe.options.shape).filter(
				(k) => k !== 'recipe' && k !== 'yarns'
			);
			let bad = 0;
			for (const key of asked)
				for (const value of Object.values(BAD)) {
					const project: Project = { ...projects[0]!, options: { ...options, [key]: value } };
					if (recipe.options.safeParse(project.options).success) continue;
					bad++;
					const none = plan(project, bench);
					expect(none).toMatchObject({ ok: false, why: 'damaged' });
					const [f] = none.findings;
					expect(f).toMatchObject({ code: 'options-unread', severity: 'stop' });
					const said = wordFinding(f!, { units: 'cm', yarnName: () => '' });
					expect(`${said.what} ${said.why}`).toContain(key);
					expect(Object.keys(f!.fix!.options!)).toEqual([key]);
					const mended = { ...project, options: { ...project.options, ...f!.fix!.options } };
					expect(plan(mended, bench).ok, `${key} ${String(value)}`).toBe(true);
				}
			expect(bad).toBeGreaterThan(2 * asked.length);
		}
	);
});
