import type { Problem } from '../quantity/problem';

const number = (v: number): string => String(Number(v.toFixed(2)));

/** One sentence for what was typed: what is wrong and what would be right. */
export function wordProblem(p: Problem): string {
	switch (p.code) {
		case 'empty':
			return `Nothing typed yet: for example ${p.wanted}.`;
		case 'not-understood':
			return `"${p.typed.trim()}" is not understood here: write it like ${p.wanted}.`;
		case 'unknown-unit':
			return `"${p.unit}" is not a unit known here: write it like ${p.wanted}.`;
		case 'not-positive':
			return `${number(p.value)} cannot be right: it has to be above 0, like ${p.wanted}.`;
		case 'not-whole':
			return `${number(p.value)} is not whole: write a whole count, like ${p.wanted}.`;
		case 'out-of-range': {
			const hint = p.hint ? ` (${p.hint})` : '';
			// A plain number has no unit after it.
			const unit = p.unit ? ` ${p.unit}` : '';
			return `${number(p.value)}${unit} is out of reach: it should be from ${number(p.min)} to ${number(p.max)}${unit}${hint}.`;
		}
	}
}
