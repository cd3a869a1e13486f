import { entryAt } from '../../../quantity/sure';
import { change } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { PlainTubeOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { toRows } from '../../fixes';
import type { TubeKind } from '../kind';
import { fitCmOf, hemOf } from '../length';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'two-figures': {
			readonly rows: number;
			readonly fitRows: number;
			readonly aroundCm: number;
			readonly what: string;
		};
	}
}

/** Length and size both given, and they disagree by more than this. */
const DISAGREE = 0.08;

/** What goes round a thing by its length is as long as that asks; set otherwise, one of the two figures has to give. */
export const twoFigures = (kind: TubeKind) =>
	rule<PlainTubeOptions, FinishedOf<'tube'>>({
		says: {
			'two-figures': (f, s) => ({
				what: `${f.rows} rows and the ${f.what} of ${s.length(f.aroundCm)} disagree.`,
				why: `That ${f.what} asks for ${f.fitRows} rows. Either the rows give, or it is for another size.`
			})
		},
		test: ({ options, machine, gauges, mainRows, flatLength, withRows }) => {
			if (options.length.by === 'fit' || options.length.by === 'yarn') return null;
			const { around, covers } = kind;
			if (!around || (around.by === 'width' && !covers)) return null;
			const hem = hemOf(options);
			const wanted = fitCmOf(options, machine, entryAt(gauges, 0));
			const off = flatLength.mean / wanted - 1;
			if (Math.abs(off) < DISAGREE) return null;
			const aroundCm = options.aroundCm ?? around.usualCm;
			const fitRows = Math.max(4, Math.round((mainRows - hem / 2) / (1 + off) + hem / 2));
			const cm = Math.round(aroundCm * (1 + off) * 2) / 2;
			return {
				body: {
					code: 'two-figures',
					rows: mainRows,
					fitRows,
					aroundCm,
					what: entryAt(around.what.split(','), 0).toLowerCase()
				},
				severity: 'warn',
				where: { at: 'size' },
				fix: toRows(fitRows, withRows),
				// What it goes round by its width is not another for being longer.
				...(!covers && cm >= 5 && cm <= 150
					? { or: change(['It is for', { cm }, 'round'], { aroundCm: cm }) }
					: {})
			};
		}
	});
