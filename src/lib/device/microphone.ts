import type { SoundInput } from './sound-input';
import workletUrl from './sound-input.worklet.ts?worker&url';

/** The device's microphone, without the cleaning up that is meant for speech and would take the clicks for noise. */
export class Microphone implements SoundInput {
	readonly name = 'Microphone';

	async listen(hear: (samples: Float32Array, sampleRate: number) => void): Promise<() => void> {
		if (!window.isSecureContext || !('mediaDevices' in navigator))
			throw new Error('A browser lets a page listen only over https or on this computer itself.');
		let stream: MediaStream;
		try {
			stream = await navigator.mediaDevices.getUserMedia({
				audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false }
			});
		} catch {
			throw new Error('The microphone was refused or there is none: allow it, or count by key.');
		}
		const context = new AudioContext();
		await context.audioWorklet.addModule(workletUrl);
		const source = context.createMediaStreamSource(stream);
		const node = new AudioWorkletNode(context, 'tomble-sound-input', { numberOfOutputs: 0 });
		node.port.onmessage = (e: MessageEvent<Float32Array>) => hear(e.data, context.sampleRate);
		source.connect(node);
		return () => {
			node.port.onmessage = null;
			source.disconnect();
			stream.getTracks().forEach((t) => t.stop());
			void context.close();
		};
	}
}
