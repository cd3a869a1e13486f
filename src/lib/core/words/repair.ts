import type { FaultKind } from '../model/kinds';

/** Up to so many rows it is quicker to start again (common practice). */
export const START_AGAIN_ROWS = 4;

/** The steps that set a fault right, in order (common practice). */
const STEPS: Record<FaultKind, readonly string[]> = {
	dropped: [
		'Stop. Put a stitch marker through the loose loop before anything else.',
		'Turn the ring until the empty pin is where you can reach it; never force it.',
		'On the machine it is formed from the purl side, which is hard: with a latch hook from inside catch the lowest loop and draw each rung through, one at a time, upwards; the last loop goes on the pin.',
		'Or leave the marker in and knit on: off the machine it is latched from the knit side, which is easy, or taken up while the end is closed. Left without a marker it ladders to the cast-on.'
	],
	tuck: [
		'Stop. Two loops sit on one pin: the old one was not knitted off.',
		'With the pick lift the lower loop over the upper one and off the pin, to the inside.',
		'See that one loop is left, and that it sits down on the pin.'
	],
	split: [
		'Stop. The pin went through the yarn and took part of it.',
		'Let that loop off the pin with a stitch marker through it, and gather all the strands of the yarn.',
		'Put the whole loop back on the pin. If the row below is split as well, latch that one anew first.'
	],
	unseated: [
		'Stop. The loop stands on the pin’s edge and would not be knitted.',
		'Press it down with the pick until it sits like its neighbours.',
		'Turn that pin slowly past the feeder and look again.'
	]
};

export interface Repair {
	readonly steps: readonly string[];
	/** Said first where the piece has hardly begun. */
	readonly startAgain: string | null;
}

export const repairOf = (fault: FaultKind, row: number): Repair => ({
	steps: STEPS[fault],
	startAgain:
		row < START_AGAIN_ROWS
			? `In the first ${START_AGAIN_ROWS} rows it is quicker to pull it off and cast on again.`
			: null
});

export const FAULT_WORDS: Record<FaultKind, string> = {
	dropped: 'dropped',
	tuck: 'not knitted off',
	split: 'yarn split',
	unseated: 'not seated'
};
