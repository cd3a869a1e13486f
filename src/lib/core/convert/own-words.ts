import type { Take } from '../shaping/edge-schedule';

/** What is done, as `wordSchedule` says it. */
const DOES: readonly (readonly [RegExp, (n: number) => Pick<Take, 'stitches' | 'how'>])[] = [
	[/^chain (\d+) off$/, (n) => ({ stitches: n, how: 'group' })],
	[/^hold (\d+)$/, (n) => ({ stitches: n, how: 'group' })],
	[/^decrease 1$/, () => ({ stitches: 1, how: 'single' })],
	[/^decrease 2$/, () => ({ stitches: 2, how: 'double' })],
	[/^edge stitch in by 1$/, () => ({ stitches: 1, how: 'single' })],
	[/^edge stitches in by 2$/, () => ({ stitches: 2, how: 'double' })]
];
const STRETCH =
	/^(.*?) ?(?:every (\d+)(?:st|nd|rd|th) row (?:(\d+) times|(once)|(twice)), first after row (\d+)|after row (\d+))$/;

function doneBy(words: string): Pick<Take, 'stitches' | 'how'> | undefined {
	for (const [form, as] of DOES) {
		const m = form.exec(words);
		if (m) return as(Number(m[1] ?? 0));
	}
	return undefined;
}

/**
 * An edge's sentence read back: "chain 4 off after row 48, then decrease 1 every 2nd row 5 times, first after row 50" as the
 * takes it stands for, row by row; null for words that are not of that kind.
 */
export function readSchedule(said: string): Take[] | null {
	const words = said.trim().replace(/\.$/, '').toLowerCase();
	if (words === 'straight') return [];
	const takes: Take[] = [];
	let last: Pick<Take, 'stitches' | 'how'> | undefined;
	for (const stretch of words.split(/, then /)) {
		const m = STRETCH.exec(stretch.trim());
		if (!m) return null;
		const [, what, every, many, once, twice, first, single] = m;
		last = what === undefined || what === '' ? last : doneBy(what);
		if (!last) return null;
		const times = single !== undefined || once ? 1 : twice ? 2 : Number(many);
		const from = Number(single ?? first);
		for (let i = 0; i < times; i++) takes.push({ ...last, row: from + i * Number(every ?? 0) });
	}
	return takes;
}
