import { isSpare } from '../program/program';
import { adultLayer, isAdult, isBaby } from '../bench/size/head';
import { LOOSE_STRETCH, USUAL_STRETCH } from '../bench/size/stretch';
import { nearestWithParity } from '../quantity/whole';
import { panelPins } from '../bench/machine/panel';
import { hiddenJoins } from '../assembly/layers';
import { HAT_KINDS } from '../recipe/lined-hat';
import { fitCmOf, hemOf, TUBE_KINDS } from '../recipe/plain-tube';
import type { Rule } from './facts';

/** A hat within 8 % of the height wanted is taken as fitting. */
const HEIGHT_SHARE = 0.08;
/** Longer than anyone makes at one go (from memory). */
const MOST_ROWS = 600;
/** A count at the crank goes no further. */
export const MOST_COUNTED = 1900;
const LEAST_ROWS = 8;

export const cannotKnit: Rule = ({ faults }) =>
	faults.map((f) => ({
		body: { code: 'cannot-knit', fault: f.code },
		severity: 'stop' as const,
		where: { at: 'row' as const, row: f.row }
	}));

export const tooLong: Rule = ({ mainRows, thing }) =>
	thing || mainRows <= MOST_ROWS
		? null
		: mainRows > MOST_COUNTED
			? {
					body: { code: 'too-long', rows: mainRows, most: MOST_COUNTED, counted: true },
					severity: 'stop',
					where: { at: 'size' }
				}
			: {
					body: { code: 'too-long', rows: mainRows, most: MOST_ROWS, counted: false },
					severity: 'warn',
					where: { at: 'size' }
				};

export const stretchOnHead: Rule = ({ hat, hatWish }) => {
	if (!hat || !hatWish) return null;
	const limits = HAT_KINDS[hatWish.recipe].stretch ?? USUAL_STRETCH;
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

/** A flag has to fit between the edges of the panel; wider than the machine gives, the nearest that fits is offered. */
export const panelTooWide: Rule = ({ project, flag, machine }) => {
	if (!flag || project.wish.recipe !== 'bunting') return null;
	const { most } = panelPins(machine, project.wish.turn, flag.stitches);
	return flag.stitches <= most
		? null
		: {
				body: { code: 'panel-too-wide', stitches: flag.stitches, most },
				severity: 'stop',
				where: { at: 'size' },
				fix: { do: 'stitches', stitches: flag.mostStitches }
			};
};

/** What a tube is pulled over or laid round: beyond these it slips off or will not go on. */
export const tubeRound: Rule = ({ round, tubeWish }) => {
	if (!round || !tubeWish) return null;
	const limits = TUBE_KINDS[tubeWish.recipe].stretch ?? USUAL_STRETCH;
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
export const twoFigures: Rule = ({ tubeWish, machine, gauges, mainRows, flatLength }) => {
	if (!tubeWish || tubeWish.length.by === 'fit' || tubeWish.length.by === 'yarn') return null;
	const { around, covers } = TUBE_KINDS[tubeWish.recipe];
	if (!around || (around.by === 'width' && !covers)) return null;
	const hem = hemOf(tubeWish);
	const wanted = fitCmOf(tubeWish, machine, gauges[0]!);
	const off = flatLength.mean / wanted - 1;
	if (Math.abs(off) < DISAGREE) return null;
	const aroundCm = tubeWish.aroundCm ?? around.usualCm;
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
export const hemBoundary: Rule = ({ tubeWish, runs }) => {
	const fold = tubeWish ? hemOf(tubeWish) / 2 : 0;
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

/** Joins that lie inside are tails for nothing. */
export const hiddenJoinsRule: Rule = ({ runs, places, tucked }) => {
	if (!tucked || runs.length < 4) return null;
	const joins = hiddenJoins(runs, places()).length;
	return joins < 2
		? null
		: {
				body: { code: 'hidden-joins', joins, tails: 2 * joins },
				severity: 'tip',
				where: { at: 'size' }
			};
};

/** A kind of tube is usual on some machines; on others it comes out much wider or narrower. */
export const unusualPins: Rule = ({ tubeWish, hatWish, machine }) => {
	const pins = tubeWish
		? TUBE_KINDS[tubeWish.recipe].pins
		: hatWish && HAT_KINDS[hatWish.recipe].pins;
	if (!pins) return null;
	const { least, most } = pins;
	return machine.pins >= least && machine.pins <= most
		? null
		: {
				body: { code: 'unusual-pins', pins: machine.pins, least, most },
				severity: 'tip',
				where: { at: 'bench' }
			};
};

/** Each join is a tail on either side; past this many the line is worth another look. */
const MANY_JOINS = 12;
export const manyTails: Rule = ({ tubeWish, runs }) => {
	const joins = runs.length - 1;
	return tubeWish && joins > MANY_JOINS
		? { body: { code: 'many-tails', joins }, severity: 'tip', where: { at: 'size' } }
		: null;
};

/** A cord across a room is no toy, and a candle is no neighbour for yarn: said wherever flags are strung. */
export const garlandCaution: Rule = ({ flag, thing }) =>
	flag || thing?.thing.kind === 'garland'
		? { body: { code: 'garland' }, severity: 'tip', where: { at: 'size' } }
		: null;

/** A pulled reading shows how far this fabric went in wear; past that by more than its own spread nobody has seen it. */
export const pastPulled: Rule = ({ hat, gauges }) => {
	const pulled = gauges[0]?.wear.pulledTo;
	if (!hat || !pulled || hat.stretch <= pulled.mean + pulled.sd) return null;
	return {
		body: { code: 'past-pulled', stretch: hat.stretch, pulledTo: pulled.mean },
		severity: 'warn',
		where: { at: 'size' }
	};
};

/** Within half a row or so of a band it is in it. */
const FLAT_MARGIN = 0.3;
const visibleOf = (cm: number): number => Math.max(5, Math.min(60, Math.round(10 * cm) / 10));

export const height: Rule = ({ hat, usualHeightCm, mainRows, hatWish }) => {
	if (!hat || !hatWish || usualHeightCm === undefined || hatWish.length.by === 'fit') return null;
	const rowsFor = (share: number) => nearestWithParity(mainRows * share, mainRows % 2, LEAST_ROWS);
	if (isAdult(hatWish.head) && hatWish.visibleCm === null) {
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

export const brimTooHigh: Rule = ({ hat, hatWish }) => {
	const brim = hatWish?.brim;
	if (!hat || !brim?.turnedUp || brim.heightCm < hat.layerWorn.mean / 2) return null;
	return {
		body: { code: 'brim-too-high', brimCm: brim.heightCm, layerCm: hat.layerWorn.mean },
		severity: 'warn',
		where: { at: 'fold' }
	};
};

export const liningLip: Rule = ({ tucked, hat, hatWish }) => {
	const lip = tucked?.outerLip;
	if (!lip || !hat || hat.brimCm > 0 || hatWish?.scheme.kind !== 'outer-lining') return null;
	return {
		body: { code: 'lining-lip', rows: lip.to - lip.from, cm: hat.peekCm },
		severity: 'warn',
		where: { at: 'fold' },
		fix: { do: 'turn-up' }
	};
};

const LINING_LONGER = 6;

export const outerPeeks: Rule = ({ tucked, hat, hatWish }) => {
	const lip = tucked?.liningLip;
	if (!lip || !hat || hatWish?.scheme.kind !== 'outer-lining') return null;
	return {
		body: { code: 'outer-peeks', rows: lip.to - lip.from, cm: hat.peekCm },
		severity: hat.brimCm > 0 ? 'warn' : 'tip',
		where: { at: 'fold' },
		fix: { do: 'lining-extra', rows: LINING_LONGER }
	};
};

export const boundaryOnFold: Rule = ({ tucked, hat, hatWish }) =>
	tucked?.boundaryOnFold && hat && hatWish?.scheme.kind === 'outer-lining'
		? {
				body: { code: 'boundary-on-fold', turnedUp: hat.brimCm > 0 },
				severity: 'warn',
				where: { at: 'fold' },
				fix: { do: 'lining-extra', rows: LINING_LONGER }
			}
		: null;

export const stripeCut: Rule = ({ hatWish, runs, mainRows }) => {
	const scheme = hatWish?.scheme;
	if (scheme?.kind !== 'stripes') return null;
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

export const sectionVanishes: Rule = ({ hatWish, yarns, runs, mainRows }) =>
	!hatWish || hatWish.scheme.kind === 'stripes'
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

export const babyCaution: Rule = ({ hatWish }) =>
	hatWish && isBaby(hatWish.head)
		? { body: { code: 'baby' }, severity: 'tip', where: { at: 'size' } }
		: null;

const CLOG_ROWS = 250;
export const clog: Rule = ({ mainRows, machine }) =>
	mainRows > CLOG_ROWS && machine.pins >= 40
		? {
				body: { code: 'clog', rows: mainRows },
				severity: 'tip',
				where: { at: 'row', row: CLOG_ROWS }
			}
		: null;

export const shortWaste: Rule = ({ hatWish, tubeWish }) => {
	const wish = hatWish ?? tubeWish;
	const short = [wish?.wasteStart, wish?.wasteEnd].find((r) => r && r < 4);
	return short === undefined
		? null
		: { body: { code: 'short-waste', rows: short }, severity: 'tip', where: { at: 'row', row: 0 } };
};

export const noCounter: Rule = ({ machine, pieces }) => {
	const panels = pieces.some(
		(p) => p.machine.counter === 'tube' && p.rowByRow.stretches.some((x) => x.mode !== 'tube')
	);
	return machine.counter === 'none' || panels
		? {
				body: { code: 'no-counter', panels: machine.counter !== 'none' },
				severity: 'tip',
				where: { at: 'bench' }
			}
		: null;
};
