import * as Comlink from 'comlink';
import { plan } from '../core/plan';

/** Core behind a worker: for plans that take longer than a frame. */
const api = { plan };
export type PlanWorker = typeof api;
Comlink.expose(api);
