import { describe, expect, it } from 'vitest';
import { projectOf } from '../../../../tests/support/bench';
import { benchWith } from '../../../../tests/support/every';
import type { Bench, Forecast } from '../model/project';
import { plan, type Plan } from '../plan';
import { recipeOf, RECIPES } from '../recipe';
import { askedOf, movesOf, wild } from './ask';
import { forecastOf } from './forecast';

const bench = benchWith(48);
/** The same bench, where all swatches have so many times as many rows or stitches to the cm. */
const bent = (side: 'rows' | 'stitches', times: number): Bench => ({
	...bench,
	swatches: bench.swatches.map((s) => ({
		...s,
		readings: s.readings.map((r) => {
			const c = r[side];
			return c ? { ...r, [side]: { ...c, count: c.count * times } } : r;
		})
	}))
});
const toldOf = (
	id: string
): { told: Forecast; made: Plan; rows: number; again: (b: Bench) => Plan } => {
	const options = recipeOf(id)!.defaults(bench, bench.machines[0]!)!;
	const project = { ...projectOf(), machineId: bench.machines[0]!.id, options };
	const made = plan(project, bench);
	if (!made.ok) throw new Error(id);
	const rows = Math.max(1, made.pieces[0]?.mainRows ?? 1);
	const again = (b: Bench) => {
		const p = plan(project, b, { rows });
		if (!p.ok) throw new Error(id);
		return p;
	};
	return { told: forecastOf(project, bench, rows)!.forecast, made, rows, again };
};

describe('how a size moves with the gauge', () => {
	/** Of these the rows that were knitted can be kept, so that a plan at another gauge shows how a size really moves. */
	const kept = RECIPES.map((r) => r.id).filter((id) => recipeOf(id)!.withRows);
	it.each(kept)('%s moves as a plan at another gauge has it', (id) => {
		const { told, rows, again } = toldOf(id);
		expect(again(bench).pieces[0]!.mainRows).toBe(rows);
		const STEP = 1.002;
		let seen = 0;
		for (const side of ['rows', 'stitches'] as const) {
			const [less, more] = [again(bent(side, 1 / STEP)), again(bent(side, STEP))];
			if (more.pieces[0]!.mainRows !== rows) continue;
			for (const size of told.sizes) {
				const at = (p: Plan) => p.sizes.find((s) => s.id === size.id)!.figure.value.mean;
				const real = Math.log(at(more) / at(less)) / (2 * Math.log(STEP));
				// Worn sizes hang by the stretch as well, of which the plan's spread takes the greater part.
				if (size.lies === 'worn') continue;
				expect(movesOf(size)[side], `${size.id}, ${side}`).toBeCloseTo(real, 1);
				seen++;
			}
		}
		expect(seen).toBeGreaterThan(1);
	});
});

describe('what the log asks', () => {
	it.each(RECIPES.map((r) => r.id))(
		'%s: first two sizes that tell rows and stitches, where there are',
		(id) => {
			const { told } = toldOf(id);
			const asked = askedOf(told, 'rested');
			expect(asked.map((s) => s.id).sort()).toEqual(
				told.sizes
					.filter((s) => s.lies !== 'worn')
					.map((s) => s.id)
					.sort()
			);
			const says = (side: 'rows' | 'stitches', of: readonly Forecast['sizes'][number][]) =>
				of.some((s) => Math.abs(movesOf(s)[side]) > 0.2);
			for (const side of ['rows', 'stitches'] as const)
				if (says(side, asked)) expect(says(side, asked.slice(0, 2)), side).toBe(true);
		}
	);

	it('a reading that can hardly be is asked about, with how it is likelier meant', () => {
		const { told } = toldOf('lined-hat');
		const tube = told.sizes.find((s) => s.id === 'tube-flat')!;
		const of = (cm: number) => wild(told, 'tube-flat', cm, 'rested');
		expect(of(tube.cm * 1.05)).toBeNull();
		expect(of(tube.cm / 2)).toMatchObject({ side: 'rows', meant: { as: 'one-layer' } });
		expect(of(tube.cm / 2)!.meant!.cm).toBeCloseTo(tube.cm, 9);
		expect(of(tube.cm / 2)!.would).toBeCloseTo(2 * of(tube.cm / 2)!.was, 6);
		expect(of(tube.cm / 2.54)).toMatchObject({ meant: { as: 'inches' } });
		expect(of(tube.cm * 2.54)).toMatchObject({ meant: { as: 'centimetres' } });
		expect(of(tube.cm * 2)).toMatchObject({ meant: { as: 'both-layers' } });
		expect(of(tube.cm * 1.4)).toMatchObject({ meant: null });
		expect(wild(told, 'nowhere', 30, 'rested')).toBeNull();
	});
});
