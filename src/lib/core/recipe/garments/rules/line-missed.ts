import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import type { FinishedOf } from '../../finished';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'line-missed': {
			readonly name: string;
			readonly side: 'left' | 'right';
			readonly row: number;
			readonly stitches: number;
		};
	}
}

/** Rows off the line by more stitches than the rules ask for are named. */
const MISSED_STITCHES = 0.5;

export const lineMissed = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'line-missed': (f) => ({
			what: `${f.name} leaves its line by ${Math.abs(f.stitches).toFixed(1)} stitches at row ${f.row + 1}.`,
			why: `The ${f.side} edge asks for more at once than can be taken there: groups come off only where the yarn is, decreases every 2nd row.`
		})
	},
	test: ({ finished }) => {
		return finished.made.pieces.flatMap((p): Judgement[] => {
			if (!p.schedule || p.mirrorOf) return [];
			return (['left', 'right'] as const).flatMap((side): Judgement[] => {
				const { row, stitches } = p.schedule![side].missed;
				if (Math.abs(stitches) < MISSED_STITCHES) return [];
				return [
					{
						body: { code: 'line-missed', name: p.name, side, row, stitches },
						severity: 'tip',
						where: { at: 'piece', piece: `${p.id}-${side}` }
					}
				];
			});
		});
	}
});
