import type { Criterion } from '../substitute/criteria';
import type { Answer, Substitute } from '../substitute/rank';
import type { Units } from '../quantity/units';
import { relative } from '../quantity/estimate';
import { predictedFrom } from './sources';
import { rowsWord, say, type Say } from '../quantity/say';

export const CRITERION_NAMES: Record<Criterion, string> = {
	width: 'same width',
	length: 'sure length',
	amount: 'enough of it',
	runs: 'runs here',
	stretch: 'stretch',
	strength: 'strong enough',
	smoothness: 'smooth',
	washing: 'washing'
};

const widthOff = (a: Answer, s: Substitute): number =>
	a.wantedGauge.stitchesPerCm.mean / s.gauge.stitchesPerCm.mean - 1;

function wide(a: Answer, s: Substitute, say: Say): string {
	const off = widthOff(a, s);
	if (Math.abs(off) < 0.01) return 'knits to the same width';
	return `knits ${say.percent(Math.abs(off))} ${off > 0 ? 'wider' : 'narrower'}`;
}

const known = (s: Substitute): string => (s.measured ? 'measured on this machine' : 'predicted');

function amountLine(s: Substitute, say: Say): string {
	const need = say.of(s.grams.mean, 'mass');
	return s.freeGrams === null
		? `to be bought: ${need}`
		: `${say.of(s.freeGrams, 'mass')} free of ${need} needed`;
}

/** One plain sentence for a stand-in: what speaks most for it. */
export function wordFor(a: Answer, s: Substitute, units: Units): string {
	const q = say(units);
	if (s.yarn.id === a.wanted.id) return 'It is the yarn as planned.';
	if (s.marks.width > 0.8)
		return `It ${wide(a, s, q)}, ${known(s)}, ${rowsWord(s.rows)} for the same length.`;
	if (s.freeGrams !== null && s.enough > 0.95) return `There is enough: ${amountLine(s, q)}.`;
	if (s.freeGrams === null) return `It is what you asked about, ${amountLine(s, q)}.`;
	return `It is on hand: ${amountLine(s, q)}.`;
}

const AGAINST: Record<Criterion, (a: Answer, s: Substitute, q: Say) => string> = {
	width: (a, s, q) =>
		s.measured
			? `It ${wide(a, s, q)}: another size on the same pins.`
			: `Its width is only predicted, to ${q.percent(relative(s.gauge.stitchesPerCm))}: ${wide(a, s, q).replace('knits', 'perhaps')}.`,
	length: (_a, s, q) =>
		`Its rows are only predicted, to ${q.percent(relative(s.gauge.rowsPerCm))}: the length may miss by ${q.length(s.tube.sd)}.`,
	amount: (_a, s, q) => `It may run out: ${amountLine(s, q)}.`,
	runs: (_a, s) =>
		s.marks.runs < 0.1
			? 'It did not run on this machine when you tried it.'
			: s.marks.runs < 0.3
				? 'This thick it mostly jams.'
				: s.marks.runs < 0.8
					? 'It runs here only with care.'
					: 'You have not tried it on this machine.',
	stretch: (a, s) =>
		s.yarn.stretch === 'little'
			? 'It gives less on the head and grows in wear.'
			: `It stretches more than ${a.wanted.colourName}: several per cent fewer rows may do.`,
	strength: () => 'It breaks when drawn up: gather with a stronger yarn of like colour.',
	smoothness: () => 'It clings: slow to crank, and ladders catch.',
	washing: (a, s) =>
		s.yarn.wash === 'unknown' || s.yarn.dry === 'unknown'
			? 'Its washing was never noted.'
			: `It wants a gentler wash than ${a.wanted.colourName}.`
};

/** One plain sentence against a stand-in; null for the yarn itself. */
export function wordAgainst(a: Answer, s: Substitute, units: Units): string | null {
	if (s.yarn.id === a.wanted.id) return null;
	if (s.worst !== null) return AGAINST[s.worst](a, s, say(units));
	return s.yarn.colour === a.wanted.colour
		? 'Nothing known speaks against it.'
		: 'Nothing known speaks against it but its colour.';
}

/** What swatch would settle a predicted gauge; null where it is measured. */
export function wordSettle(s: Substitute, pins: number, units: Units): string | null {
	if (s.measured) return null;
	const source = s.gauge.rowSource;
	const leans = source.kind === 'prior' || source.kind === 'fresh-unused' ? source : null;
	const q = say(units);
	const band = q.percent(relative(s.gauge.rowsPerCm));
	return `${leans ? `${predictedFrom(leans)}, to ${band}. `.replace(/^p/, 'P') : ''}40 rows of it on ${pins} pins, rested and measured twice, would bring that to ${q.percent(0.03 / Math.SQRT2)}.`;
}
