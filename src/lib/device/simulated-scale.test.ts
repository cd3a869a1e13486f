import { describe, expect, it } from 'vitest';
import type { ScaleReading } from './scale';
import { SimulatedScale } from './simulated-scale';

/** Time that is moved by hand, and chance from a small generator with a named seed. */
function around(seed = 7) {
	let time = 0;
	let ticks: (() => void)[] = [];
	let state = seed;
	return {
		now: () => time,
		random: () => {
			state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
			return state / 2_147_483_648;
		},
		every: (_ms: number, tick: () => void) => {
			ticks.push(tick);
			return () => (ticks = ticks.filter((t) => t !== tick));
		},
		pass: (ms: number) => {
			for (let t = 0; t < ms; t += 120) {
				time += 120;
				ticks.forEach((tick) => tick());
			}
		}
	};
}
const setUp = () => {
	const world = around();
	const scale = new SimulatedScale(world);
	const said: ScaleReading[] = [];
	const stop = scale.listen((r) => said.push(r));
	return { world, scale, said, stop };
};
const last = (said: ScaleReading[]) => said.at(-1)!;

describe('the stand-in kitchen scale', () => {
	it('settles before it is steady, and then shows what lies on it within two grams', () => {
		const { world, scale, said } = setUp();
		world.pass(2000);
		scale.place(87);
		world.pass(240);
		expect(last(said).state).toBe('settling');
		world.pass(4000);
		const r = last(said);
		expect(r.state).toBe('steady');
		expect(r.state === 'steady' && Math.abs(r.grams - 87)).toBeLessThanOrEqual(2);
	});

	it('drifts: the same ball weighs more after ten minutes', () => {
		const { world, scale, said } = setUp();
		scale.place(100);
		world.pass(4000);
		const before = last(said);
		world.pass(600_000);
		const after = last(said);
		expect(
			before.state === 'steady' && after.state !== 'unplugged' && after.grams - before.grams
		).toBeGreaterThan(2);
	});

	it('tare makes the bowl count as nothing', () => {
		const { world, scale, said } = setUp();
		scale.place(240);
		world.pass(4000);
		scale.tare();
		scale.place(240 + 55);
		world.pass(4000);
		const r = last(said);
		expect(r.state !== 'unplugged' && Math.abs(r.grams - 55)).toBeLessThanOrEqual(2);
	});

	it('unplugged it says so and nothing else; plugged in it weighs again', () => {
		const { world, scale, said } = setUp();
		scale.place(60);
		world.pass(3000);
		scale.plug(false);
		world.pass(500);
		expect(last(said)).toEqual({ state: 'unplugged' });
		scale.plug(true);
		world.pass(200);
		expect(last(said).state).toBe('settling');
		world.pass(3000);
		expect(last(said).state).toBe('steady');
	});

	it('is silent once nobody listens', () => {
		const { world, said, stop } = setUp();
		stop();
		const n = said.length;
		world.pass(2000);
		expect(said).toHaveLength(n);
	});
});
