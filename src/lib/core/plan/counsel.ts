import { findingsFor } from '../finding/findings';
import { finishSteps } from '../finish/steps';
import { rowPlaces } from './places';

/** What a careful maker says of a plan, and what is done after the machine; apart, since a shelf of plans needs neither. */
export const counsel = { findings: findingsFor, steps: finishSteps, places: rowPlaces };
export type Counsel = typeof counsel;
