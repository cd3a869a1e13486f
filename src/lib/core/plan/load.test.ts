import { describe, expect, it } from 'vitest';
import { anyProject } from '../../../../tests/support/some-options';
import { benchWith, everyStart, RINGS } from '../../../../tests/support/every';
import { plan } from '../plan';
import { countProgram, LIMITS, loadOf } from '../program/load';
import { splitPanels, widestAcross, LEAST_PANEL, MOST_PANELS } from '../shaping/wider';
import { wordFinding } from '../finding/says';

/** The most that a plan may weigh as JSON, bytes. */
const MOST_BYTES = 10_000_000;

describe('whatever the file format lets through', () => {
	it('is planned within the limits, or refused with the limit: 600 seeded projects', () => {
		const seen = new Map<string, number>();
		let refused = 0;
		for (let seed = 1; seed <= 600; seed++) {
			const { project, bench } = anyProject(seed);
			seen.set(project.options.recipe, (seen.get(project.options.recipe) ?? 0) + 1);
			const made = plan(project, bench);
			if (!made.ok) {
				refused += 1;
				const [f] = made.findings;
				expect(f, `seed ${seed}`).toMatchObject({ code: 'too-much', severity: 'stop' });
				const words = wordFinding(f!, { units: 'cm', yarnName: () => 'a' });
				expect(words.why).toMatch(/\d,\d{3} is the most|100 is the most/);
				continue;
			}
			const load = loadOf(made.pieces.map((p) => countProgram(p.program, p.machine.pins)));
			for (const what of ['pieces', 'rows', 'loops', 'joins'] as const)
				expect(load[what], `seed ${seed}: ${what}`).toBeLessThanOrEqual(LIMITS[what]);
			expect(JSON.stringify(made).length, `seed ${seed}`).toBeLessThan(MOST_BYTES);
		}
		expect(refused).toBeGreaterThan(5);
		expect(seen.size).toBeGreaterThan(25);
	});

	it('what is begun, on any ring down to four pins, is either planned or said why not', () => {
		for (const pins of [4, 5, 6, 8, ...RINGS])
			for (const { what, project, bench } of everyStart((p) => p, [benchWith(pins)])) {
				const made = plan(project, bench);
				expect(made.ok || made.findings.length > 0, `${what} on ${pins}`).toBe(true);
			}
	});
});

describe('panels of a width', () => {
	it('with two pins or fewer there are none, however wide', () => {
		for (const most of [-8, 0, 1, 2]) {
			expect(splitPanels(40, most)).toBeNull();
			expect(widestAcross(most)).toBe(most);
		}
		expect(splitPanels(2, 2)).toEqual([2]);
	});

	it('are as few as can be, and never more than are planned for', () => {
		for (let most = LEAST_PANEL; most < 30; most++)
			for (let across = 1; across < 200; across += 7) {
				const panels = splitPanels(across, most);
				const needed = (n: number) => Math.ceil((across + 2 * (n - 1)) / n);
				let fewest = 1;
				while (fewest <= MOST_PANELS && needed(fewest) > most) fewest += 1;
				if (fewest > MOST_PANELS) {
					expect(panels).toBeNull();
					expect(across).toBeGreaterThan(widestAcross(most));
				} else expect(panels).toHaveLength(fewest);
			}
	});
});
