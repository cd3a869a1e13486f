import { say, type CrochetTerms } from '../quantity/say';
import type { Units } from '../quantity/units';
import { workOf } from './index';
import { wordLoops, type Sequence } from './sequence';
import type { StepWords, TableStep, WorkStep } from './technique';

/** A step in the maker's words: what to do, then how. */
export const wordStep = (step: WorkStep, units: Units, terms: CrochetTerms = 'us'): StepWords =>
	workOf(step.do).words(step, say(units, terms));

/** The skill a step takes, and what its drawing is made from. */
export const drawingOf = (step: WorkStep) => workOf(step.do).drawing(step);

export const sequenceOf = (step: WorkStep): Sequence | null =>
	workOf(step.do).loops?.(step) ?? null;
/** Where a closing starts, which loop goes with which, and how often; empty for what is no closing of loops. */
export const wordSequence = (step: WorkStep): string => wordLoops(sequenceOf(step));

/** A small thing that saves a piece; empty where none is known. */
export function wordTip(step: WorkStep): string {
	const { tip } = workOf(step.do);
	return typeof tip === 'function' ? tip(step) : (tip ?? '');
}

/** After so many times a tip is known, and folded. */
const KNOWN_AFTER = 3;

/** Whether work was done often enough that its tip is known: by the ticks of all steps of its kind. */
export const isKnown = (
	step: TableStep,
	steps: readonly TableStep[],
	timesTicked: (id: string) => number
): boolean =>
	steps.reduce((t, s) => t + (s.do === step.do ? timesTicked(s.id) : 0), 0) >= KNOWN_AFTER;
