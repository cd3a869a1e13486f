import type { OpenEdge, SeamKind } from '../garment/pattern';
import type { SeamCheck } from '../garment/seams';
import type { GarmentKindId, Measure, WiderWay } from '../model/kinds';
import type { Wider } from '../shaping/wider';
import { rowsWord, type Say } from './say';

export const MEASURE_NAMES: Record<Measure, string> = {
	width: 'Width',
	height: 'Height',
	around: 'Around',
	thumbFrom: 'Up to the thumb',
	thumbGap: 'Gap for the thumb',
	span: 'Elbow to elbow',
	neckOpen: 'Neck opening',
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
	neckOpen: 'Neck'
};
export const wordOnDrawing = (m: Measure): string => ON_DRAWING[m] ?? MEASURE_NAMES[m];

export const MEASURE_HOW: Record<Measure, string> = {
	width: 'across the finished piece',
	height: 'from the cast-on up',
	around: 'once round, seam done',
	thumbFrom: 'from the cast-on to where the gap begins',
	thumbGap: 'left open in the seam',
	span: 'from below one elbow to below the other, over the shoulders',
	neckOpen: 'of the length, left open for the neck',
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

const SEAM_NAMES: Record<SeamKind, string> = {
	panels: 'Between panels',
	'centre-back': 'Centre back',
	'centre-front': 'Centre front',
	shoulder: 'Shoulder',
	armhole: 'Sleeve into armhole',
	side: 'Side',
	sleeve: 'Sleeve seam',
	band: 'Band along the front',
	edge: 'Edge to edge',
	across: 'Row of panels to row',
	ladders: 'Joined over each shoulder by ladders',
	free: 'Seam'
};
export const wordSeam = (kind: SeamKind, of?: 'left' | 'right'): string =>
	of ? `${SEAM_NAMES[kind]}, ${of}` : SEAM_NAMES[kind];

export const EDGE_NAMES: Record<OpenEdge['id'], string> = {
	neck: 'Neck',
	hem: 'Hem',
	front: 'Front edges',
	cuff: 'Cuff',
	armhole: 'Armhole',
	round: 'All round'
};

/** The stitch a seam is sewn in, by what meets: edges of rows, bound rows of stitches, or one of each. */
export function wordStitch({ seam, a, b }: SeamCheck): string {
	if (seam.kind === 'shoulder') return 'Back stitch just inside both closed edges';
	if (a.stitches === 0 && b.stitches === 0)
		return 'Mattress stitch, an edge stitch of each taken up';
	if (a.rows === 0 && b.rows === 0) return 'Mattress stitch, closed row to closed row';
	const one = (a.stitches === 0 && b.rows === 0) || (b.stitches === 0 && a.rows === 0);
	return one
		? 'Mattress stitch, an edge stitch of the rows taken up and the closed row laid on it'
		: 'Mattress stitch along both edges';
}

/** How a seam is sewn: what meets what, and how the difference is taken up. */
export function wordSeamHow(c: SeamCheck, s: Say): string {
	if (c.verdict === 'missing') return 'One of its edges is not there.';
	if (c.by === 'rows') {
		const n = Math.abs(c.diff);
		const rows = `${c.a.rows} rows with ${c.b.rows}`;
		if (c.seam.kind === 'ladders')
			return `${rows}: two rungs from each side in turn; between them neck and body stay open, each edge latched alone.`;
		if (n === 0) return `${rows}, bar for bar, one or two bars at a time.`;
		const every = Math.max(2, Math.round(Math.max(c.a.rows, c.b.rows) / n));
		return `${rows}: take two bars of the ${c.diff > 0 ? 'first' : 'second'} to one of the other about every ${every} rows, ${n} in all.`;
	}
	if (c.by === 'stitches') {
		const n = Math.abs(c.diff);
		const stitches = `${c.a.stitches} stitches with ${c.b.stitches}`;
		if (n === 0) return `${stitches}, one to one, firm and not drawn in.`;
		return `${stitches}: ${n === 1 ? 'take one stitch with its neighbour' : `${n} stitches too many on the ${c.diff > 0 ? 'first' : 'second'}`}.`;
	}
	const lengths = `${s.length(c.a.cm)} with ${s.length(c.b.cm)}`;
	const ratio = c.pickUp
		? ` ${c.pickUp.stitches} stitch${c.pickUp.stitches === 1 ? '' : 'es'} for ${rowsWord(c.pickUp.rows)}.`
		: '';
	if (c.verdict === 'meets') return `${lengths}.${ratio}`;
	return `${lengths}: ${c.verdict === 'eases' ? `ease ${s.length(Math.abs(c.diff))} in, spread over the whole seam` : `${s.length(Math.abs(c.diff))} apart`}.${ratio}`;
}

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
				ask: `One panel of ${w.stitches[0]!} stitches with floats round a card, ${w.across} columns when ${w.latched} loops are latched up by hand.`,
				looks:
					'No seam; latched columns are a little looser and show as stripes until it is washed.'
			};
		case 'sideways':
			return {
				ask: `One panel of ${w.stitches[0]!} stitches, ${rowsWord(w.rows)}: its columns run across.`,
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
