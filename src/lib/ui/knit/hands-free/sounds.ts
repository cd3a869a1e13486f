export type Cue = 'row' | 'warn' | 'event' | 'question';

/** Notes of each cue: Hz, when they start and how long they last, s. Told apart by number and direction, not by pitch alone. */
const NOTES: Record<Cue, readonly (readonly [hz: number, at: number, s: number])[]> = {
	row: [[880, 0, 0.035]],
	warn: [
		[660, 0, 0.09],
		[660, 0.16, 0.09]
	],
	event: [
		[523, 0, 0.12],
		[659, 0.13, 0.12],
		[784, 0.26, 0.22]
	],
	question: [
		[587, 0, 0.16],
		[440, 0.18, 0.3]
	]
};
const LOUD = 0.14;

let context: AudioContext | null = null;

/** Plays a short cue made on the spot. The browser lets it be heard from the first press on; before that it is silent. */
export function play(cue: Cue): void {
	if (typeof AudioContext === 'undefined') return;
	context ??= new AudioContext();
	if (context.state === 'suspended') void context.resume().catch(() => undefined);
	for (const [hz, at, s] of NOTES[cue]) {
		const start = context.currentTime + 0.01 + at;
		const tone = context.createOscillator();
		const gain = context.createGain();
		tone.type = 'triangle';
		tone.frequency.value = hz;
		gain.gain.setValueAtTime(0, start);
		gain.gain.linearRampToValueAtTime(LOUD, start + 0.008);
		gain.gain.exponentialRampToValueAtTime(0.001, start + s);
		tone.connect(gain).connect(context.destination);
		tone.start(start);
		tone.stop(start + s + 0.02);
	}
}
