import { describe, expect, it } from 'vitest';
import { seeded } from '../../../../../tests/support/random';
import { ownLine, type Take } from '../../shaping/edge-schedule';
import { SHAPINGS } from '../../model/kinds';
import { wordSchedule } from '../../shaping/words';
import { actLine } from './acts';
import { nthAt, placesOf } from './correct';
import { gaugeIn } from './gauge';
import { readPattern } from './read';
import { sizeNames } from './sizes';

const IN = 2.54;

describe('a pattern’s own gauge', () => {
	it.each([
		['Tension: 22 sts and 30 rows to 10 cm over st st on 4 mm needles', 2.2, 3],
		['GAUGE 22 st x 30 rows = 10 x 10 cm', 2.2, 3],
		['5½ sts and 7 rows = 1 in', 5.5 / IN, 7 / IN],
		['Gauge: 20 stitches & 28 rows = 4 inches square', 20 / (4 * IN), 28 / (4 * IN)],
		['4 in = 18 sts and 24 rows', 18 / (4 * IN), 24 / (4 * IN)],
		['Swatch: 18.2 cm to 40 sts, 5.7 cm to 20 rows', 40 / 18.2, 20 / 5.7],
		['40 stitches = 18.2 cm, 20 rows = 5.7 cm', 40 / 18.2, 20 / 5.7],
		['Tension\n11 sts to 5 cm', 2.2, null],
		['Gauge is 7 rows to the inch', null, 7 / IN]
	])('%s', (text, stitches, rows) => {
		const found = gaugeIn(`Some hat.\n${text}.\nCast on 40 sts.`)!;
		const near = (a: number | null, b: number | null) =>
			b === null ? expect(a).toBeNull() : expect(a).toBeCloseTo(b, 6);
		near(found.stitchesPerCm, stitches);
		near(found.rowsPerCm, rows);
		expect(`Some hat.\n${text}.`.slice(found.from, found.to)).toMatch(/\d/);
	});
	it('work is none: lone counts count only near a word for gauge, and no gauge is one that cannot be', () => {
		expect(gaugeIn('Cast off 3 sts in 5 cm of the edge. Work 20 rows over 10 cm.')).toBeNull();
		expect(gaugeIn('Tension: 400 sts to 1 cm')).toBeNull();
		expect(gaugeIn('')).toBeNull();
	});
	it('is taken from the text, and none of its counts is work', () => {
		const text = '22 sts and 30 rows = 10 cm. Cast on 40 sts. Work 10 rows.';
		const read = readPattern(text);
		expect(read.gauge).toMatchObject({ stitchesPerCm: 2.2, rowsPerCm: 3 });
		expect(read.instructions.flatMap((i) => i.acts.map(actLine))).toEqual(['co 40', 'rows 10']);
		expect(read.instructions[0]).toMatchObject({ as: 'taken', from: 0 });
	});
});

describe('what the maker says of a stretch', () => {
	const text = 'Back. Cast on 40 sts. Do the hop. Work 10 rows. Do the hop. Work 10 rows.';
	const acts = (corrections: Parameters<typeof readPattern>[2]) =>
		readPattern(text, 0, corrections).instructions.flatMap((i) => i.acts.map(actLine));
	const hop = (nth: number, says: string) => ({ words: 'Do the hop', nth, says });
	it('is read in its place, whichever of the same words it is, and followed along', () => {
		expect(acts([])).toEqual(['piece Back', 'co 40', 'rows 10', 'rows 10']);
		expect(acts([hop(1, 'dec 1 st at each end of every alt row until 30 sts rem')])).toEqual([
			'piece Back',
			'co 40',
			'rows 10',
			'dec 1 both 2,+2 x5',
			'rows 10'
		]);
		expect(nthAt(text, 'Do the hop', text.lastIndexOf('Do the hop'))).toBe(1);
	});
	it('may be several things, or only words; its stretch is marked as said', () => {
		const said = readPattern(text, 0, [
			hop(0, 'work 4 rows. Cast off 3 sts at beg of next 2 rows'),
			hop(1, '')
		]).instructions.filter((i) => i.corrected);
		expect(said.flatMap((i) => i.acts.map(actLine))).toEqual(['rows 4', 'off 3 x2']);
		for (const i of said) expect(text.slice(i.from, i.to)).toBe('Do the hop');
		expect(said.at(-1)).toMatchObject({ as: 'words' });
		expect(said[0]!.from).toBeLessThan(said.at(-1)!.from);
	});
	it('a list of sizes in it is as good as one in the text; what contradicts is asked about again', () => {
		const at = (size: number) =>
			readPattern(text, size, [hop(0, 'work 4 (6: 8) rows')]).instructions.find((i) => i.corrected)!
				.acts;
		expect(at(2)).toEqual([{ do: 'rows', n: 8, from: null }]);
		const wrong = readPattern(text, 0, [hop(0, '50 sts')]).instructions.find((i) => i.corrected)!;
		expect(wrong.why).toEqual({ code: 'count-differs', said: 50, is: 40 });
	});
	it('waits where its words are gone, and overlapping ones are read once', () => {
		expect(placesOf(text, [{ words: 'nothing like it', nth: 0, says: '' }])).toEqual([]);
		expect(placesOf(text, [hop(7, '')])).toEqual([]);
		expect(
			placesOf(text, [hop(0, 'a'), { words: 'the hop. Work', nth: 0, says: 'b' }])
		).toHaveLength(1);
	});
});

describe('odd and even rows, and what is only of tools', () => {
	const lines = (text: string) =>
		readPattern(text).instructions.flatMap((i) => i.acts.map(actLine));
	it('are counted from where the work is', () => {
		expect(
			lines('Cast on 40 sts. Work 4 rows. Dec 1 st at each end of every odd row 3 times.')
		).toEqual(['co 40', 'rows 4', 'dec 1 both 1,+2 x3']);
		expect(
			lines('Cast on 40 sts. Work 5 rows. Dec 1 st at each end of every odd row 3 times.').at(-1)
		).toBe('dec 1 both 2,+2 x3');
		expect(
			lines('Cast on 40 sts. Dec 1 st at each end of every even row until 30 sts rem.').at(-1)
		).toBe('dec 1 both 2,+2 x5');
		expect(lines('Work until piece measures 30 cm, ending with an even row.')).toEqual([
			'to 30 cm WS'
		]);
		expect(lines('Work straight until work measures 10 cm, ending on an odd row.')).toEqual([
			'to 10 cm RS'
		]);
	});
	it('needles and balls ask for nothing; a count in the middle of a sentence is no cast-on', () => {
		const asked = (text: string) =>
			readPattern(text).instructions.filter((i) => i.as === 'needs-you').length;
		expect(asked('Cast on 40 sts. Change to 4 mm needles. Take 2 balls.')).toBe(0);
		expect(asked('Cast on 40 sts. Hop over 4 of them.')).toBe(1);
		expect(lines('Hop 1 st at each end of the hop.')).toEqual([]);
	});
	it('hundreds in words, every so many rows, and work to a length', () => {
		expect(lines('Cast on one hundred and four stitches. Knit two hundred rows.')).toEqual([
			'co 104',
			'rows 200'
		]);
		expect(lines('Cast on a hundred stitches and 20 rows.')).toEqual(['co 100', 'rows 20']);
		expect(
			lines('CO 32\nInc 4 sts evenly\nInc 1 st each side every 6 rows 8 times\nWork to 30 cm')
		).toEqual(['co 32', 'inc 4 evenly 0,+1 x1', 'inc 1 both 6,+6 x8', 'to 30 cm']);
	});
	it('what is asked for and not read is one stretch, and its count is none of the needle’s', () => {
		const text = 'Cast on 40 sts. Bind off 2 sts in a hop 3 times. Work 10 rows. 40 sts.';
		const asked = readPattern(text).instructions.filter((i) => i.as === 'needs-you');
		expect(asked.map((i) => text.slice(i.from, i.to))).toEqual(['Bind off 2 sts in a hop 3 times']);
		expect(lines(text)).toEqual(['co 40', 'rows 10', 'count 40']);
	});
	it('the first of a division may be said so', () => {
		expect(
			lines(
				'Cast on 40 sts. Work on first 12 sts, turn; leave rem on a holder; rejoin yarn; reverse shapings.'
			)
		).toEqual(['co 40', 'divide 12', 'rejoin', 'reverse']);
		expect(lines('Cast on 40 sts. Work 10 rows. Work 22 rows in all.').at(-1)).toBe('total 22');
	});
});

describe('sizes', () => {
	it('are called as the text calls them, of one length with the lists that drive the counts', () => {
		expect(sizeNames('Sizes: S (M, L, XL)', 4)).toEqual(['S', 'M', 'L', 'XL']);
		expect(sizeNames('To fit 98 [104, 110] cm', 3)).toEqual(['98 cm', '104 cm', '110 cm']);
		expect(sizeNames('Ages 3-4 (5-6: 7-8) years', 3)).toEqual([
			'3-4 years',
			'5-6 years',
			'7-8 years'
		]);
		expect(sizeNames('Cast on 40 (44: 48) sts', 3)).toEqual(['1', '2', '3']);
		const text = 'Ages 3-4 (5-6: 7-8) years. Chest 56 (61: 66) cm. Cast on 58 (62: 68) sts.';
		const read = readPattern(text, 2);
		expect(read.sizes).toBe(3);
		expect(read.oddLists).toEqual([]);
		expect(read.instructions.flatMap((i) => i.acts.map(actLine))).toEqual(['co 68']);
	});
	it('lists are read however they are typed, halves among them', () => {
		const text =
			'Cast on 62(66,70) stitches and work in k1,p1 rib for 2 inches. Work until the piece measures 12(12½,13) inches. Place 12 sts on a stitch holder.';
		const at = (size: number) => {
			const read = readPattern(text, size);
			expect([read.sizes, read.oddLists]).toEqual([3, []]);
			expect(read.instructions.filter((i) => i.as === 'needs-you')).toEqual([]);
			return read.instructions.flatMap((i) => i.acts.map(actLine));
		};
		expect(at(0)).toEqual(['co 62', 'to 2 in from here', 'to 12 in', 'hold 12']);
		expect(at(1)).toEqual(['co 66', 'to 2 in from here', 'to 12.5 in', 'hold 12']);
	});
	it('metric and inches in pairs are one length', () => {
		const lines = (t: string) => readPattern(t).instructions.flatMap((i) => i.acts.map(actLine));
		for (const t of [
			'until work measures 25 cm (10 in) from beg',
			'until work measures 25 cm [10 in] from beg',
			'until work measures 25 cm / 10 in from beg'
		])
			expect(lines(`Cast on 40 sts. Work ${t}.`), t).toEqual(['co 40', 'to 25 cm']);
	});
});

describe('a piece in the product’s own wording', () => {
	it('is read back exactly: 5,000 random pieces', () => {
		for (let seed = 1; seed <= 5000; seed++) {
			const random = seeded(seed);
			const whole = (least: number, most: number) =>
				least + Math.floor(random() * (most - least + 1));
			const shaping = SHAPINGS[whole(0, SHAPINGS.length - 1)]!;
			let rows = 0;
			const edge = (): Take[] => {
				let row = 0;
				return Array.from({ length: whole(0, 8) }, (): Take => {
					row += whole(1, 9);
					const n = whole(1, 4);
					rows = Math.max(rows, row);
					const how = shaping === 'held' || n > 2 ? 'group' : n === 1 ? 'single' : 'double';
					return { row, stitches: n, how };
				});
			};
			const [left, right] = [edge(), edge()];
			const castOn = whole(40, 90);
			const said = (side: string, takes: Take[]) =>
				`${side} edge: ${wordSchedule(ownLine(takes), shaping)}`;
			const text = `${castOn} stitches, ${rows + 2} rows; ${said('left', left)}; ${said('right', right)}`;
			const acts = readPattern(text).instructions.flatMap((i) => i.acts);
			expect(acts, text).toEqual([
				{ do: 'on', n: castOn },
				{ do: 'rows', n: rows + 2, from: null },
				{ do: 'edge', edge: 'left', takes: left },
				{ do: 'edge', edge: 'right', takes: right }
			]);
		}
	});
});
