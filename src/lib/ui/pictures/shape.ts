import type { Plan } from '$lib/core/plan';

/** What is drawn across the whole page, the rest below it. */
const WIDE: readonly Plan['finished']['kind'][] = ['flat', 'hung'];
export const isWide = (plan: Plan): boolean => WIDE.includes(plan.finished.kind);
