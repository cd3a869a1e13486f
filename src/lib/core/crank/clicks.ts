import { quantileSorted } from 'simple-statistics';

/** Where a counter's click is and most of the room is not, Hz (from memory). */
const BAND = { low: 1800, high: 6500 };
/** Energy is summed over so long a step, s; a click is about two. */
const STEP_S = 0.005;
/** The room is known from so long, s, and looked at again every so many steps. */
const ROOM_S = 1.2;
const LOOK_EVERY = 10;
/** A click stands out of the room by this much: over its middle, and over its loudest, where the pins clatter. */
const OVER_MIDDLE = 7;
const OVER_LOUD = 1.8;
/** And is no weaker than this share of the clicks before it, once a few are known. */
const OF_USUAL = 0.3;
const USUAL_OF = 9;
const USUAL_FROM = 4;
/** So long, s, it listens before it says anything: nobody cranks so slowly that no click falls into it. */
const LEARN_S = 3;
/** After so long without one, s, it forgets how loud they were. */
const FORGET_S = 6;
/** A click is the loudest within this time on both sides, s; nobody cranks faster. */
const ALONE_S = 0.16;
/** Nothing below this is a sound at all. */
const SILENCE = 1e-9;

/** Second-order section, direct form I; coefficients after R. Bristow-Johnson's cookbook for audio filters (from memory). */
function section(kind: 'high' | 'low', hz: number, sampleRate: number): (x: number) => number {
	const w = (2 * Math.PI * Math.min(hz, 0.45 * sampleRate)) / sampleRate;
	const alpha = Math.sin(w) / Math.SQRT2;
	const cos = Math.cos(w);
	const edge = kind === 'high' ? (1 + cos) / 2 : (1 - cos) / 2;
	const a0 = 1 + alpha;
	const b0 = edge / a0;
	const b1 = ((kind === 'high' ? -2 : 2) * edge) / a0;
	const a1 = (-2 * cos) / a0;
	const a2 = (1 - alpha) / a0;
	let x1 = 0;
	let x2 = 0;
	let y1 = 0;
	let y2 = 0;
	return (x) => {
		const y = b0 * x + b1 * x1 + b0 * x2 - a1 * y1 - a2 * y2;
		x2 = x1;
		x1 = x;
		y2 = y1;
		y1 = y;
		return y;
	};
}

/**
 * Finds the clicks of a row counter in sound as it comes in: the band of the click, its energy in short steps, and those
 * steps that stand out of the room, of the pins' clatter and of the clicks heard before. Nothing of the sound is kept but
 * the energies of the last seconds. A click is told about 0.2 s after it was.
 */
export class ClickFinder {
	readonly #step: number;
	readonly #alone: number;
	readonly #filters: readonly ((x: number) => number)[];
	#sum = 0;
	#inStep = 0;
	#steps = 0;
	/** Energies of the last steps, oldest first, and what they say of the room. */
	#room: number[] = [];
	#threshold = Infinity;
	/** The loudest step that may be a click, until it has been alone long enough. */
	#best: { energy: number; step: number } | null = null;
	#usual: number[] = [];
	/** Heard while it still learned what a click is here. */
	#floor = 0;
	#lastStep = 0;
	#early: { energy: number; step: number }[] | null = [];

	/** @param sampleRate samples a second, 8,000 and more */
	constructor(private readonly sampleRate: number) {
		this.#step = Math.round(sampleRate * STEP_S);
		this.#alone = Math.round(ALONE_S / STEP_S);
		this.#filters = [
			section('high', BAND.low, sampleRate),
			section('high', BAND.low, sampleRate),
			section('low', BAND.high, sampleRate)
		];
	}

	/** Takes the next samples, from -1 to 1; answers with the times of clicks, s from the start. */
	hear(samples: Float32Array): number[] {
		const found: number[] = [];
		for (const sample of samples) {
			let x = sample;
			for (const filter of this.#filters) x = filter(x);
			this.#sum += x * x;
			if (++this.#inStep < this.#step) continue;
			found.push(...this.#endStep(this.#sum));
			this.#sum = 0;
			this.#inStep = 0;
		}
		return found;
	}

	#endStep(energy: number): number[] {
		const step = this.#steps++;
		this.#room.push(energy);
		if (this.#room.length > ROOM_S / STEP_S) this.#room.shift();
		if (step % LOOK_EVERY === 0 && this.#room.length >= 40) this.#lookAround();
		if (energy > this.#threshold && energy > (this.#best?.energy ?? 0))
			this.#best = { energy, step };
		if (this.#early && step * STEP_S >= LEARN_S) return this.#learned(this.#early);
		if (!this.#best || step - this.#best.step < this.#alone) return [];
		const click = this.#best;
		this.#best = null;
		if (this.#early) {
			this.#early.push(click);
			return [];
		}
		this.#usual = [...this.#usual, click.energy].slice(-USUAL_OF);
		this.#lastStep = click.step;
		return [this.#timeOf(click.step)];
	}

	#timeOf(step: number): number {
		return (step * this.#step) / this.sampleRate;
	}

	/** The loudest of the first seconds was a click, if there was any: those much weaker were none. */
	#learned(early: readonly { energy: number; step: number }[]): number[] {
		this.#early = null;
		const loudest = Math.max(0, ...early.map((c) => c.energy));
		const clicks = early.filter((c) => c.energy >= OF_USUAL * loudest);
		this.#usual = clicks.map((c) => c.energy);
		this.#floor = OF_USUAL * loudest;
		this.#lastStep = this.#steps;
		return clicks.map((c) => this.#timeOf(c.step));
	}

	#lookAround(): void {
		// Nothing for a while: what it took for clicks may have been something louder, or the microphone was moved.
		if (this.#steps - this.#lastStep > FORGET_S / STEP_S) {
			this.#usual = [];
			this.#floor = 0;
		}
		const sorted = [...this.#room].sort((a, b) => a - b);
		const room = Math.max(
			SILENCE * this.#step,
			OVER_MIDDLE * quantileSorted(sorted, 0.5),
			OVER_LOUD * quantileSorted(sorted, 0.97)
		);
		const known = [...this.#usual].sort((a, b) => a - b);
		const usual = known.length >= USUAL_FROM ? OF_USUAL * quantileSorted(known, 0.7) : this.#floor;
		this.#threshold = Math.max(room, usual);
	}
}
