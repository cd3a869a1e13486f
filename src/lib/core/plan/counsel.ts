import { findingsFor } from '../finding/findings';
import { rowPlaces } from './places';

/** What a careful maker says of a plan; apart, since a shelf of plans needs none of it. */
export const counsel = { findings: findingsFor, places: rowPlaces };
export type Counsel = typeof counsel;
