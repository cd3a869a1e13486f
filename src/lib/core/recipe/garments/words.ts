import { entryAt } from '../../quantity/sure';
import type { GarmentKindId, Measure, WiderWay } from '../../model/kinds';
import type { Wider } from '../../shaping/wider';
import { rowsWord, type Say } from '../../quantity/say';

export const MEASURE_NAMES: Record<Measure, string> = {
	width: 'Width',
	height: 'Height',
	around: 'Around',
	thumbFrom: 'Up to the thumb',
	thumbGap: 'Gap for the thumb',
	span: 'Elbow to elbow',
	neckOpen: 'Neck opening',
	sleeveTop: 'Sleeve top',
	bodyOpen: 'Body opening',
	underside: 'Underside of a sleeve',
	chest: 'Chest',
	length: 'Length',
	armhole: 'Armhole depth',
	crossBack: 'Cross back',
	neck: 'Neck width',
	neckDrop: 'Front neck drop',
	shoulderDrop: 'Shoulder slope',
	band: 'Band',
	upperArm: 'Upper arm',
	wrist: 'Wrist',
	sleeve: 'Sleeve, underarm',
	head: 'Head'
};

/** Shorter where it stands on a drawing. */
const ON_DRAWING: Partial<Record<Measure, string>> = {
	armhole: 'Armhole',
	neck: 'Neck',
	neckDrop: 'Neck drop',
	shoulderDrop: 'Slope',
	sleeve: 'Sleeve',
	thumbFrom: 'To thumb',
	thumbGap: 'Thumb',
	neckOpen: 'Neck',
	bodyOpen: 'Body'
};
export const wordOnDrawing = (m: Measure): string => ON_DRAWING[m] ?? MEASURE_NAMES[m];

export const MEASURE_HOW: Record<Measure, string> = {
	width: 'across the finished piece',
	height: 'from the cast-on up',
	around: 'once round, seam done',
	thumbFrom: 'from the cast-on to where the gap begins',
	thumbGap: 'left open in the seam',
	span: 'from below one elbow to below the other, over the shoulders',
	neckOpen: 'of the length, left open for the neck: with both sleeve tops it is the length',
	sleeveTop: 'joined over each shoulder, from the wrist to the neck',
	bodyOpen: 'of the length, left open round the body: with both undersides it is the length',
	underside: 'joined under each arm, from the wrist to the body; shorter than the top',
	chest: 'round the body under the arms',
	length: 'from the hem to the shoulder at the neck',
	armhole: 'straight up from the underarm to the shoulder',
	crossBack: 'from shoulder tip to shoulder tip',
	neck: 'between the shoulder seams, across the back of the neck',
	neckDrop: 'from the shoulder at the neck down to where the front opens',
	shoulderDrop: 'how far the shoulder falls from the neck to its tip',
	band: 'of the front bands, closed',
	upperArm: 'round it, where it is thickest',
	wrist: 'round it',
	sleeve: 'from the underarm to the wrist',
	head: 'round it, to see that the neck goes over'
};

export const WAY_NAMES: Record<WiderWay, string> = {
	panels: 'Panels, sewn',
	ladders: 'Extension ladders',
	sideways: 'Turned sideways'
};

/** What a way to a width asks of the hands, and how it looks. */
export function wordWay(w: Wider, s: Say): { ask: string; looks: string } {
	switch (w.way) {
		case 'panels':
			return {
				ask: `${w.panels} panels of ${w.stitches.join(' and ')} stitches, ${rowsWord(w.rows)} each; ${w.seams === 1 ? 'one seam' : `${w.seams} seams`} of ${s.length(w.seamCm)} in mattress stitch, an edge stitch of each taken up.`,
				looks: 'Every column whole; a seam that hardly shows.'
			};
		case 'ladders':
			return {
				ask: `One panel of ${entryAt(w.stitches, 0)} stitches with floats round a card, ${w.across} columns when ${w.latched} loops are latched up by hand.`,
				looks:
					'No seam; latched columns are a little looser and show as stripes until it is washed.'
			};
		case 'sideways':
			return {
				ask: `One panel of ${entryAt(w.stitches, 0)} stitches, ${rowsWord(w.rows)}: its columns run across.`,
				looks: 'No seam; it stretches along and not across, and edges roll at top and bottom.'
			};
	}
}

export const GARMENT_HINTS: Record<GarmentKindId, string> = {
	rectangle: 'A straight panel',
	strap: 'A narrow panel',
	blanket: 'Panels in a colour layout, sewn together',
	'seamed-tube': 'Any size round, seamed up one side',
	mitts: 'Panels round the palm, the seam open for the thumb',
	shrug: 'Two tubes joined by their ladders',
	vest: 'Backs and fronts in halves, no sleeves',
	cardigan: 'Open in front, with bands and sleeves',
	jacket: 'A longer, wider cardigan',
	sweater: 'Closed in front, with sleeves',
	'free-garment': 'Outlines of your own'
};
