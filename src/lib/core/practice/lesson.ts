import type { Units } from '../quantity/units';
import type { Machine } from '../model/bench';
import type { Act } from '../program/hand';
import type { Hand, Played } from '../simulate/hand/hand';
import type { SlipCode } from '../simulate/hand/slip';
import type { CautionCode } from '../technique/cautions';
import type { EndCode } from './end-code';

/** What of the maker's machine practice goes by. */
export type Learner = Pick<
	Machine,
	| 'pins'
	| 'panelLost'
	| 'counter'
	| 'edgeRule'
	| 'marker'
	| 'turns'
	| 'firstPin'
	| 'tripPin'
	| 'handPanels'
	| 'ringCm'
	| 'rightSide'
> & {
	/** Chance of this try: another one, other pins. */
	readonly seed: number;
	/** What lengths are said in. */
	readonly units: Units;
};

/** Where a tool is used: on which pin, from 0, and with which of the loops that are lifted. */
export interface At {
	readonly hand: Hand;
	readonly m: Learner;
	readonly pin: number;
	/** The pin that the loop chosen on the pick came from; null for the last one lifted. */
	readonly chosen: number | null;
}

/** Something a hand can do here: at the pin that is pointed at, or where it stands. */
export interface Tool {
	readonly id: string;
	/** A verb, in a few words. */
	name(m: Learner): string;
	readonly on: 'pin' | 'here' | 'number';
	/** The pin to point at next, so many on. */
	readonly moves?: number;
	act(at: At, number: number): Act;
}

/** A step of a hand that does it right: the acts of one breath, how they are said, and the pin to look at. */
export interface Shown {
	readonly says: string;
	readonly acts: readonly Act[];
	readonly pin?: number;
}

/** What went wrong, and at which pin, from 0. */
export interface Wrong {
	readonly code: SlipCode | EndCode;
	readonly pin: number | null;
}
/** A thing that is asked of the state when all is done; null where it is as it should be. */
export type Check = (hand: Hand, m: Learner) => Wrong | null;

/** Something to try with the hands, from a machine that stands ready for it. */
export interface Try {
	readonly id: string;
	readonly name: string;
	/** What to do, in one sentence. */
	asks(m: Learner): string;
	/** The count is what is looked for: it is shown nowhere, and the crank stands. */
	readonly countLost?: true;
	/** What can be read off the table beside the machine. */
	facts?(m: Learner): readonly string[];
	/** Pins it is tried on, where an odd or an even ring is meant. */
	pins?(pins: number): number;
	ring?(m: Learner): Partial<Played>;
	setup(m: Learner): readonly Act[];
	perfect(m: Learner): readonly Shown[];
	readonly tools: readonly Tool[];
	/** Two edges that face one another on the table: the halves of one row, or both ends. */
	readonly faces?: 'fold' | 'ends';
	/** What the machine does when the maker says that it is done. */
	finish?(hand: Hand, m: Learner): readonly Act[];
	/** Consequences that are wanted here. */
	readonly fine?: readonly SlipCode[];
	readonly ends?: readonly Check[];
	/** What would be done forty rows later. */
	later(hand: Hand, m: Learner): readonly Act[];
	/** What is counted when it is judged. */
	readonly counts: {
		readonly what: string;
		good(hand: Hand, m: Learner): number;
		of(hand: Hand, m: Learner): number;
	};
}

export interface Lesson {
	readonly id: string;
	readonly name: string;
	/** Why it matters, in one sentence. */
	readonly why: string;
	/** What to keep an eye on from now on. */
	readonly watch: string;
	readonly caution?: CautionCode;
	/** The step of the first demonstration that stands for it, from 0. */
	readonly pictured: number;
	readonly tries: readonly Try[];
}
