import { WASTE } from '../program/program';
import { isBaby } from '../size/head';
import { nearestWithParity } from '../quantity/whole';
import type { Rule } from './facts';

/** Stretch on the head, as a share of the relaxed tube (from memory: plain tubes are worn stretched by a third or so). */
const STRETCH = { loose: 0.05, tight: 0.7, tooTight: 1.0 };
/** A hat within 8 % of the height wanted is taken as fitting. */
const HEIGHT_SHARE = 0.08;
const MOST_ROWS = 600;
const LEAST_ROWS = 8;

export const cannotKnit: Rule = ({ faults }) =>
	faults.map((f) => ({
		body: { code: 'cannot-knit', fault: f.code },
		severity: 'stop' as const,
		where: { at: 'row' as const, row: f.row }
	}));

export const tooLong: Rule = ({ mainRows }) =>
	mainRows > MOST_ROWS
		? {
				body: { code: 'too-long', rows: mainRows, most: MOST_ROWS },
				severity: 'stop',
				where: { at: 'size' }
			}
		: null;

export const stretchOnHead: Rule = ({ hat }) => {
	if (!hat) return null;
	const numbers = {
		stretch: hat.stretch,
		headCm: hat.headCm,
		circumferenceCm: hat.circumference.mean
	};
	const where = { at: 'size' } as const;
	if (hat.stretch > STRETCH.tooTight)
		return { body: { code: 'too-tight', ...numbers }, severity: 'stop', where };
	if (hat.stretch > STRETCH.tight)
		return { body: { code: 'tight', ...numbers }, severity: 'warn', where };
	if (hat.stretch < STRETCH.loose)
		return { body: { code: 'loose', ...numbers }, severity: 'warn', where };
	return null;
};

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

export const height: Rule = ({ hat, usualHeightCm, mainRows, project }) => {
	if (!hat || project.wish.length.by === 'fit') return null;
	const heightCm = hat.heightWorn.mean;
	const off = heightCm / usualHeightCm - 1;
	if (Math.abs(off) < HEIGHT_SHARE) return null;
	const wanted = (usualHeightCm + hat.brimCm) / hat.layerWorn.mean;
	const rows = nearestWithParity(mainRows * wanted, mainRows % 2, LEAST_ROWS);
	return {
		body: { code: off < 0 ? 'short' : 'long', heightCm, wantedCm: usualHeightCm, rows },
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'rows', rows }
	};
};

export const brimTooHigh: Rule = ({ hat, project }) => {
	const { brim } = project.wish;
	if (!hat || !brim.turnedUp || brim.heightCm < hat.layerWorn.mean / 2) return null;
	return {
		body: { code: 'brim-too-high', brimCm: brim.heightCm, layerCm: hat.layerWorn.mean },
		severity: 'stop',
		where: { at: 'fold' }
	};
};

export const liningLip: Rule = ({ tucked, hat, project }) => {
	const lip = tucked?.outerLip;
	if (!lip || !hat || hat.brimCm > 0 || project.wish.scheme.kind !== 'outer-lining') return null;
	return {
		body: { code: 'lining-lip', rows: lip.to - lip.from, cm: hat.peekCm },
		severity: 'warn',
		where: { at: 'fold' },
		fix: { do: 'turn-up' }
	};
};

const LINING_LONGER = 6;

export const outerPeeks: Rule = ({ tucked, hat, project }) => {
	const lip = tucked?.liningLip;
	if (!lip || !hat || project.wish.scheme.kind !== 'outer-lining') return null;
	return {
		body: { code: 'outer-peeks', rows: lip.to - lip.from, cm: hat.peekCm },
		severity: hat.brimCm > 0 ? 'warn' : 'tip',
		where: { at: 'fold' },
		fix: { do: 'lining-extra', rows: LINING_LONGER }
	};
};

export const boundaryOnFold: Rule = ({ tucked, hat, project }) =>
	tucked?.boundaryOnFold && hat && project.wish.scheme.kind === 'outer-lining'
		? {
				body: { code: 'boundary-on-fold', turnedUp: hat.brimCm > 0 },
				severity: 'warn',
				where: { at: 'fold' },
				fix: { do: 'lining-extra', rows: LINING_LONGER }
			}
		: null;

export const stripeCut: Rule = ({ project, runs, mainRows }) => {
	const { scheme } = project.wish;
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

export const sectionVanishes: Rule = ({ project, yarns, runs, mainRows }) =>
	project.wish.scheme.kind === 'stripes'
		? null
		: yarns.flatMap((_, yarn) =>
				runs.some((r) => r.yarn === yarn && r.yarn !== WASTE)
					? []
					: [
							{
								body: { code: 'section-vanishes' as const, yarn, rows: mainRows },
								severity: 'stop' as const,
								where: { at: 'yarn' as const, yarn }
							}
						]
			);

export const babyCaution: Rule = ({ project }) =>
	isBaby(project.wish.head)
		? { body: { code: 'baby' }, severity: 'warn', where: { at: 'size' } }
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

export const shortWaste: Rule = ({ project }) => {
	const short = [project.wish.wasteStart, project.wish.wasteEnd].find((r) => r > 0 && r < 4);
	return short === undefined
		? null
		: { body: { code: 'short-waste', rows: short }, severity: 'tip', where: { at: 'row', row: 0 } };
};

export const noCounter: Rule = ({ machine }) =>
	machine.counter === 'none'
		? { body: { code: 'no-counter' }, severity: 'tip', where: { at: 'bench' } }
		: null;
