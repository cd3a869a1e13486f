import { entryAt } from '../../quantity/sure';
import type { YarnId } from '../../model/bench';
import { own, worked, type Working } from '../../quantity/working';
import { inScheme } from './in-scheme';
import type { ColourScheme } from './scheme';

export type Sections = { yarn: number; rows: number }[];

const yarnsIn = (scheme: ColourScheme): YarnId[] => [...new Set(inScheme(scheme))];

/** Shares `rows` main rows out over the scheme's sections, in knitting order. They always sum to `rows`. */
export function hatSections(scheme: ColourScheme, rows: number): Sections {
	const at = (id: YarnId) => yarnsIn(scheme).indexOf(id);
	switch (scheme.kind) {
		case 'one':
			return [{ yarn: 0, rows }];
		case 'outer-lining': {
			const outer = Math.min(rows, Math.max(0, Math.floor((rows - scheme.liningExtraRows) / 2)));
			return [
				{ yarn: at(scheme.outer), rows: outer },
				{ yarn: at(scheme.lining), rows: rows - outer }
			];
		}
		case 'false-brim': {
			const brim = Math.min(rows, scheme.brimRows);
			const first = Math.floor((rows - brim) / 2);
			return [
				{ yarn: at(scheme.main), rows: first },
				{ yarn: at(scheme.brim), rows: brim },
				{ yarn: at(scheme.main), rows: rows - brim - first }
			];
		}
		case 'stripes': {
			const sections: Sections = [];
			for (let done = 0, i = 0; done < rows; i++) {
				const count = Math.min(scheme.stripeRows, rows - done);
				sections.push({ yarn: at(entryAt(scheme.yarns, i % scheme.yarns.length)), rows: count });
				done += count;
			}
			return sections;
		}
	}
}

/** One line for how the sections came about, in their own counts. */
export function sectionsWorking(scheme: ColourScheme, rows: number): Working {
	const counts = hatSections(scheme, rows).map((s) => s.rows);
	const all = worked(rows, 'rows', 'in all');
	switch (scheme.kind) {
		case 'one':
			return [];
		case 'outer-lining':
			return [
				'(',
				all,
				'−',
				own(scheme.liningExtraRows, 'rows', 'lining longer'),
				') ÷ 2 =',
				worked(entryAt(counts, 0), 'rows', 'outer'),
				', the rest',
				worked(entryAt(counts, 1), 'rows', 'lining')
			];
		case 'false-brim':
			return [
				'(',
				all,
				'−',
				own(entryAt(counts, 1), 'rows', 'brim, half shows'),
				') ÷ 2 =',
				worked(entryAt(counts, 0), 'rows', 'on either side')
			];
		case 'stripes':
			return [
				all,
				'÷',
				own(scheme.stripeRows, 'rows', 'in a stripe'),
				'=',
				worked(rows / scheme.stripeRows, 'plain', 'stripes')
			];
	}
}

/** What the row count must be even or odd with, so that the sections come out whole on both faces. */
export function parity(scheme: ColourScheme): number {
	if (scheme.kind === 'outer-lining') return Math.abs(scheme.liningExtraRows) % 2;
	if (scheme.kind === 'false-brim') return scheme.brimRows % 2;
	return 0;
}
