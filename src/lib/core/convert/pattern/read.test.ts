import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PASSAGES } from '../../../../../tests/patterns/passages';
import { MORE } from '../../../../../tests/patterns/more-passages';
import { UK, US, writtenPiece, type Writer } from '../../../../../tests/patterns/writers';
import { seeded } from '../../../../../tests/support/random';
import { actLine } from './acts';
import { rulesFor } from './dispatch';
import { readPattern } from './read';
import { RULES } from './rules';
import { tokensOf } from './tokens';

const lines = (text: string): string[] =>
	readPattern(text).instructions.flatMap((i) =>
		i.acts.map((a, k) => `${i.meanwhile && k === 0 ? '& ' : ''}${actLine(a)}`)
	);
/** Instructions that are read otherwise than they are meant, though nobody is asked about them. */
const silently = (text: string, means: readonly string[]): string[] => {
	const asked = readPattern(text).instructions.some((i) => i.as === 'needs-you');
	return asked ? [] : lines(text).filter((l) => !means.includes(l));
};

describe('a written pattern', () => {
	it('is read: nearly all of what it asks as it is meant, and nothing wrongly in silence', () => {
		let [right, all] = [0, 0];
		for (const { text, means } of PASSAGES) {
			const meant = means.split('\n');
			const read = lines(text);
			all += meant.length;
			right += meant.filter((m, i) => read[i] === m).length;
			expect(silently(text, meant), text).toEqual([]);
		}
		expect(all).toBeGreaterThan(240);
		expect(right / all).toBeGreaterThanOrEqual(0.95);
	});
	it('and so are passages that were written after the reader', () => {
		let [right, all] = [0, 0];
		for (const { text, means } of MORE) {
			const meant = means.split('\n');
			const read = lines(text);
			all += meant.length;
			right += meant.filter((m, i) => read[i] === m).length;
			expect(silently(text, meant), text).toEqual([]);
		}
		expect(right / all).toBeGreaterThanOrEqual(0.9);
	});
	it('every number of it belongs to an instruction or to words that are asked about or passed over', () => {
		for (const { text } of [...PASSAGES, ...MORE]) {
			const { instructions } = readPattern(text);
			for (const m of text.matchAll(/\d+/g)) {
				const of = instructions.filter((i) => i.from <= m.index && m.index < i.to);
				expect(of.length, `${m[0]} at ${m.index} in ${text}`).toBeGreaterThan(0);
			}
			for (const [a, b] of instructions.slice(1).map((b, k) => [instructions[k]!, b] as const))
				expect(b.from, text).toBeGreaterThanOrEqual(a.from);
		}
	});
	it.each([
		['UK', UK],
		['US', US]
	] as const)(
		'5,000 random pieces in the words of a %s writer are read back exactly',
		(_, hand: Writer) => {
			for (let seed = 1; seed <= 5000; seed++) {
				const { text, means } = writtenPiece(seeded(seed), hand);
				const read = lines(text);
				if (read.join('\n') !== means.join('\n'))
					throw new Error(
						`${seed}: ${text}\nmeans ${means.join(' | ')}\nread  ${read.join(' | ')}`
					);
				const wrong = readPattern(text).instructions.find((i) => i.as === 'needs-you');
				if (wrong)
					throw new Error(`${seed}: ${text}\nasks about ${text.slice(wrong.from, wrong.to)}`);
			}
		},
		120_000
	);
	it('a count or a number of rows that is changed is pointed at (2,000 seeded)', () => {
		for (let seed = 1; seed <= 2000; seed++) {
			const random = seeded(seed);
			const { text, stated } = writtenPiece(random, seed % 2 === 0 ? UK : US);
			const which = stated[Math.floor(random() * stated.length)];
			if (!which) continue;
			const off = 1 + Math.floor(random() * 4);
			const other = which.n + (random() < 0.5 && which.n > off + 2 ? -off : off);
			const changed = text.slice(0, which.from) + String(other) + text.slice(which.to);
			const asked = readPattern(changed).instructions.some((i) => i.as === 'needs-you');
			expect(asked, `${seed}: ${which.n} made ${other} in ${changed}`).toBe(true);
		}
	}, 60_000);
	it('never throws, and of random text makes no piece', () => {
		const WORDS =
			'harbour lantern winter net tide 12 3 and the of rope slip quay (4: 5) 7 in cm boat ( ) [ 9 row stall . , ; : \n – 1/0 999999999999'.split(
				' '
			);
		for (let seed = 1; seed <= 3000; seed++) {
			const random = seeded(seed);
			const pick = () =>
				seed % 2 === 0
					? WORDS[Math.floor(random() * WORDS.length)]!
					: String.fromCodePoint(32 + Math.floor(random() * 500));
			const text = Array.from({ length: 1 + Math.floor(random() * 60) }, pick).join(
				seed % 2 === 0 ? ' ' : ''
			);
			const { instructions } = readPattern(text);
			const made = instructions.flatMap((i) => i.acts).filter((a) => a.do === 'on');
			expect(made, text).toEqual([]);
		}
	});
	it('contradictions are met with the nearest that can be', () => {
		const read = readPattern(
			'Cast on 38 sts. Dec 3 sts at each end of every row until 18 sts rem.'
		);
		expect(read.instructions.at(-1)).toMatchObject({
			as: 'needs-you',
			why: { code: 'never-reached', to: 18, above: 20, below: 14 }
		});
	});
	it('every example of docs/pattern-text.md is read as it says', () => {
		const doc = readFileSync('docs/pattern-text.md', 'utf8');
		const examples = [...doc.matchAll(/```pattern\n([^`]*)```/g)].map((m) => m[1]!.split('\n'));
		expect(examples.length).toBeGreaterThan(12);
		for (const example of examples) {
			const text = example.filter((l) => !l.startsWith('= ')).join('\n');
			const means = example.flatMap((l) => (l.startsWith('= ') ? [l.slice(2)] : []));
			expect(lines(text), text).toEqual(means);
			const asked = readPattern(text).instructions.filter((i) => i.as === 'needs-you');
			expect(asked, text).toEqual([]);
		}
	});
	it('every rule has an example in docs/pattern-text.md', () => {
		const doc = readFileSync('docs/pattern-text.md', 'utf8');
		const shown = new Set<string>();
		for (const [, example] of doc.matchAll(/```pattern\n([^`]*)```/g)) {
			const words = tokensOf(example!.replaceAll(/^= .*$/gm, '')).map((t) => t.is);
			const joined = words.join(' ');
			let at = 0;
			for (const word of words) {
				for (const rule of rulesFor(word)) {
					rule.form.lastIndex = at;
					if (rule.form.test(joined)) shown.add(rule.name);
				}
				at += word.length + 1;
			}
		}
		expect(RULES.map((r) => r.name).filter((name) => !shown.has(name))).toEqual([]);
	});
	it('no rule is kept from the words it may begin with', () => {
		for (const { text } of [...PASSAGES, ...MORE]) {
			const words = tokensOf(text).map((t) => t.is);
			const joined = words.join(' ');
			let at = 0;
			for (const word of words) {
				for (const rule of RULES) {
					rule.form.lastIndex = at;
					if (rule.form.test(joined))
						expect(rulesFor(word), `${rule.name}: ${word}`).toContain(rule);
				}
				at += word.length + 1;
			}
		}
	});
	it('a size is chosen for every list at once, and a list of another length is pointed at', () => {
		const text =
			'Cast on 40 (44: 48) sts. Work 30 (36: 42) rows. Cast off 3 (4) sts at beg of next 2 rows.';
		const at = (size: number) =>
			readPattern(text, size).instructions.flatMap((i) => i.acts.map(actLine));
		expect(at(0)).toEqual(['co 40', 'rows 30', 'off 3 x2']);
		expect(at(2)).toEqual(['co 48', 'rows 42', 'off 4 x2']);
		const { sizes, oddLists } = readPattern(text);
		expect(sizes).toBe(3);
		expect(oddLists.map((l) => text.slice(l.from, l.to))).toEqual(['3 (4)']);
	});
});
