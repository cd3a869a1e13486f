/** What the standard faces of a PDF can set (WinAnsi), beyond plain letters. */
const KEPT = '€‚ƒ„…†‡ˆ‰Š‹ŒŽ‘’“”•–—˜™š›œžŸ';
const INSTEAD: Readonly<Record<string, string>> = {
	'−': '-',
	'≈': '~',
	'→': '>',
	'✓': 'x',
	ł: 'l',
	Ł: 'L'
};

/**
 * Text that the standard faces can set: letters with marks they lack lose the mark, and what is left is a question mark,
 * never an error.
 */
export function printable(text: string): string {
	let out = '';
	for (const c of text.replace(/\p{Cc}+/gu, ' ')) {
		const code = c.codePointAt(0)!;
		if ((code >= 32 && code < 127) || (code >= 160 && code <= 255) || KEPT.includes(c)) out += c;
		else if (INSTEAD[c] !== undefined) out += INSTEAD[c];
		else {
			const bare = c.normalize('NFD').replace(/[\u0300-\u036f]/g, '');
			out += /^[\x20-\x7e]+$/.test(bare) ? bare : '?';
		}
	}
	return out;
}
