import { entryAt } from '../../../quantity/sure';
import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import type { FinishedOf } from '../../finished';
import { half, setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'over-bust': { readonly cm: number; readonly rows: number; readonly chestCm: number };
	}
}

/** A bust beyond this takes up length, a twelfth of what is over (from memory). */
const BUST_FROM_CM = 92;

const BUST_SHARE = 1 / 12;

export const overBust = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'over-bust': (f, s) => ({
			what: `Over a bust of ${s.length(f.chestCm)} the front rides up by about ${s.length(f.cm)}.`,
			why: `${rowsWord(f.rows)} more on all pieces keep the hem where it is meant. An estimate: measure over the bust to know.`
		})
	},
	test: ({ finished, options, gauges }) => {
		if (!finished.body || !options.size.startsWith('woman') || options.from === 'flat') return null;
		const { chest, length } = finished.measures;
		const cm = (chest.cm - BUST_FROM_CM) * BUST_SHARE;
		const rows = 2 * Math.round((cm * entryAt(gauges, 0).rowsPerCm.mean) / 2);
		// A length the maker has set was measured over the bust, or is wanted so.
		if (rows < 2 || length.from === 'own') return null;
		return {
			body: { code: 'over-bust', cm, rows, chestCm: chest.cm },
			severity: 'tip',
			where: { at: 'size' },
			fix: setMeasure(options, 'length', half(length.cm + cm))
		};
	}
});
