import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import { rowsWord } from '../../../quantity/say';
import { otherSide, type Side } from '../../../shaping/outline';
import type { FinishedOf } from '../../finished';
import type { MadePiece } from '../made-piece';
import type { GarmentOptions } from '../options';

interface Counts {
	readonly stitches: number;
	readonly rows: number;
}
declare module '../../../finding/finding' {
	interface FindingBodies {
		'worked-anew': { readonly name: string; readonly typed: Counts; readonly made: Counts };
		'odd-rows': { readonly name: string; readonly rows: number; readonly ends: Side };
		'groups-wait': { readonly name: string; readonly groups: number };
	}
}

const counts = ({ stitches, rows }: Counts): string => `${stitches} stitches and ${rowsWord(rows)}`;

function judged(p: MadePiece): Judgement[] {
	const { typed } = p.cut;
	if (!typed || !p.asTyped || p.mirrorOf) return [];
	const at = (code: string) => ({ at: 'piece' as const, piece: `${p.id}-${code}` });
	const { name, stitches, rows, schedule } = p;
	if (!p.asTyped.exact) {
		const was = { stitches: typed.castOn, rows: typed.rows };
		const body = { code: 'worked-anew', name, typed: was, made: { stitches, rows } } as const;
		return schedule ? [{ body, severity: 'tip', where: at('anew') }] : [];
	}
	const found: Judgement[] = [];
	if (p.asTyped.waits > 0) {
		const body = { code: 'groups-wait', name, groups: p.asTyped.waits } as const;
		found.push({ body, severity: 'tip', where: at('groups') });
	}
	if (rows % 2 === 1 && schedule) {
		const body = { code: 'odd-rows', name, rows, ends: otherSide(schedule.rules.yarnAt) } as const;
		found.push({ body, severity: 'tip', where: at('rows') });
	}
	return found;
}

/** What becomes of a pattern as it was typed: knitted so, or worked anew in another gauge. */
export const asTyped = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'worked-anew': (f) => ({
			what: `${f.name} is worked anew: your gauge is not its pattern’s.`,
			why: `Its ${counts(f.typed)} become ${counts(f.made)}, and its shaping is spread over them.`
		}),
		'odd-rows': (f) => ({
			what: `${f.name} has an odd number of rows: ${f.rows}.`,
			why: `The yarn ends at its ${f.ends} edge, across from where it began: the last tail hangs there.`
		}),
		'groups-wait': (f) => ({
			what: `${f.name}: ${f.groups === 1 ? 'one group comes' : `${f.groups} groups come`} off a row later than typed.`,
			why: 'A group comes off where the yarn is, at the start of a row; at the other edge it waits for the next.'
		})
	},
	test: ({ finished }) => finished.made.pieces.flatMap(judged)
});
