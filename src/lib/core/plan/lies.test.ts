import { describe, expect, it } from 'vitest';
import { plan } from '../plan';
import { mainRowsOf, secondsPerRow, wasteOf } from './totals';
import { harbour } from '../../demo/harbour';
import { everyStart } from '../../../../tests/support/every';
import { flatLength } from '../crank/length';
import { asItLies } from './lies';

const planned = [
	...everyStart(),
	...harbour.projects.map((project) => ({ project, bench: harbour.bench }))
].flatMap(({ project, bench }) => {
	const made = plan(project, bench);
	return made.ok ? [made] : [];
});

describe('a piece as it lies', () => {
	it('is as long as its runs are, and as wide as its first row', () => {
		const whole = new Set<boolean>();
		for (const piece of planned.flatMap((p) => p.pieces)) {
			const { widthCm, bands } = asItLies(piece);
			const long = bands.reduce((t, b) => t + b.cm, 0);
			expect(long).toBeCloseTo(flatLength(piece.runs, piece.gauges).mean, 9);
			const across = (widthCm * (piece.gauges[0]?.stitchesPerCm.mean ?? 0)) / piece.stitches.first;
			const flat = piece.program.some((o) => o.op === 'work' && o.as === 'panel');
			expect(across, piece.name).toBeCloseTo(flat ? 1 : 1 / 2, 9);
			if (flat) whole.add(piece.stitches.first >= piece.machine.pins);
		}
		// Panels over the whole ring, and wider, are among them.
		expect([...whole].sort()).toEqual([false, true]);
	});
});

describe('what all pieces take', () => {
	it('is every piece as often as it is made', () => {
		for (const { pieces, time } of planned) {
			const each = pieces.flatMap((p) => Array.from({ length: p.count }, () => p));
			let rows = 0;
			let waste = 0;
			for (const p of each) {
				rows += p.mainRows;
				waste += p.wasteRows;
			}
			expect(mainRowsOf(pieces)).toBe(rows);
			expect(wasteOf(pieces).rows).toBe(waste);
			if (rows > 0)
				expect(secondsPerRow(pieces, time.value).mean * rows).toBeCloseTo(60 * time.value.mean, 6);
		}
	});
});
