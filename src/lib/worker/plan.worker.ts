import * as Comlink from 'comlink';
import { plan } from '../core/plan';
import { heldBy } from '../core/stock/stock';
import { longestTubes, makeWith } from '../core/substitute/make-with';
import { standIns } from '../core/substitute/rank';

/** Core behind a worker: for what takes longer than a frame. */
const api = { plan, heldBy, longestTubes, makeWith, standIns };
export type PlanWorker = typeof api;
Comlink.expose(api);
