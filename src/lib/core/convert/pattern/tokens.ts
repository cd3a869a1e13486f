/** A word, number or mark of a pattern, put into one form, and where it stands in the text. */
export interface Token {
	/** In one form: `st`, `row`, `off`, `4`, `o4` for the 4th, `.`; `nl` ends a line. */
	readonly is: string;
	readonly from: number;
	/** Not included. */
	readonly to: number;
	/** Of a bracketed list, one for each size. */
	readonly sizes?: readonly number[];
}

const ONES =
	'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
		' '
	);
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
const ORDINALS =
	'first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth'.split(' ');
const SIMPLE: ReadonlyMap<string, number> = new Map([
	...ONES.map((w, i) => [w, i + 1] as const),
	...TENS.map((w, i) => [w, 20 + 10 * i] as const)
]);

/** The same word, as people type it. */
const FORMS: Readonly<Record<string, string>> = {
	st: 'sts stitch stitches loop loops',
	row: 'rows rnd rnds round rounds',
	k: 'knit knits',
	p: 'purl purls',
	work: 'working worked cont continue continuing keep',
	co: 'c/on cast-on',
	off: 'bo c/off b/off',
	dec: 'decrease decreases decreasing narrow',
	inc: 'increase increases increasing widen',
	both: '',
	beg: 'beginning start commencement',
	end: 'ends ending finishing',
	every: 'each',
	foll: 'following',
	o2: 'alt alternate other alternating',
	until: 'till',
	rem: 'remain remains remaining',
	rep: 'repeat repeating',
	times: 'x time',
	rs: '',
	ws: '',
	inch: 'inches in. ins',
	cm: 'cms centimetres centimeters',
	straight: 'even plain',
	measures: 'measure measuring',
	hold: 'holder waste spare',
	rejoin: 'reattach',
	reverse: 'reversing reversed',
	arm: 'armhole armholes underarm',
	edge: 'edges',
	side: 'sides',
	centre: 'center',
	shape: 'shaping shapings',
	dec1: 'k2tog skpo ssk p2tog skp',
	total: 'altogether',
	wool: 'yarn',
	cut: '',
	rib: 'ribbing ribbed',
	rest: '',
	match: 'matches matching'
};
const FORM: ReadonlyMap<string, string> = new Map(
	Object.entries(FORMS).flatMap(([form, words]) =>
		[form, ...words.split(' ').filter((w) => w !== '')].map((w) => [w, form] as const)
	)
);

/** Several words that are one. */
const PHRASES: readonly (readonly [string, string])[] = [
	['cast off', 'off'],
	['cast', 'co'],
	['bind off', 'off'],
	['slip slip k', 'dec1'],
	['k 2 together', 'dec1'],
	['take 2 together', 'dec1'],
	['right side', 'rs'],
	['wrong side', 'ws'],
	['p row', 'ws row'],
	['every end', 'both'],
	['beg and end', 'both'],
	['both end', 'both'],
	['every arm edge', 'both'],
	['both arm edge', 'both'],
	['every edge', 'both'],
	['both edge', 'both'],
	['every side', 'both'],
	['both side', 'both'],
	['in st st', ''],
	['st st', ''],
	['in stockinette st', ''],
	['stockinette st', ''],
	['stocking st', ''],
	['garter st', 'garter'],
	['moss st', 'moss'],
	['g st', 'garter'],
	['neck edge', 'neck'],
	['neck end', 'neck'],
	['arm edge', 'arm'],
	['side edge', 'sideedge'],
	['same edge', 'sameedge'],
	['left edge', 'left'],
	['right edge', 'right'],
	['pick up', 'pick'],
	['gather up', 'pick'],
	['without shape', 'straight'],
	['same times', 'meanwhile'],
	['st hold', 'hold'],
	['join wool', 'rejoin'],
	['rejoin wool', 'rejoin'],
	['in all', 'total'],
	['in total', 'total'],
	['making up', 'makingup'],
	['made up', 'makingup'],
	['both alike', 'make 2'],
	['put everything hold', 'leave hold'],
	['right s', 'rs']
];

/** Words that change nothing. */
const NOISE = new Set(
	`the of at on a an for it it's is you your you'll you've will should have so that these this just now needle again onto only firmly by being was are had has been with also still is fabric smooth stockinette stocking loosely`.split(
		' '
	)
);
/** An "in" before one of these is no inch. */
const NOT_INCH = new Set([
	'rib',
	'ribbing',
	'garter',
	'moss',
	'st',
	'k',
	'the',
	'all',
	'every',
	'each',
	'plain',
	'stockinette',
	'total',
	'next',
	'first'
]);

const WORD =
	/[kp](?=\d+\b)|\d+(?:\.\d+)?(?:st|nd|rd|th)\b|\d+\s+\d\/\d|\d+\/\d+(?![\d/])|\d+(?:[.,]\d+)?|c\/on|c\/off|b\/off|[cb]\.o\.|[a-z][a-z0-9'’]*(?:-[a-z]+)*|["“”″]|\n|[.,;:()[\]/=–-]|[½¼¾]/gi;

interface Raw {
	readonly text: string;
	readonly from: number;
	readonly to: number;
}

const FRACTION: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };
function numberOf(text: string): number | null {
	const mixed = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(text);
	if (mixed)
		return Number(mixed[3]) > 0
			? Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3])
			: null;
	if (text in FRACTION) return FRACTION[text] ?? null;
	return /^\d+(?:[.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : null;
}
/** `forty-eight`, `two`; null for what is no number. */
function wordNumber(word: string): number | null {
	const [a, b] = word.split('-');
	const first = SIMPLE.get(a ?? '');
	if (first === undefined) return null;
	if (b === undefined) return first;
	const second = SIMPLE.get(b);
	return first >= 20 && second !== undefined && second < 10 ? first + second : null;
}
function ordinalOf(word: string): number | null {
	const digits = /^(\d+)(?:st|nd|rd|th)$/.exec(word);
	if (digits) return Number(digits[1]);
	const i = ORDINALS.indexOf(word);
	return i < 0 ? null : i + 1;
}

/** One raw word in its form. */
function formOf(raw: Raw, next: string | undefined, before: Token | undefined): Token | null {
	const at = { from: raw.from, to: raw.to };
	const word = raw.text.toLowerCase().replace('’', "'");
	if (word === '\n') return { is: 'nl', ...at };
	if (/^["“”″]$/.test(word)) return /^\d/.test(before?.is ?? '') ? { is: 'inch', ...at } : null;
	if (word === 'c.o.') return { is: 'co', ...at };
	if (word === 'b.o.') return { is: 'off', ...at };
	const ordinal = ordinalOf(word);
	if (ordinal !== null) return { is: `o${ordinal}`, ...at };
	const n = numberOf(word) ?? wordNumber(word);
	if (n !== null) return { is: String(n), ...at };
	if (word === 'dozen') return { is: 'dozen', ...at };
	if (word === 'once') return { is: '1 times', ...at };
	if (word === 'twice') return { is: '2 times', ...at };
	if (word === 'half') return { is: '0.5', ...at };
	if (word === 'in') {
		const inch = /^[\d.]+$/.test(before?.is ?? '') && !NOT_INCH.has(next ?? '');
		return inch ? { is: 'inch', ...at } : { is: 'in', ...at };
	}
	if (word === 'left') return { is: /^(?:st|\d+)$/.test(before?.is ?? '') ? 'rem' : 'left', ...at };
	if (NOISE.has(word)) return null;
	return { is: FORM.get(word) ?? word, ...at };
}

/** `30 (36: 42)`, `46 [50, 54]`: one number for each size, the chosen one speaking. */
function withSizes(tokens: readonly Token[], size: number): Token[] {
	const out: Token[] = [];
	for (let i = 0; i < tokens.length; i++) {
		const t = tokens[i]!;
		const open = tokens[i + 1]?.is;
		if (!/^[\d.]+$/.test(t.is) || (open !== '(' && open !== '[')) {
			out.push(t);
			continue;
		}
		const list = [Number(t.is)];
		let j = i + 2;
		while (/^[\d.]+$/.test(tokens[j]?.is ?? '')) {
			list.push(Number(tokens[j]!.is));
			j += /^[,:/-]$/.test(tokens[j + 1]?.is ?? '') ? 2 : 1;
		}
		const close = tokens[j]?.is;
		if (list.length < 2 || (close !== ')' && close !== ']')) {
			out.push(t);
			continue;
		}
		const is = String(list[Math.min(size, list.length - 1)]);
		out.push({ is, from: t.from, to: tokens[j]!.to, sizes: list });
		i = j;
	}
	return out;
}

/** Neighbours that are one thing: `two dozen`, `five and a half inches`, `cast off`. */
function joined(tokens: readonly Token[]): Token[] {
	const out: Token[] = [];
	for (const t of tokens) {
		const last = out.at(-1);
		const num = last && /^[\d.]+$/.test(last.is);
		if (t.is === 'dozen') {
			const n = num ? Number(last.is) : 1;
			if (num) out.pop();
			out.push({ is: String(12 * n), from: num ? last.from : t.from, to: t.to });
		} else if (t.is === '0.5' && last?.is === 'and') {
			const [before] = out.slice(-2);
			const whole = before && /^\d+$/.test(before.is) ? before : undefined;
			const unit = before?.is === 'inch';
			if (whole && out.length >= 2) {
				out.splice(-2);
				out.push({ is: String(Number(whole.is) + 0.5), from: whole.from, to: t.to });
			} else if (unit) {
				// An inch and a half.
				out.splice(-2);
				const n = out.at(-1);
				if (n && /^\d+$/.test(n.is)) out.pop();
				out.push({
					is: String((n && /^\d+$/.test(n.is) ? Number(n.is) : 1) + 0.5),
					from: before.from,
					to: t.to
				});
				out.push({ is: 'inch', from: before.from, to: t.to });
			} else out.push(t);
		} else out.push(t);
	}
	return phrased(out);
}

const PARTS = PHRASES.map(([words, is]) => ({ words: words.split(' '), is }));
function phrased(tokens: readonly Token[]): Token[] {
	let now = [...tokens];
	for (const { words, is } of PARTS) {
		const out: Token[] = [];
		for (let i = 0; i < now.length; i++) {
			const here = words.every((w, k) => now[i + k]?.is === w);
			if (!here) out.push(now[i]!);
			else {
				const [a, b] = [now[i]!, now[i + words.length - 1]!];
				for (const w of is.split(' ').filter((x) => x !== ''))
					out.push({ is: w, from: a.from, to: b.to });
				i += words.length - 1;
			}
		}
		now = out;
	}
	return now.filter((t) => t.is !== 'in');
}

/**
 * A pattern's text as tokens in one form, UK and US words alike; of lists for several sizes the chosen one (from 0) speaks.
 * Nothing is lost but words that change nothing: every token knows where it stands.
 */
export function tokensOf(text: string, size = 0): Token[] {
	const raws = [...text.matchAll(WORD)].map((m): Raw => ({
		text: m[0],
		from: m.index,
		to: m.index + m[0].length
	}));
	const formed: Token[] = [];
	for (const [i, raw] of raws.entries()) {
		const t = formOf(raw, raws[i + 1]?.text.toLowerCase(), formed.at(-1));
		if (!t) continue;
		for (const is of t.is.split(' ')) formed.push({ ...t, is });
	}
	return joined(withSizes(formed, size));
}
