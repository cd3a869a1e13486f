import type { WasteWith } from '../model/kinds';

/** The schools of waste yarn at the cast-on, each a way to begin (common practice). */
export interface WasteSchool {
	readonly id: string;
	readonly rows: number;
	readonly with: WasteWith;
	readonly label: string;
	readonly goodFor: string;
}

export const WASTE_SCHOOLS: readonly WasteSchool[] = [
	{
		id: 'none',
		rows: 0,
		with: 'yarn',
		label: 'none',
		goodFor: 'An end that is drawn up needs none: the weave itself is the string'
	},
	{
		id: 'four',
		rows: 4,
		with: 'yarn',
		label: '4 rows',
		goodFor: 'Four normally hold, two sometimes unravel; little to unpick'
	},
	{ id: 'five', rows: 5, with: 'yarn', label: '5 rows', goodFor: 'Enough for most' },
	{
		id: 'ten',
		rows: 10,
		with: 'yarn',
		label: '10 rows',
		goodFor: 'For safety, at the cost of unpicking'
	},
	{
		id: 'rag',
		rows: 4,
		with: 'rag',
		label: 'a rag and 4 rows',
		goodFor: 'A rag with loops, hung on the pins and used again and again: no weaving'
	},
	{
		id: 'ravel',
		rows: 5,
		with: 'ravel',
		label: '4 rows and a contrast row',
		goodFor: 'A strong strand next to the main yarn: one pull and the waste falls off'
	}
];

/** The school that options follow; none where a file brought a count of its own. */
export const schoolOf = (options: {
	readonly wasteStart: number;
	readonly wasteWith: WasteWith;
}): WasteSchool | undefined =>
	WASTE_SCHOOLS.find(
		(s) => s.rows === options.wasteStart && (s.rows === 0 || s.with === options.wasteWith)
	);
