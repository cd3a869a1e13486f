import type { HatKind } from './kind';

/**
 * The crown closed flat through four layers with slip stitch: the corners stand up as ears. 5-row stripes, joined always at
 * the same pin, so that the joins line up as a seam at the back (common practice).
 */
export const corner: HatKind = {
	id: 'corner-hat',
	called: 'A corner-top hat',
	head: { kind: 'table', size: 'child' },
	turnedUp: false,
	brimCm: 4,
	closing: 'slip',
	scheme: (a, b) => ({ kind: 'stripes', yarns: [a, b], stripeRows: 5 }),
	pins: { least: 40, most: 100 }
};
