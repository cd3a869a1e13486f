import type { Excess } from '../../program/load';
import type { Says } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'machine-missing': object;
		'yarn-missing': { readonly yarnId: string };
		'too-much': Excess;
		/** Where in its options, joined by points. */
		'options-unread': { readonly path: string };
	}
	interface StopCodes {
		'machine-missing': true;
		'yarn-missing': true;
		'too-much': true;
		'options-unread': true;
	}
}

const LOAD_WORDS: Record<Excess['what'], string> = {
	pieces: 'different pieces',
	rows: 'rows',
	loops: 'stitches',
	joins: 'changes of colour'
};

/** What to make less of. */
const LOAD_FITS: Record<Excess['what'], string> = {
	pieces: 'a ring with more pins needs fewer; of the width about',
	rows: 'of the length about',
	loops: 'of its size about',
	joins: 'higher stripes need fewer; of the changes about'
};

/** Why there is no plan at all: found before there is anything to judge. */
export const refusals: { readonly says: Says } = {
	says: {
		'machine-missing': () => ({
			what: 'This project’s machine is not on the bench any more.',
			why: 'Choose another machine for it; everything else is kept.'
		}),
		'yarn-missing': () => ({
			what: 'A yarn of this project is not on the bench any more.',
			why: 'Choose another yarn for its place; everything else is kept.'
		}),
		'options-unread': (f) => ({
			what: `What this project holds of “${f.path}” does not read.`,
			why: 'Everything else is kept: take the usual in its place, or bring the project back from a backup.'
		}),
		'too-much': (f) => ({
			what: `${f.is.toLocaleString('en-GB')} ${LOAD_WORDS[f.what]} are more than is worked out here.`,
			why: `${f.most.toLocaleString('en-GB')} is the most, all different pieces together: ${LOAD_FITS[f.what]} ${Math.max(1, Math.floor((100 * f.most) / f.is))} % of it would fit.`
		})
	}
};
