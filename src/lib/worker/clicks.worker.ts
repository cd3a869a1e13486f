import * as Comlink from 'comlink';
import { ClickFinder } from '../core/crank/clicks';

let finder: { readonly rate: number; readonly find: ClickFinder } | null = null;

/** Finds clicks away from the page, so that the count never waits for the sound. Times in s from the first sample. */
const clicks = {
	hear(samples: Float32Array, sampleRate: number): number[] {
		if (finder?.rate !== sampleRate)
			finder = { rate: sampleRate, find: new ClickFinder(sampleRate) };
		return finder.find.hear(samples);
	}
};
export type ClicksWorker = typeof clicks;
Comlink.expose(clicks);
