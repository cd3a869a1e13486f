import type { Edge, Shape } from './acts';
import type { Groups, Rule } from './rule';

export const EDGES: Readonly<Record<string, Edge>> = {
	both: 'both',
	arm: 'armhole',
	neck: 'neck',
	left: 'left',
	right: 'right',
	side: 'side',
	sideedge: 'side',
	sameedge: 'same',
	beg: 'start',
	end: 'end',
	evenly: 'evenly'
};
export const EDGE = `(?<edge>both|arm|neck|left|right|sideedge|side|sameedge|beg|end)`;
export const NAMED_EDGE = `(?<edge>both|arm|neck|left|right|sideedge|side|sameedge)`;
export const N = (name: string) => `(?<${name}>\\d+)`;
const LIMIT = `(?:(?:until|to)(?: there)? (?<until>\\d+) st(?: rem)?|(?:and )?(?<times>\\d+)(?<more> more)? times(?<more2> more)?(?: total)?)`;

/** How often, in rows: each a form, and the first row, the step and the times it stands for. */
interface Rhythm {
	readonly form: string;
	/** `done` rows since the numbering of rows began: which of them come next. */
	readonly is: (m: Groups, done: number) => readonly Pick<Shape, 'first' | 'every' | 'times'>[];
}
export const n = (x: string | undefined, other = 1): number =>
	x === undefined ? other : Number(x);
const one = (first: number, every: number, times: number | null) => [{ first, every, times }];
const RHYTHMS: readonly Rhythm[] = [
	{
		form: `next ${N('a')} row (?:and|,)(?: then)? (?:foll )?${N('b')} (?:foll )?o${N('c')} row`,
		is: (m) => [...one(1, 1, n(m.a)), ...one(n(m.c), n(m.c), n(m.b))]
	},
	{
		form: `next(?: row)? and foll ${N('b')} o${N('c')} row`,
		is: (m) => one(1, n(m.c), 1 + n(m.b))
	},
	{
		form: `(?:next|foll)(?: row)? and every (?:foll )?(?:o${N('c')} )?row(?: thereafter)?`,
		is: (m) => one(1, n(m.c), null)
	},
	{
		form: `next(?: row)? and foll o${N('c')} row`,
		is: (m) => one(1, n(m.c), 2)
	},
	{
		form: `o${N('a')} and every foll o${N('c')} row`,
		is: (m) => one(n(m.a), n(m.c), null)
	},
	{ form: `next ${N('b')} o${N('c')} row`, is: (m) => one(n(m.c), n(m.c), n(m.b)) },
	{ form: `next ${N('b')} row`, is: (m) => one(1, 1, n(m.b)) },
	{
		form: `foll ${N('b')} o${N('c')} row`,
		is: (m) => one(n(m.c), n(m.c), n(m.b))
	},
	{
		form: `${N('b')} foll o${N('c')} row`,
		is: (m) => one(n(m.c), n(m.c), n(m.b))
	},
	{ form: `(?:every )?foll o${N('c')} row`, is: (m) => one(n(m.c), n(m.c), null) },
	{ form: `every rs row`, is: () => one(1, 2, null) },
	{ form: `every odd row`, is: (_, done) => one(done % 2 === 0 ? 1 : 2, 2, null) },
	{ form: `every straight row`, is: (_, done) => one(done % 2 === 0 ? 2 : 1, 2, null) },
	{ form: `every o${N('c')} row`, is: (m) => one(n(m.c), n(m.c), null) },
	{ form: `every ${N('c')} row`, is: (m) => one(n(m.c), n(m.c), null) },
	{ form: `o${N('c')} row`, is: (m) => one(n(m.c), n(m.c), null) },
	{ form: `every row`, is: () => one(1, 1, null) },
	{ form: `(?:next|foll) row`, is: () => one(1, 1, 1) }
];
export const WAY = `(?<way>dec1|dec|inc)`;
export const HOW_MANY = `(?: (?<n>\\d+))?(?: st| times)?`;

/** A shaping of a rhythm, and its limit where it has one; null where it goes on for ever. */
function shaped(
	m: Groups,
	rhythm: Rhythm,
	of: Pick<Shape, 'way' | 'n' | 'edge'>,
	done: number
): readonly Shape[] | null {
	const to = m.until === undefined ? null : Number(m.until);
	const said = m.times === undefined ? null : Number(m.times);
	const steps = rhythm.is(m, done);
	return steps.map((s, i): Shape => {
		const last = i === steps.length - 1;
		const limited = last && (to !== null || said !== null);
		return {
			do: 'shape',
			...of,
			first: s.first,
			every: s.every,
			times: limited ? (to === null ? said : null) : s.times,
			to: limited ? to : null
		};
	});
}
const isEndless = (acts: readonly Shape[]): boolean =>
	acts.some((a) => a.times === null && a.to === null);
export const ofWay = (m: Groups): Pick<Shape, 'way' | 'n' | 'edge'> => ({
	way: m.way === 'inc' ? 'inc' : 'dec',
	n: n(m.n),
	edge: EDGES[m.edge ?? ''] ?? 'both'
});

const SEP = `(?: ,)?`;
export const rule = (
	name: string,
	form: string,
	means: Rule['means'],
	guess?: Rule['guess']
): Rule => ({
	...(guess && { guess }),
	name,
	source: form,
	form: new RegExp(`${form}(?= |$)`, 'y'),
	means
});

/** "dec 1 st at each end of next and every foll alt row until 32 sts rem", in every order of its parts. */
export const SHAPINGS: readonly Rule[] = RHYTHMS.flatMap((r): Rule[] => [
	rule('shaping', `${WAY}${HOW_MANY} ${EDGE} ${r.form}(?:${SEP} ${LIMIT})?`, (m, { done }) => {
		const acts = shaped(m, r, ofWay(m), done);
		return acts && !isEndless(acts) ? acts : null;
	}),
	rule(
		'shaping, its edge last',
		`${WAY}${HOW_MANY} ${r.form} ${EDGE}(?:${SEP} ${LIMIT})?`,
		(m, { done }) => {
			const acts = shaped(m, r, ofWay(m), done);
			return acts && !isEndless(acts) ? acts : null;
		}
	),
	rule(
		'shaping, its edge and comma',
		`${WAY}${HOW_MANY} ${EDGE} , ${r.form}(?:${SEP} ${LIMIT})?`,
		(m, { done }) => {
			const acts = shaped(m, r, ofWay(m), done);
			return acts && !isEndless(acts) ? acts : null;
		}
	),
	rule(
		'rhythm first',
		`${r.form}${SEP} ${WAY}${HOW_MANY} ${EDGE}(?:${SEP} ${LIMIT})?`,
		(m, { done }) => {
			const acts = shaped(m, r, ofWay(m), done);
			return acts && !isEndless(acts) ? acts : null;
		}
	),
	rule(
		'shaping without its verb',
		`(?<n>\\d+)(?: st)? ${NAMED_EDGE} ${r.form}(?:${SEP} ${LIMIT})?`,
		(m, { done }) => {
			const acts = shaped(m, r, { ...ofWay(m), way: 'dec' }, done);
			return acts && !isEndless(acts) ? acts : null;
		},
		'no-verb'
	),
	rule(
		'the same again',
		`(?:rep (?:(?:dec|inc) row )?|then |and then |and )?${r.form} ${LIMIT}`,
		(m, { shape, done }) => {
			if (!shape) return null;
			return shaped(m, r, shape, done);
		}
	),
	rule(
		'the same on other rows',
		`(?:then |and then |and )?${r.form}`,
		(m, { shape, last, done }) => {
			if (!shape || last?.do !== 'shape') return null;
			const acts = shaped(m, r, shape, done);
			return acts && !isEndless(acts) ? acts : null;
		}
	)
]);

/** "4 rows, dec 1 st at beg of every row": as often as there are rows. */
export const DURING: readonly Rule[] = RHYTHMS.map((r) => ({
	...rule('during those rows', `${WAY}${HOW_MANY} ${EDGE} ${r.form}`, (m, { last, done }) => {
		const [step] = r.is(m, done);
		if (last?.do !== 'rows' || !step || step.times !== null || step.first > last.n) return null;
		const times = 1 + Math.floor((last.n - step.first) / step.every);
		return [{ do: 'shape', ...ofWay(m), ...step, times, to: null }];
	}),
	during: true as const
}));
