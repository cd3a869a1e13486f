import { hiddenJoins } from '../../assembly/layers';
import { adultLayer, headCm, isAdult, isBaby, VISIBLE_SHARE } from '../../bench/size/head';
import { LOOSE_STRETCH, USUAL_STRETCH } from '../../bench/size/stretch';
import type { Rule as AnyRule } from '../../finding/facts';
import { tooLong } from '../../finding/fit-rules';
import { shortWaste, unusualPins } from '../common-rules';
import type { LinedHatWish } from '../../model/wish';
import { isSpare } from '../../program/program';
import { nearestWithParity } from '../../quantity/whole';
import type { FinishedOf } from '../finished';
import type { HatKind } from './kind';
import { luminance, SHINES } from '../../finding/yarn-rules';

type Rule = AnyRule<LinedHatWish, FinishedOf<'worn'>>;

/** A hat within 8 % of the height wanted is taken as fitting. */
const HEIGHT_SHARE = 0.08;
const LEAST_ROWS = 8;

const stretchOnHead =
	(kind: HatKind): Rule =>
	({ finished: { hat } }) => {
		const limits = kind.stretch ?? USUAL_STRETCH;
		const numbers = {
			stretch: hat.stretch,
			headCm: hat.headCm,
			circumferenceCm: hat.circumference.mean
		};
		const where = { at: 'size' } as const;
		if (hat.stretch > limits.tooTight)
			return { body: { code: 'too-tight', ...numbers }, severity: 'warn', where };
		if (hat.stretch > limits.tight)
			return { body: { code: 'tight', ...numbers }, severity: 'warn', where };
		if (hat.stretch < LOOSE_STRETCH)
			return { body: { code: 'loose', ...numbers }, severity: 'warn', where };
		return null;
	};

/** Joins that lie inside are tails for nothing. */
const hiddenJoinsRule: Rule = ({ runs, places }) => {
	if (runs.length < 4) return null;
	const joins = hiddenJoins(runs, places()).length;
	return joins < 2
		? null
		: {
				body: { code: 'hidden-joins', joins, tails: 2 * joins },
				severity: 'tip',
				where: { at: 'size' }
			};
};

/** A pulled reading shows how far this fabric went in wear; past that by more than its own spread nobody has seen it. */
const pastPulled: Rule = ({ finished: { hat }, gauges }) => {
	const pulled = gauges[0]?.wear.pulledTo;
	if (!pulled || hat.stretch <= pulled.mean + pulled.sd) return null;
	return {
		body: { code: 'past-pulled', stretch: hat.stretch, pulledTo: pulled.mean },
		severity: 'warn',
		where: { at: 'size' }
	};
};

/** Within half a row or so of a band it is in it. */
const FLAT_MARGIN = 0.3;
const visibleOf = (cm: number): number => Math.max(5, Math.min(60, Math.round(10 * cm) / 10));

const height: Rule = ({ finished: { hat }, mainRows, wish }) => {
	if (wish.length.by === 'fit') return null;
	const usualHeightCm = wish.visibleCm ?? VISIBLE_SHARE * headCm(wish.head);
	const rowsFor = (share: number) => nearestWithParity(mainRows * share, mainRows % 2, LEAST_ROWS);
	if (isAdult(wish.head) && wish.visibleCm === null) {
		// By the flat rules, whatever the ring.
		const layer = hat.layerFlat.mean;
		const fits = adultLayer(hat.brimCm);
		if (layer >= fits.least - FLAT_MARGIN && layer <= fits.most + FLAT_MARGIN) return null;
		return {
			body: {
				code: layer < fits.least ? 'short' : 'long',
				flat: true,
				heightCm: layer,
				wantedCm: fits.cm,
				rows: rowsFor(fits.cm / layer)
			},
			severity: 'warn',
			where: { at: 'size' },
			fix: { do: 'rows', rows: rowsFor(fits.cm / layer) },
			or: { do: 'visible', cm: visibleOf(hat.heightWorn.mean) }
		};
	}
	const heightCm = hat.heightWorn.mean;
	const off = heightCm / usualHeightCm - 1;
	if (Math.abs(off) < HEIGHT_SHARE) return null;
	const wanted = (usualHeightCm + hat.brimCm) / hat.layerWorn.mean;
	const rows = rowsFor(wanted);
	return {
		body: {
			code: off < 0 ? 'short' : 'long',
			flat: false,
			heightCm,
			wantedCm: usualHeightCm,
			rows
		},
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'rows', rows },
		or: { do: 'visible', cm: visibleOf(heightCm) }
	};
};

const brimTooHigh: Rule = ({ finished: { hat }, wish: { brim } }) => {
	if (!brim.turnedUp || brim.heightCm < hat.layerWorn.mean / 2) return null;
	return {
		body: { code: 'brim-too-high', brimCm: brim.heightCm, layerCm: hat.layerWorn.mean },
		severity: 'warn',
		where: { at: 'fold' }
	};
};

const liningLip: Rule = ({ finished: { tucked, hat }, wish }) => {
	const lip = tucked.outerLip;
	if (!lip || hat.brimCm > 0 || wish.scheme.kind !== 'outer-lining') return null;
	return {
		body: { code: 'lining-lip', rows: lip.to - lip.from, cm: hat.peekCm },
		severity: 'warn',
		where: { at: 'fold' },
		fix: { do: 'turn-up' }
	};
};

const LINING_LONGER = 6;

const outerPeeks: Rule = ({ finished: { tucked, hat }, wish }) => {
	const lip = tucked.liningLip;
	if (!lip || wish.scheme.kind !== 'outer-lining') return null;
	return {
		body: { code: 'outer-peeks', rows: lip.to - lip.from, cm: hat.peekCm },
		severity: hat.brimCm > 0 ? 'warn' : 'tip',
		where: { at: 'fold' },
		fix: { do: 'lining-extra', rows: LINING_LONGER }
	};
};

const boundaryOnFold: Rule = ({ finished: { tucked, hat }, wish }) =>
	tucked.boundaryOnFold && wish.scheme.kind === 'outer-lining'
		? {
				body: { code: 'boundary-on-fold', turnedUp: hat.brimCm > 0 },
				severity: 'warn',
				where: { at: 'fold' },
				fix: { do: 'lining-extra', rows: LINING_LONGER }
			}
		: null;

const stripeCut: Rule = ({ wish: { scheme }, runs, mainRows }) => {
	if (scheme.kind !== 'stripes') return null;
	const rest = mainRows % scheme.stripeRows;
	const last = runs.at(-1);
	if (rest === 0 || !last) return null;
	const wholeRows = Math.max(1, Math.round(mainRows / scheme.stripeRows)) * scheme.stripeRows;
	return {
		body: { code: 'stripe-cut', rows: rest, wanted: scheme.stripeRows, wholeRows },
		severity: 'tip',
		where: { at: 'row', row: last.from },
		fix: { do: 'rows', rows: wholeRows }
	};
};

const sectionVanishes: Rule = ({ wish, yarns, runs, mainRows }) =>
	wish.scheme.kind === 'stripes'
		? null
		: yarns.flatMap((_, yarn) =>
				runs.some((r) => r.yarn === yarn && !isSpare(r.yarn))
					? []
					: [
							{
								body: { code: 'section-vanishes' as const, yarn, rows: mainRows },
								severity: 'warn' as const,
								where: { at: 'yarn' as const, yarn }
							}
						]
			);

const babyCaution: Rule = ({ wish }) =>
	isBaby(wish.head) ? { body: { code: 'baby' }, severity: 'tip', where: { at: 'size' } } : null;

const lightLining: Rule = ({ wish: { scheme }, yarns }) => {
	if (scheme.kind !== 'outer-lining') return null;
	const of = (id: string) => yarns.find((y) => y.id === id)?.colour ?? '#000000';
	const contrast = luminance(of(scheme.lining)) - luminance(of(scheme.outer));
	return contrast > SHINES
		? { body: { code: 'light-lining', contrast }, severity: 'tip', where: { at: 'fold' } }
		: null;
};

/** In the order they are said, the gravest sorted first afterwards. */
export const hatRules = (kind: HatKind): readonly Rule[] => [
	tooLong,
	sectionVanishes,
	stretchOnHead(kind),
	pastPulled,
	height,
	brimTooHigh,
	liningLip,
	outerPeeks,
	boundaryOnFold,
	lightLining,
	stripeCut,
	babyCaution,
	shortWaste,
	unusualPins(kind.pins),
	hiddenJoinsRule
];
