import * as Comlink from 'comlink';
import type { EarWorker } from './ear.worker';

/** A worker that finds clicks in sound; ended by `end`. */
export function startListener(): {
	hear: (samples: Float32Array, sampleRate: number) => Promise<number[]>;
	end: () => void;
} {
	const worker = new Worker(new URL('./ear.worker.ts', import.meta.url), { type: 'module' });
	const ear = Comlink.wrap<EarWorker>(worker);
	return { hear: (samples, rate) => ear.hear(samples, rate), end: () => worker.terminate() };
}
