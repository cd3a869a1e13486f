import { expect, it } from 'vitest';
import { everyChange } from '../../../../tests/support/changes';
import { benchWith } from '../../../../tests/support/every';
import { plan } from '../plan';
import { evidenceFrom } from './evidence';
import { forecastOf } from './forecast';
import { movedBy } from './lesson';

const bench = benchWith(48);
const close = (a: number, b: number) => Math.abs(a / b - 1) < 1e-6;

it('a thing logged exactly as planned leaves every gauge where it was and only narrows it, whatever it is', () => {
	let [logged, taught] = [0, 0];
	const mute = new Set<string>();
	for (const { recipe, key, project } of everyChange(bench)) {
		const made = plan(project, bench);
		if (!made.ok) continue;
		const rows = made.pieces[0]?.mainRows ?? 1;
		const told = forecastOf(project, bench, Math.max(1, rows));
		if (!told) continue;
		const where = `${recipe} ${key ?? ''}`;
		const machine = made.machine;
		const result = {
			id: 'r',
			projectId: project.id,
			at: 0,
			when: 'rested' as const,
			sizes: told.forecast.sizes.map(({ id, cm }) => ({ id, cm, odd: false })),
			grams: told.forecast.grams?.mean ?? null,
			minutes: null,
			rowsKnitted: Math.max(1, rows),
			forecast: told.forecast,
			shows: 'shape' as const,
			tailMetres: null,
			usualMinutes: null,
			note: '',
			next: 'no' as const
		};
		const yarn = made.yarns[0]!;
		const evidence = evidenceFrom({ project, results: [result], machine, yarn, oneYarn: true });
		for (const { was, is } of movedBy(project.id, { ...bench, evidence })) {
			for (const side of ['stitchesPerCm', 'rowsPerCm'] as const) {
				const [a, b] = [was[side], is[side]];
				if (!close(a.mean, b.mean)) throw new Error(`${where}: ${side} ${a.mean} to ${b.mean}`);
				if (b.sd / b.mean > a.sd / a.mean + 1e-9)
					throw new Error(`${where}: ${side} spread ${a.sd} to ${b.sd}`);
				if (b.sd < 0.97 * a.sd) taught++;
			}
			if (!close(was.loopCm.mean, is.loopCm.mean))
				throw new Error(`${where}: loop ${was.loopCm.mean} to ${is.loopCm.mean}`);
		}
		if (!told.forecast.sizes.some((s) => s.by.length > 0)) mute.add(recipe);
		logged++;
	}
	expect(logged).toBeGreaterThan(500);
	expect(taught).toBeGreaterThan(500);
	// Only what has no size that hangs by rows or stitches teaches none.
	expect([...mute].sort()).toEqual(['pom-pom']);
}, 300_000);
