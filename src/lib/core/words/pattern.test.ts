import { expect, it } from 'vitest';
import { MORE } from '../../../../tests/patterns/more-passages';
import { PASSAGES } from '../../../../tests/patterns/passages';
import { readPattern } from '../convert/pattern/read';
import { wordAct, wordWhy } from './pattern';

it('every act of a pattern has a sentence that holds all its numbers', () => {
	const does = new Set<string>();
	for (const { text } of [...PASSAGES, ...MORE])
		for (const { acts } of readPattern(text).instructions)
			for (const act of acts) {
				does.add(act.do);
				const said = wordAct(act);
				expect(said).toMatch(/^[A-Z0-9].*\.$/);
				const numbers = 'n' in act ? [act.n] : [];
				if (act.do === 'shape') numbers.push(...(act.times === null ? [] : [act.times]));
				for (const n of numbers)
					if (n > 1) expect(said, said).toMatch(new RegExp(`(^|\\D)${n}(\\D|$)`));
			}
	expect(does.size).toBeGreaterThan(17);
});
it('what is asked about says what would be right', () => {
	const why = (text: string) => {
		const found = readPattern(text).instructions.find((i) => i.why);
		return found?.why ? wordWhy(found.why) : '';
	};
	expect(why('Cast on 38 sts. Dec 3 sts at each end of every row until 18 sts rem.')).toBe(
		'18 stitches cannot be reached by this step: 20 or 14 can.'
	);
	expect(why('Cast on 40 sts. Cast off 3 sts at beg of next 2 rows. 36 sts.')).toBe(
		'The pattern says 36 stitches here, and its own shaping leaves 34.'
	);
	expect(why('Cast on 40 sts. Work 10 rows. 12 rows in all.')).toBe(
		'The pattern says 12 rows here, and its instructions make 10.'
	);
	expect(why('Cast on 99999999 sts.')).toContain('2000 stitches or rows at most');
	expect(why('Work 6 rows in moss st.')).toMatch(
		/^Not done by cranking, though its rows count\. Purl texture: .+\.$/
	);
	expect(why('Dec somewhere 4 sts quickly.')).toContain('was not read');
});
