/** Hands the microphone's samples on in pieces of 1,024. Runs in the browser's audio thread. */
declare const registerProcessor: (name: string, processor: unknown) => void;
declare class AudioWorkletProcessor {
	readonly port: MessagePort;
}

class SoundInputProcessor extends AudioWorkletProcessor {
	#piece = new Float32Array(1024);
	#filled = 0;

	process(inputs: Float32Array[][]): boolean {
		const samples = inputs[0]?.[0];
		if (!samples) return true;
		for (const x of samples) {
			this.#piece[this.#filled++] = x;
			if (this.#filled < this.#piece.length) continue;
			this.port.postMessage(this.#piece, [this.#piece.buffer]);
			this.#piece = new Float32Array(1024);
			this.#filled = 0;
		}
		return true;
	}
}
registerProcessor('tomble-sound-input', SoundInputProcessor);
