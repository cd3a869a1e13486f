import type { FewerTails } from '../stripes/joins';
import { CARRY_ROWS } from '../stripes/joins';

/** A way to fewer tails, in one sentence with what it saves. */
export function wordFewer(w: FewerTails): string {
	const fewer = `${w.saves} tails fewer`;
	switch (w.way) {
		case 'hidden':
			return `${w.joins} joins lie where nobody sees them: those rows in one colour, ${fewer}.`;
		case 'carry':
			return `Where a colour comes back within ${CARRY_ROWS} rows, carry it up inside and do not cut it: ${fewer}.`;
		case 'wider':
			return `Stripes twice as wide: ${fewer}.`;
	}
}
