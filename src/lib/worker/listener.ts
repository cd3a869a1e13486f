import * as Comlink from 'comlink';
import type { ClicksWorker } from './clicks.worker';

/** A worker that finds clicks in sound; ended by `end`. */
export function startListener(): {
	hear: (samples: Float32Array, sampleRate: number) => Promise<number[]>;
	end: () => void;
} {
	const worker = new Worker(new URL('./clicks.worker.ts', import.meta.url), { type: 'module' });
	const clicks = Comlink.wrap<ClicksWorker>(worker);
	return { hear: (samples, rate) => clicks.hear(samples, rate), end: () => worker.terminate() };
}
