/** Something that hears. The sound goes to whoever listens and nowhere else: it is neither kept nor sent. */
export interface SoundInput {
	readonly name: string;
	/**
	 * Calls `hear` with the next samples, from -1 to 1, until the returned function is called. Rejects with a reason in plain
	 * words where there is nothing to hear with.
	 */
	listen(hear: (samples: Float32Array, sampleRate: number) => void): Promise<() => void>;
}
