/** A sentence as a program reads it: what it states, in its order, each as one word: `pin 3`, `cm 20`, `edge left/right`. */
export type Token = string;

/** Each way of stating something: how it is written, and as what it is read. */
const FORMS: readonly (readonly [RegExp, (m: RegExpExecArray) => string])[] = [
	[/(left|right) edge, on your (left|right)/i, (m) => `edge ${m[1]!.toLowerCase()}/${m[2]!}`],
	[/to the (left|right) of/, (m) => `side ${m[1]!}`],
	[/slot (\d+) of (\d+)/i, (m) => `slot ${m[1]!}/${m[2]!}`],
	[/both strands/i, () => 'strands 2'],
	[/all (\d+) strands/i, (m) => `strands ${m[1]!}`],
	[/all (\d+) pins/i, (m) => `all pins ${m[1]!}`],
	[/pins (\d+) to (\d+)/i, (m) => `pins ${m[1]!}-${m[2]!}`],
	[/pin (\d+)/i, (m) => `pin ${m[1]!}`],
	[/([\d.]+) (cm³|(?:cm|m|mm|in|yd|g|oz|min)\b)/, (m) => `${m[2]!} ${m[1]!.replace(/\.0$/, '')}`],
	[/row (\d+(?:\.\d+)?)/i, (m) => `row ${m[1]!}`],
	[
		/(\d+(?:\.\d+)?) (row|loop|column|stitch|piece|time|end)(?:e?s)?\b/i,
		(m) => `${m[2]!.toLowerCase()} ${m[1]!}`
	],
	[/\d+(?:\.\d+)?/, (m) => `number ${m[0]}`]
];

/** All that a sentence states. Yarns are known by the names given; of two that begin alike the longer is read. */
export function tokensOf(text: string, yarns: readonly string[]): Token[] {
	const names = [...new Set(yarns)].sort((a, b) => b.length - a.length);
	const out: Token[] = [];
	let rest = text;
	for (;;) {
		const found = FORMS.flatMap(([form, as]) => {
			const m = form.exec(rest);
			return m ? [{ at: m.index, length: m[0].length, token: as(m) }] : [];
		});
		for (const name of names) {
			const m = new RegExp(`\\b${name}\\b`, 'i').exec(rest);
			if (m) found.push({ at: m.index, length: name.length, token: `yarn ${name}` });
		}
		// The first of all; of those that begin together the longest.
		const next = found.sort((a, b) => a.at - b.at || b.length - a.length)[0];
		if (!next) return out;
		out.push(next.token);
		rest = rest.slice(next.at + next.length);
	}
}
