import { entryAt } from '../core/quantity/sure';
import type { SoundInput } from './sound-input';

export interface SimulatedSound {
	readonly sampleRate: number;
	readonly turns: number;
	readonly turnsPerMinute: number;
	readonly pins: number;
	/** Power of a click over its 20 ms to that of all the rest, dB. */
	readonly signalToNoiseDb: number;
	/** Share of the clatter of the pins in all the rest, 0 to 1; what is left is even noise. */
	readonly clatter: number;
	/** From 0 to 1. */
	readonly random: () => number;
}

export interface Recording {
	readonly samples: Float32Array;
	/** When the counter really clicked, s. */
	readonly clicks: readonly number[];
}

const CLICK_S = 0.02;

/** A short struck sound: a decaying tone with some noise in it, of power 1 over `overS`. */
function strike(
	rate: number,
	{ hz, decayS, overS }: { hz: number; decayS: number; overS: number },
	random: () => number
) {
	const n = Math.round(overS * rate);
	const samples = Float32Array.from({ length: n }, (_, i) => {
		const t = i / rate;
		return Math.exp(-t / decayS) * (Math.sin(2 * Math.PI * hz * t) + 0.5 * (2 * random() - 1));
	});
	const power = samples.reduce((s, x) => s + x * x, 0) / n;
	return samples.map((x) => x / Math.sqrt(power));
}

function add(to: Float32Array, what: Float32Array, at: number, times: number): void {
	for (let i = 0; i < what.length && at + i < to.length; i++) {
		to[at + i] = entryAt(to, at + i) + times * entryAt(what, i);
	}
}

/**
 * A stand-in for a microphone beside a machine whose counter clicks once a turn, while every pin clatters past the feeder
 * and the room hums. Invented sounds, made anew from chance; nothing is recorded.
 */
export function soundOfCounter(s: SimulatedSound): Recording {
	const { sampleRate: rate, random } = s;
	const turnS = 60 / s.turnsPerMinute;
	const samples = new Float32Array(Math.ceil((s.turns + 1) * turnS * rate));
	const noiseSd = Math.sqrt(1 - s.clatter);
	for (let i = 0; i < samples.length; i++) samples[i] = noiseSd * Math.sqrt(3) * (2 * random() - 1);
	// Each pin strikes as it passes; so many strikes a second share the clatter's power.
	const pinsASecond = s.pins / turnS;
	const pinPower = s.clatter / (pinsASecond * 0.006);
	for (let pin = 0; pin < s.turns * s.pins; pin++) {
		const at = Math.round(((pin + 0.3 * random()) / pinsASecond) * rate);
		const tone = strike(rate, { hz: 900 + 500 * random(), decayS: 0.003, overS: 0.006 }, random);
		add(samples, tone, at, Math.sqrt(pinPower * (0.6 + 0.8 * random())));
	}
	const power = 10 ** (s.signalToNoiseDb / 10);
	const hz = 2600 + 1600 * random();
	const clicks = Array.from({ length: s.turns }, (_, turn) => {
		const at = (turn + 1 + 0.05 * (random() - 0.5)) * turnS;
		const tone = strike(
			rate,
			{ hz: hz * (0.97 + 0.06 * random()), decayS: 0.005, overS: CLICK_S },
			random
		);
		add(samples, tone, Math.round(at * rate), Math.sqrt(power * (0.75 + 0.5 * random())));
		return at;
	});
	const loudest = samples.reduce((m, x) => Math.max(m, Math.abs(x)), 0);
	return { samples: samples.map((x) => x / loudest), clicks };
}

/** A stand-in for the microphone: a counter that clicks, over and over, as fast as sound goes. */
export class SimulatedClicks implements SoundInput {
	readonly name = 'Stand-in: a counter that clicks';

	constructor(
		private readonly sound: Omit<SimulatedSound, 'sampleRate'>,
		private readonly every: (ms: number, tick: () => void) => () => void
	) {}

	listen(hear: (samples: Float32Array, sampleRate: number) => void): Promise<() => void> {
		const sampleRate = 16_000;
		const { samples } = soundOfCounter({ ...this.sound, sampleRate });
		const piece = 1024;
		let at = 0;
		const stop = this.every((piece / sampleRate) * 1000, () => {
			if (at < samples.length) hear(samples.slice(at, at + piece), sampleRate);
			at += piece;
		});
		return Promise.resolve(stop);
	}
}
