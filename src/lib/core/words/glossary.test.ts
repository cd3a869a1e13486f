import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GLOSSARY, glossed, termOf } from './glossary';

const said = (text: string) =>
	glossed(text)
		.map((p) => (typeof p === 'string' ? p : p.said))
		.join('');

describe('the glossary', () => {
	it('explains each word once, in other words than itself', () => {
		expect(new Set(GLOSSARY.map((t) => t.word)).size).toBe(GLOSSARY.length);
		for (const { word, means } of GLOSSARY) {
			expect(means).toMatch(/^[A-Z].*\.$/);
			expect(means.toLowerCase().startsWith(word)).toBe(false);
			expect(termOf(word)?.word).toBe(word);
		}
	});

	it('loses no letter of a sentence, whatever it says', () => {
		const words = fc.array(
			fc.oneof(
				fc.constantFrom(...GLOSSARY.map((t) => t.word), 'Tails', 'swatches', 'slip'),
				fc.string()
			)
		);
		fc.assert(
			fc.property(words, (list) => {
				const text = list.join(' ');
				expect(said(text)).toBe(text);
			})
		);
	});

	it('finds the longest word, in its plural too, and each but once', () => {
		const terms = (text: string) =>
			glossed(text).flatMap((p) => (typeof p === 'string' ? [] : [p.term.word]));
		expect(terms('Close it with slip stitches; tails inside, then more tails.')).toEqual([
			'slip stitch',
			'tail'
		]);
		expect(terms('A stitch is tucked, and the pins are detailed.')).toEqual(['tuck', 'pin']);
		expect(terms('Nothing of the kind.')).toEqual([]);
	});
});
