import type { EdgeSchedule, Rhythm } from './edge-schedule';
import { rhythmsOf } from './edge-schedule';
import type { Shaping } from '../model/kinds';
import type { ShapeProblem } from './schedule';
import { LEAST_PANEL, MOST_PANELS } from './wider';
import { rowsWord, type Say } from '../quantity/say';

const ORDINAL = (n: number): string => {
	const tens = n % 100;
	const end = tens > 10 && tens < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
	return `${n}${end}`;
};

const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

const TAKE: Record<Shaping, Record<Rhythm['how'], (n: number) => string>> = {
	fashioned: {
		group: (n) => `chain ${n} off`,
		single: () => 'decrease 1',
		double: () => 'decrease 2'
	},
	held: {
		group: (n) => `hold ${n}`,
		single: () => 'hold 1',
		double: () => 'hold 2'
	},
	stacked: {
		group: (n) => `chain ${n} off`,
		single: () => 'edge stitch in by 1',
		double: () => 'edge stitches in by 2'
	}
};

/**
 * An edge's schedule as a maker says it: "chain 4 off after row 48, then decrease 1 every 2nd row 5 times, first after row
 * 50". Rows count from 1 as they are knitted: what is done before row 49 comes after 48. Every stretch says where it begins,
 * so that read literally it is the schedule and nothing else.
 */
export function wordSchedule(edge: EdgeSchedule, shaping: Shaping): string {
	const rhythms = rhythmsOf(edge.takes);
	if (rhythms.length === 0) return 'straight';
	const said: string[] = [];
	let last = '';
	for (const r of rhythms) {
		const what = TAKE[shaping][r.how](r.stitches);
		const same = what === last ? '' : `${what} `;
		last = what;
		const often =
			r.times === 1
				? `after row ${r.first}`
				: `every ${ORDINAL(r.every)} row ${times(r.times)}, first after row ${r.first}`;
		said.push(`${same}${often}`);
	}
	return said.join(', then ');
}

/** Why an outline cannot be knitted, and what would be right. */
export function wordShapeProblem(p: ShapeProblem, s: Say): string {
	switch (p.code) {
		case 'empty':
			return 'It has no width or no height: both have to be above zero.';
		case 'turns-back':
			return `Its ${p.side} edge runs back down at ${s.length(p.atCm)}: points go up, or stay level for a step.`;
		case 'uneven-top':
			return `Its edges end at ${s.length(p.leftCm)} and ${s.length(p.rightCm)}: both have to end at one height.`;
		case 'crosses':
			return `Its edges cross at ${s.length(p.atCm)}: let it end there, or leave it wider.`;
		case 'widens': {
			const n = Math.max(1, Math.round(p.stitches));
			return `Its ${p.side} edge runs out by ${n === 1 ? 'one stitch' : `${n} stitches`} at ${s.length(p.atCm)}, and a panel only narrows: knit it from the other end, or make a panel of the rest and sew it on.`;
		}
		case 'too-narrow':
			return `Before row ${p.row + 1} only ${p.stitches} stitches hang there, and ${p.least} are needed to shape it: leave it wider at the top, or end it sooner.`;
		case 'no-room':
			return p.most < LEAST_PANEL
				? `This ring leaves ${p.most === 1 ? 'one pin' : `${Math.max(0, p.most)} pins`} for a panel, and panels that are sewn together need ${LEAST_PANEL} at least.`
				: `${p.stitches} stitches across are more than ${MOST_PANELS} panels of ${p.most} come to: ${s.length(p.widestCm)} is the widest on this ring.`;
		case 'too-long':
			return `${rowsWord(p.rows)} is more than a machine is asked for here: ${p.most} is the most.`;
	}
}
