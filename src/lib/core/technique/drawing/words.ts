import { EDGE_WORDS } from './words-of-edges';
import { FORM_WORDS } from './words-of-forms';
import type { SkillWords, Worded } from './skill-words';
import type { SkillId } from './skills';
import type { CrochetTerms } from '../../model/kinds';
import { CROCHET } from '../../quantity/say';

const SKILL_WORDS: Record<SkillId, Worded> = { ...EDGE_WORDS, ...FORM_WORDS };

/** A technique in the maker's words. */
export function skillWords(id: SkillId, terms: CrochetTerms): SkillWords {
	const words = SKILL_WORDS[id];
	return typeof words === 'function' ? words(CROCHET[terms]) : words;
}

/** Whether every word that is looked for stands somewhere in its words. */
export function findsSkill(words: SkillWords, find: string): boolean {
	const all = [words.name, words.goodFor, words.wrong, words.also ?? '', ...words.how]
		.join(' ')
		.toLowerCase();
	return find
		.toLowerCase()
		.split(/\s+/)
		.every((w) => all.includes(w));
}
