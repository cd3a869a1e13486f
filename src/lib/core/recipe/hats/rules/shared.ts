import { change, type Fix } from '../../../finding/fix';
import type { ColourScheme } from '../scheme';

export const LINING_LONGER = 6;

export const longerLining = (scheme: ColourScheme): Fix =>
	change([`Make the lining ${LINING_LONGER} rows longer`], {
		scheme: { ...scheme, liningExtraRows: LINING_LONGER }
	});
