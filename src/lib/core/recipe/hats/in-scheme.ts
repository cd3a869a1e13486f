import type { YarnId } from '../../model/bench';
import type { ColourScheme } from './scheme';

/** Yarns that a scheme names, in its own order. */
export const inScheme = (scheme: ColourScheme): YarnId[] => {
	switch (scheme.kind) {
		case 'one':
			return [scheme.yarn];
		case 'outer-lining':
			return [scheme.outer, scheme.lining];
		case 'false-brim':
			return [scheme.main, scheme.brim];
		case 'stripes':
			return scheme.yarns;
	}
};
