import type { Scale, ScaleReading } from './scale';

export interface Surroundings {
	/** From 0 to 1. */
	readonly random: () => number;
	/** Milliseconds. */
	readonly now: () => number;
	/** Calls `tick` again and again; returns what ends it. */
	readonly every: (ms: number, tick: () => void) => () => void;
}

const TICK_MS = 120;
/** The pan comes to rest like this: 63 % of the way in this time, ms. */
const SETTLE_MS = 280;
/** A warm kitchen scale wanders, grams in a minute. */
const DRIFT_G_A_MINUTE = 0.35;
const NOISE_G = 0.22;
const STEP_G = 1;
/** It calls itself steady when so many readings in a row lie within one step. */
const STEADY_READINGS = 6;

/**
 * A stand-in for a kitchen scale: what is put on it settles, it drifts slowly, shakes a little, shows whole grams, and can
 * be unplugged. Chance and time are given from outside, so that a test sees the same each time.
 */
export class SimulatedScale implements Scale {
	readonly name = 'Stand-in kitchen scale';
	readonly stepGrams = STEP_G;
	plugged = true;
	#load = 0;
	#shown = 0;
	#zero = 0;
	#onSince: number;
	#lastAt: number;
	#recent: number[] = [];

	constructor(private readonly around: Surroundings) {
		this.#onSince = this.#lastAt = around.now();
	}

	/** Puts so many grams on the pan in place of what was there. */
	place(grams: number): void {
		this.#load = Math.max(0, grams);
		this.#recent = [];
	}

	/** Unplugged it says so and forgets its zero; plugged in again it starts afresh. */
	plug(on: boolean): void {
		this.plugged = on;
		this.#recent = [];
		this.#zero = 0;
		this.#onSince = this.around.now();
	}

	tare(): void {
		this.#zero = this.#shown + this.#drift();
		this.#recent = [];
	}

	listen(listen: (reading: ScaleReading) => void): () => void {
		listen(this.read());
		return this.around.every(TICK_MS, () => listen(this.read()));
	}

	#drift(): number {
		return ((this.around.now() - this.#onSince) / 60_000) * DRIFT_G_A_MINUTE;
	}

	/** One reading, now. */
	read(): ScaleReading {
		const now = this.around.now();
		const passed = now - this.#lastAt;
		this.#lastAt = now;
		this.#shown += (this.#load - this.#shown) * (1 - Math.exp(-passed / SETTLE_MS));
		if (!this.plugged) return { state: 'unplugged' };
		const noise = (this.around.random() - 0.5) * 2 * NOISE_G;
		const raw = this.#shown + this.#drift() - this.#zero + noise;
		const grams = Math.round(raw / STEP_G) * STEP_G + 0;
		this.#recent = [...this.#recent, grams].slice(-STEADY_READINGS);
		const spread = Math.max(...this.#recent) - Math.min(...this.#recent);
		const steady = this.#recent.length === STEADY_READINGS && spread <= STEP_G;
		return { state: steady ? 'steady' : 'settling', grams };
	}
}
