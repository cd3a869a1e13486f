/** Two hands that write a random piece down, and know nothing of what reads it. */
export interface Writer {
	readonly castOn: (n: number) => string;
	readonly rows: (n: number) => string;
	readonly groups: (n: number, rows: number) => string;
	readonly shape: (s: Shaped) => string;
	readonly count: (n: number) => string;
	readonly total: (n: number) => string;
	readonly end: string;
}
interface Shaped {
	readonly way: 'dec' | 'inc';
	readonly n: number;
	readonly first: 'next' | 'every';
	readonly every: number;
	readonly times: number;
	/** Stitches then; null where it is told by times. */
	readonly until: number | null;
}
const ordinal = (n: number) =>
	`${n}${n % 10 === 1 && n !== 11 ? 'st' : n % 10 === 2 && n !== 12 ? 'nd' : n % 10 === 3 && n !== 13 ? 'rd' : 'th'}`;

export const UK: Writer = {
	castOn: (n) => `Cast on ${n} sts.`,
	rows: (n) => `Work ${n} rows straight.`,
	groups: (n, rows) => `Cast off ${n} sts at beg of next ${rows} rows.`,
	shape: ({ way, n, first, every, times, until }) => {
		const step =
			every === 1 ? 'every' : every === 2 ? 'every foll alt' : `every foll ${ordinal(every)}`;
		const what = way === 'dec' ? 'Dec' : 'Inc';
		const rhythm =
			first === 'next'
				? `next and ${step} row`
				: every === 1
					? 'every row'
					: `every ${ordinal(every)} row`;
		const limit =
			until === null ? `${times} times` : `until ${until} sts${way === 'dec' ? ' rem' : ''}`;
		return `${what} ${n} st${n > 1 ? 's' : ''} at each end of ${rhythm} ${limit}.`;
	},
	count: (n) => `${n} sts.`,
	total: (n) => `${n} rows in all.`,
	end: 'Cast off.'
};
export const US: Writer = {
	castOn: (n) => `cast on ${n} stitches,`,
	rows: (n) => `knit ${n} rows even,`,
	groups: (n, rows) => `bind off ${n} stitches at the beginning of the next ${rows} rows,`,
	shape: ({ way, n, first, every, times, until }) => {
		const what = way === 'dec' ? 'decrease' : 'increase';
		const step = every === 1 ? 'every' : every === 2 ? 'every other' : `every ${ordinal(every)}`;
		const rhythm = first === 'next' ? `of the next and ${step} row` : `of ${step} row`;
		const limit =
			until === null
				? `${times} times`
				: `until there are ${until} stitches${way === 'dec' ? ' left' : ''}`;
		return `${what} ${n} stitch${n > 1 ? 'es' : ''} at both ends ${rhythm} ${limit},`;
	},
	count: (n) => `(${n} stitches)`,
	total: (n) => `${n} rows in total,`,
	end: 'and bind off.'
};

/** A piece with the acts it means, and where in its text a count or a number of rows is stated that hangs by others. */
export function writtenPiece(random: () => number, hand: Writer) {
	const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1));
	let text = '';
	const means: string[] = [];
	const stated: { from: number; to: number; n: number }[] = [];
	const say = (words: string, meaning: string) => {
		text += `${text === '' ? '' : ' '}${words}`;
		means.push(meaning);
	};
	const state = (words: string, meaning: string, n: number) => {
		const from = text.length + 1 + words.indexOf(String(n));
		say(words, meaning);
		stated.push({ from, to: from + String(n).length, n });
	};
	let on = whole(40, 90);
	let rows = 0;
	say(hand.castOn(on), `co ${on}`);
	for (let k = whole(2, 5); k > 0; k--) {
		const kind = whole(0, 3);
		if (kind === 0) {
			const n = whole(2, 40);
			rows += n;
			say(hand.rows(n), `rows ${n}`);
		} else if (kind === 1 && on > 24) {
			const [n, times] = [whole(2, 4), 2 * whole(1, 2)];
			on -= n * times;
			rows += times;
			say(hand.groups(n, times), `off ${n} x${times}`);
			state(hand.count(on), `count ${on}`, on);
		} else {
			const way = random() < 0.7 || on > 80 ? 'dec' : 'inc';
			const n = random() < 0.8 ? 1 : 2;
			const times = whole(2, 5);
			if (way === 'dec' && on - 2 * n * times < 8) continue;
			const every = whole(1, 9);
			const first = random() < 0.5 ? 'next' : 'every';
			on += (way === 'dec' ? -2 : 2) * n * times;
			const from = first === 'next' ? 1 : every;
			rows += from + every * (times - 1);
			const until = random() < 0.5 ? on : null;
			say(
				hand.shape({ way, n, first, every, times, until }),
				`${way} ${n} both ${from},+${every} x${times}`
			);
			state(hand.count(on), `count ${on}`, on);
		}
	}
	state(hand.total(rows), `total ${rows}`, rows);
	say(hand.end, 'off all');
	return { text, means, stated };
}
