import { VISIBLE_SHARE, adultLayer, headCm, isAdult } from '../../../bench/size/head';
import { change, type Fix } from '../../../finding/fix';
import type { FindingBodies } from '../../../finding/finding';
import { rule } from '../../../finding/rule';
import type { HatKind } from '../kind';
import type { LinedHatOptions } from '../options';
import type { Say } from '../../../quantity/say';
import { nearestWithParity } from '../../../quantity/whole';
import type { FinishedOf } from '../../finished';
import { toRows } from '../../fixes';

declare module '../../../finding/finding' {
	interface FindingBodies {
		short: {
			readonly heightCm: number;
			readonly wantedCm: number;
			/** Between what an adult's layer fits, flat, whatever the ring; null on a head. */
			readonly fits: {
				readonly least: number;
				readonly most: number;
				readonly brimCm: number;
			} | null;
			readonly rows: number;
		};
		long: {
			readonly heightCm: number;
			readonly wantedCm: number;
			/** Between what an adult's layer fits, flat, whatever the ring; null on a head. */
			readonly fits: {
				readonly least: number;
				readonly most: number;
				readonly brimCm: number;
			} | null;
			readonly rows: number;
		};
	}
}

/** A hat within 8 % of the height wanted is taken as fitting. */
const HEIGHT_SHARE = 0.08;

const LEAST_ROWS = 8;

/** Within half a row or so of a band it is in it. */
const FLAT_MARGIN = 0.3;

const visibleOf = (cm: number): number => Math.max(5, Math.min(60, Math.round(10 * cm) / 10));

const isWanted = (cm: number): Fix => change([{ cm }, 'high is what I want'], { visibleCm: cm });

const heightWhy = (f: FindingBodies['short'], s: Say): string =>
	f.fits
		? `One layer lies ${s.length(f.heightCm)} flat; an adult’s is ${s.length(f.fits.least)} to ${s.length(f.fits.most)}, ${f.fits.brimCm > 0 ? `its brim of ${s.length(f.fits.brimCm)} turned up` : 'not turned up'}, on any ring. ${f.rows} rows would do it.`
		: `It stands ${s.length(f.heightCm)} on the head where ${s.length(f.wantedCm)} is wanted; ${f.rows} rows would do it.`;

export const height = (kind: HatKind) =>
	rule<LinedHatOptions, FinishedOf<'worn'>>({
		says: {
			short: (f, s) => ({
				what: 'The hat will sit high.',
				why: heightWhy(f, s)
			}),
			long: (f, s) => ({
				what: 'The hat will be deep.',
				why: heightWhy(f, s)
			})
		},
		test: ({ finished: { hat }, mainRows, options, withRows }) => {
			if (options.length.by === 'fit') return null;
			// The very small go by their row counts, whatever the head.
			if (kind.counts?.includes(mainRows)) return null;
			const usualHeightCm = options.visibleCm ?? VISIBLE_SHARE * headCm(options.head);
			const rowsFor = (share: number) =>
				nearestWithParity(mainRows * share, mainRows % 2, LEAST_ROWS);
			if (isAdult(options.head) && options.visibleCm === null) {
				// By the flat rules, whatever the ring.
				const layer = hat.layerFlat.mean;
				const fits = adultLayer(hat.brimCm);
				if (layer >= fits.least - FLAT_MARGIN && layer <= fits.most + FLAT_MARGIN) return null;
				return {
					body: {
						code: layer < fits.least ? 'short' : 'long',
						heightCm: layer,
						wantedCm: fits.cm,
						fits: { least: fits.least, most: fits.most, brimCm: hat.brimCm },
						rows: rowsFor(fits.cm / layer)
					},
					severity: 'warn',
					where: { at: 'size' },
					fix: toRows(rowsFor(fits.cm / layer), withRows),
					or: isWanted(visibleOf(hat.heightWorn.mean))
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
					heightCm,
					wantedCm: usualHeightCm,
					fits: null,
					rows
				},
				severity: 'warn',
				where: { at: 'size' },
				fix: toRows(rows, withRows),
				or: isWanted(visibleOf(heightCm))
			};
		}
	});
