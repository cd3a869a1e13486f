import { expect, it } from 'vitest';
import { estimate } from '../quantity/estimate';
import { waysWider } from '../shaping/wider';
import { wayCost } from './way-cost';

it('a way costs rows at the crank, rungs and seams by hand, and yarn in its loops, each with its spread', () => {
	const ways = waysWider({ widthCm: 50, heightCm: 20 }, { stitchesPerCm: 1.6, rowsPerCm: 2 }, 44);
	const pace = { secondsPerRow: estimate(6, 1.5, 'learned'), loopCm: estimate(2, 0.1, 'measured') };
	const [panels, ladders] = ways;
	// Two panels of 40 rows at 6 s, and 20 cm sewn at 12 s.
	expect(wayCost(panels!, pace).minutes.mean).toBeCloseTo((80 * 6 + 20 * 12) / 60, 9);
	expect(wayCost(panels!, pace).minutes.sd).toBeCloseTo(Math.hypot(80 * 1.5, 240 * 0.33) / 60, 9);
	// Forty rows, and 36 rungs in each at 2 s.
	expect(wayCost(ladders!, pace).minutes.mean).toBeCloseTo((40 * 6 + 40 * 36 * 2) / 60, 9);
	expect(wayCost(ladders!, pace).minutes.basis).toBe('estimated');
	expect(wayCost(ladders!, pace).metres).toMatchObject({ mean: 64, basis: 'measured' });
});
