import { showsThrough as pairsThrough } from '../../assembly/layers';
import { LOOSE_STRETCH, USUAL_STRETCH } from '../../bench/size/stretch';
import type { Rule as AnyRule } from '../../finding/facts';
import { tooLong } from '../../finding/fit-rules';
import { luminance, SHINES } from '../../finding/yarn-rules';
import type { PlainTubeWish } from '../../model/wish';
import { shortWaste, unusualPins } from '../common-rules';
import type { FinishedOf } from '../finished';
import type { TubeKind } from './kind';
import { fitCmOf, hemOf } from './length';

type Rule = AnyRule<PlainTubeWish, FinishedOf<'tube'>>;

/** What a tube is pulled over or laid round: beyond these it slips off or will not go on. */
const tubeRound =
	(kind: TubeKind): Rule =>
	({
		finished: {
			tube: { round }
		}
	}) => {
		if (!round) return null;
		const limits = kind.stretch ?? USUAL_STRETCH;
		const numbers = { stretch: round.stretch, aroundCm: round.cm };
		const where = { at: 'size' } as const;
		if (round.stretch > limits.tooTight)
			return { body: { code: 'tube-too-tight', ...numbers }, severity: 'warn', where };
		if (round.stretch > limits.tight)
			return { body: { code: 'tube-tight', ...numbers }, severity: 'warn', where };
		// Laid round by its length it may lie loose; pulled over by its width it slides down.
		if (round.by === 'width' && round.stretch < LOOSE_STRETCH)
			return { body: { code: 'tube-loose', ...numbers }, severity: 'warn', where };
		return null;
	};

/** Length and size both given, and they disagree by more than this. */
const DISAGREE = 0.08;

/** What goes round a thing by its length is as long as that asks; set otherwise, one of the two figures has to give. */
const twoFigures =
	(kind: TubeKind): Rule =>
	({ wish, machine, gauges, mainRows, flatLength }) => {
		if (wish.length.by === 'fit' || wish.length.by === 'yarn') return null;
		const { around, covers } = kind;
		if (!around || (around.by === 'width' && !covers)) return null;
		const hem = hemOf(wish);
		const wanted = fitCmOf(wish, machine, gauges[0]!);
		const off = flatLength.mean / wanted - 1;
		if (Math.abs(off) < DISAGREE) return null;
		const aroundCm = wish.aroundCm ?? around.usualCm;
		const fitRows = Math.max(4, Math.round((mainRows - hem / 2) / (1 + off) + hem / 2));
		const cm = Math.round(aroundCm * (1 + off) * 2) / 2;
		return {
			body: {
				code: 'two-figures',
				rows: mainRows,
				fitRows,
				aroundCm,
				what: around.what.split(',')[0]!.toLowerCase()
			},
			severity: 'warn',
			where: { at: 'size' },
			fix: { do: 'rows', rows: fitRows },
			// What it goes round by its width is not another for being longer.
			...(!covers && cm >= 5 && cm <= 150 ? { or: { do: 'around' as const, cm } } : {})
		};
	};

/** So near the edge of a hem a change of colour shows as a lip, or not at all, by a row's luck. */
const NEAR_EDGE = 2;

/** A colour that changes on the fold of a hem, or next to it, peeks at the lower edge. */
const hemBoundary: Rule = ({ wish, runs }) => {
	const fold = hemOf(wish) / 2;
	if (fold === 0) return null;
	const near = runs.find((r) => r.from > 0 && Math.abs(r.from - fold) <= NEAR_EDGE);
	return near
		? {
				body: {
					code: 'hem-boundary',
					rows: near.from - fold,
					row: near.from,
					yarn: near.from > fold ? runs[runs.indexOf(near) - 1]!.yarn : near.yarn
				},
				severity: 'warn',
				where: { at: 'row', row: near.from }
			}
		: null;
};

/** Each join is a tail on either side; past this many the line is worth another look. */
const MANY_JOINS = 12;
const manyTails: Rule = ({ runs }) => {
	const joins = runs.length - 1;
	return joins > MANY_JOINS
		? { body: { code: 'many-tails', joins }, severity: 'tip', where: { at: 'size' } }
		: null;
};

/** In a hem the inner half may shine through the outer, as a light lining does. */
const showsThrough: Rule = ({ yarns, runs, places }) => {
	if (runs.length < 2) return null;
	const yarnAt = (row: number) => runs.find((r) => row >= r.from && row < r.to)?.yarn;
	const of = (yarn: number) => yarns[yarn]?.colour ?? '#000000';
	const [worst] = pairsThrough(yarnAt, places()).filter(
		(p) => luminance(of(p.under)) - luminance(of(p.over)) > SHINES
	);
	return worst
		? { body: { code: 'shows-through', ...worst }, severity: 'tip', where: { at: 'fold' } }
		: null;
};

/** In the order they are said, the gravest sorted first afterwards. */
export const tubeRules = (kind: TubeKind): readonly Rule[] => [
	tooLong,
	tubeRound(kind),
	twoFigures(kind),
	hemBoundary,
	showsThrough,
	shortWaste,
	unusualPins(kind.pins),
	manyTails
];
