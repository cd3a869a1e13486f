import { describe, expect, it } from 'vitest';
import { seeded } from '../../../../tests/support/random';
import { soundOfCounter, type Recording, type SimulatedSound } from '../../device/simulated-clicks';
import { ClickFinder } from './clicks';

const RATE = 16_000;

function listen({ samples }: Recording, rate = RATE, chunk = 1024): number[] {
	const finder = new ClickFinder(rate);
	const found: number[] = [];
	for (let i = 0; i < samples.length; i += chunk)
		found.push(...finder.hear(samples.subarray(i, i + chunk)));
	return found;
}
/** Clicks found within 30 ms, and found ones that were none. */
function score(recording: Recording, found: readonly number[]) {
	const near = (t: number, list: readonly number[]) => list.some((x) => Math.abs(x - t) < 0.03);
	return {
		hits: recording.clicks.filter((t) => near(t, found)).length,
		wrong: found.filter((t) => !near(t, recording.clicks)).length,
		clicks: recording.clicks.length
	};
}
const sound = (seed: number, patch: Partial<SimulatedSound> = {}): Recording =>
	soundOfCounter({
		sampleRate: RATE,
		turns: 60,
		turnsPerMinute: 45,
		pins: 48,
		signalToNoiseDb: 10,
		clatter: 0.5,
		random: seeded(seed),
		...patch
	});

describe('clicks of a counter, by ear', () => {
	it('at 10 dB over noise and clatter finds 99 % and takes 1 % for clicks that are none', () => {
		const total = { hits: 0, wrong: 0, clicks: 0 };
		const cases = [
			[22, 30],
			[48, 25],
			[48, 45],
			[48, 75],
			[96, 60]
		] as const;
		for (const [i, [pins, turnsPerMinute]] of cases.entries())
			for (const clatter of [0.2, 0.5, 0.8]) {
				const recording = sound(100 * i + 10 * clatter, { pins, turnsPerMinute, clatter });
				const s = score(recording, listen(recording));
				total.hits += s.hits;
				total.wrong += s.wrong;
				total.clicks += s.clicks;
			}
		expect(total.clicks).toBe(900);
		expect(total.hits / total.clicks).toBeGreaterThanOrEqual(0.99);
		expect(total.wrong / total.clicks).toBeLessThanOrEqual(0.01);
	});

	it('hears the same whatever the pieces it is given the sound in', () => {
		const recording = sound(7, { turns: 12 });
		expect(listen(recording, RATE, 333)).toEqual(listen(recording, RATE, 4096));
	});

	it('hears as well at the rate of a sound card', () => {
		const recording = sound(8, { sampleRate: 48_000, turns: 20 });
		const s = score(recording, listen(recording, 48_000));
		expect(s).toMatchObject({ hits: 20, wrong: 0 });
	});

	it('finds nothing in silence and next to nothing in noise alone', () => {
		expect(new ClickFinder(RATE).hear(new Float32Array(RATE * 5))).toEqual([]);
		const random = seeded(3);
		const noise = Float32Array.from({ length: RATE * 60 }, () => 0.2 * (2 * random() - 1));
		expect(new ClickFinder(RATE).hear(noise).length).toBeLessThanOrEqual(1);
	});

	it('a bang at the start does not deafen it for good', () => {
		const recording = sound(10, { turns: 30 });
		for (let i = 0; i < 400; i++) recording.samples[8000 + i] = i % 2 ? 40 : -40;
		const found = listen(recording);
		const late = recording.clicks.filter((t) => t > 12);
		expect(late.filter((t) => found.some((f) => Math.abs(f - t) < 0.03))).toEqual(late);
	});

	it('a clatter without clicks is not counted as turns', () => {
		const recording = sound(9, { signalToNoiseDb: -60, clatter: 0.8 });
		expect(listen(recording).length).toBeLessThanOrEqual(3);
	});
});
