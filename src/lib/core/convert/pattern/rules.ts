import type { Act, Edge, Shape } from './acts';

/** What a rule may look back at. */
export interface Before {
	/** The last shaping, for what leaves its verb out: "then every row until 10 remain". */
	readonly shape: Shape | null;
	/** The last group. */
	readonly group: Extract<Act, { do: 'group' | 'groups' }> | null;
	/** What the last act was. */
	readonly last: Act | null;
	/** Rows since the numbering of rows began. */
	readonly done: number;
	/** Acts since a number of rows ago, for "repeat the last 6 rows". */
	readonly acts: readonly Act[];
}

/** What a stretch of words means. Nothing where the words only help, as "k to end". */
export interface Rule {
	readonly name: string;
	/** What it asks goes on during the rows before it. */
	readonly during?: true;
	/** Held against the tokens, a space between each, from where reading stands. */
	readonly form: RegExp;
	/** Null where it does not apply after all. */
	readonly means: (m: Groups, before: Before) => readonly Act[] | null;
}
type Groups = Readonly<Record<string, string | undefined>>;

const EDGES: Readonly<Record<string, Edge>> = {
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
const EDGE = `(?<edge>both|arm|neck|left|right|sideedge|side|sameedge|beg|end)`;
const NAMED_EDGE = `(?<edge>both|arm|neck|left|right|sideedge|side|sameedge)`;
const N = (name: string) => `(?<${name}>\\d+)`;
const LIMIT = `(?:(?:until|to)(?: there)? (?<until>\\d+) st(?: rem)?|(?:and )?(?<times>\\d+)(?<more> more)? times(?<more2> more)?(?: total)?)`;

/** How often, in rows: each a form, and the first row, the step and the times it stands for. */
interface Rhythm {
	readonly form: string;
	readonly is: (m: Groups) => readonly Pick<Shape, 'first' | 'every' | 'times'>[];
}
const n = (x: string | undefined, other = 1): number => (x === undefined ? other : Number(x));
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
	{ form: `every o${N('c')} row`, is: (m) => one(n(m.c), n(m.c), null) },
	{ form: `o${N('c')} row`, is: (m) => one(n(m.c), n(m.c), null) },
	{ form: `every row`, is: () => one(1, 1, null) },
	{ form: `(?:next|foll) row`, is: () => one(1, 1, 1) }
];
const WAY = `(?<way>dec1|dec|inc)`;
const HOW_MANY = `(?: (?<n>\\d+))?(?: st| times)?`;

/** A shaping of a rhythm, and its limit where it has one; null where it goes on for ever. */
function shaped(
	m: Groups,
	rhythm: Rhythm,
	of: Pick<Shape, 'way' | 'n' | 'edge'>
): readonly Shape[] | null {
	const to = m.until === undefined ? null : Number(m.until);
	const said = m.times === undefined ? null : Number(m.times);
	const steps = rhythm.is(m);
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
const ofWay = (m: Groups): Pick<Shape, 'way' | 'n' | 'edge'> => ({
	way: m.way === 'inc' ? 'inc' : 'dec',
	n: n(m.n),
	edge: EDGES[m.edge ?? ''] ?? 'both'
});

const SEP = `(?: ,)?`;
const rule = (name: string, form: string, means: Rule['means']): Rule => ({
	name,
	form: new RegExp(`${form}(?= |$)`, 'y'),
	means
});

/** "dec 1 st at each end of next and every foll alt row until 32 sts rem", in every order of its parts. */
const SHAPINGS: readonly Rule[] = RHYTHMS.flatMap((r): Rule[] => [
	rule('shaping', `${WAY}${HOW_MANY} ${EDGE} ${r.form}(?:${SEP} ${LIMIT})?`, (m) => {
		const acts = shaped(m, r, ofWay(m));
		return acts && !isEndless(acts) ? acts : null;
	}),
	rule('shaping, its edge last', `${WAY}${HOW_MANY} ${r.form} ${EDGE}(?:${SEP} ${LIMIT})?`, (m) => {
		const acts = shaped(m, r, ofWay(m));
		return acts && !isEndless(acts) ? acts : null;
	}),
	rule(
		'shaping, its edge and comma',
		`${WAY}${HOW_MANY} ${EDGE} , ${r.form}(?:${SEP} ${LIMIT})?`,
		(m) => {
			const acts = shaped(m, r, ofWay(m));
			return acts && !isEndless(acts) ? acts : null;
		}
	),
	rule('rhythm first', `${r.form}${SEP} ${WAY}${HOW_MANY} ${EDGE}(?:${SEP} ${LIMIT})?`, (m) => {
		const acts = shaped(m, r, ofWay(m));
		return acts && !isEndless(acts) ? acts : null;
	}),
	rule(
		'the same again',
		`(?:rep (?:(?:dec|inc) row )?|then |and then |and )?${r.form} ${LIMIT}`,
		(m, { shape }) => {
			if (!shape) return null;
			return shaped(m, r, shape);
		}
	),
	rule('the same on other rows', `(?:then |and then |and )?${r.form}`, (m, { shape, last }) => {
		if (!shape || last?.do !== 'shape') return null;
		const acts = shaped(m, r, shape);
		return acts && !isEndless(acts) ? acts : null;
	})
]);

const L = `(?<long>\\d+(?:\\.\\d+)?) (?<unit>cm|inch)(?: \\( [\\d.]+ (?:cm|inch) \\))?`;
const ENDS = `(?:(?: [,.])? end(?: after)? (?<ends>ws|rs)(?: row)?(?<facing> facing(?: next row)?)?)?`;
const long = (m: Groups, from: Extract<Act, { do: 'to' }>['from']): Act[] => {
	const ends = m.ends === undefined ? null : m.ends === 'rs' ? 'RS' : 'WS';
	const side = m.facing === undefined ? ends : ends === 'RS' ? 'WS' : 'RS';
	return [{ do: 'to', n: Number(m.long), unit: m.unit === 'cm' ? 'cm' : 'in', from, side }];
};
const NAMES = `back|fronts?|sleeves?|pockets?|hood|strap|straps|gusset|yoke|collar|border|panel|band|flap`;
export const HEADING = new RegExp(
	`(?:piece : )?(?<name>(?:(?:left|right|neck|back|front|button) )?(?:${NAMES})(?: panel)?)(?= [.:(–-]| nl| times| make)`,
	'y'
);
const named = (name: string | undefined): string => {
	const words = name ?? '';
	return words.charAt(0).toUpperCase() + words.slice(1);
};

/** "4 rows, dec 1 st at beg of every row": as often as there are rows. */
const DURING: readonly Rule[] = RHYTHMS.map((r) => ({
	...rule('during those rows', `${WAY}${HOW_MANY} ${EDGE} ${r.form}`, (m, { last }) => {
		const [step] = r.is(m);
		if (last?.do !== 'rows' || !step || step.times !== null || step.first > last.n) return null;
		const times = 1 + Math.floor((last.n - step.first) / step.every);
		return [{ do: 'shape', ...ofWay(m), ...step, times, to: null }];
	}),
	during: true as const
}));

/** Everything else that is understood, the more particular first. */
const OTHERS: readonly Rule[] = [
	rule('cast on', `co(?: :)? ${N('n')}(?: st)?`, (m) => [{ do: 'on', n: n(m.n) }]),
	rule('stitches in a table', `st : ${N('n')}`, (m) => [{ do: 'on', n: n(m.n) }]),
	rule('make so many', `(?:make|times) ${N('n')}`, (m, { last }) =>
		last?.do === 'piece' ? [{ do: 'make', n: n(m.n) }] : null
	),
	rule('pick up', `pick(?: and k)? ${N('n')} st`, (m) => [{ do: 'band', n: n(m.n) }]),
	rule('centre cast off', `off centre ${N('n')}(?: st)?`, (m) => [{ do: 'centre', n: n(m.n) }]),
	rule(
		'groups at the beginning of rows',
		`off ${N('n')}(?: st)? beg (?:every )?(?:next|foll)(?: ${N('k')})? row`,
		(m) => [{ do: 'groups', n: n(m.n), rows: n(m.k) }]
	),
	rule(
		'groups again',
		`(?:then )?${N('n')}(?: st)? beg (?:every )?(?:next|foll)(?: ${N('k')})? row`,
		(m, { group }) => (group ? [{ do: 'groups', n: n(m.n), rows: n(m.k) }] : null)
	),
	rule(
		'a group on two rows',
		`off ${N('n')}(?: st)? beg next(?: row)? and foll o${N('c')} row`,
		(m) => [
			{ do: 'groups', n: n(m.n), rows: 1 },
			{ do: 'rows', n: n(m.c) - 1, from: null },
			{ do: 'groups', n: n(m.n), rows: 1 }
		]
	),
	rule(
		'groups in a list',
		`off ${N('a')} / ${N('b')} / ${N('c')}(?: st)? ${NAMED_EDGE}(?: o2 row)?`,
		(m) =>
			[m.a, m.b, m.c].map((x): Act => ({
				do: 'group',
				n: n(x),
				edge: EDGES[m.edge ?? ''] ?? 'both'
			}))
	),
	rule(
		'a group at an edge',
		`off ${N('n')}(?: st)? ${NAMED_EDGE}(?: 1 times)?(?: (?:next|foll)(?: o2)? row)?`,
		(m) => [{ do: 'group', n: n(m.n), edge: EDGES[m.edge ?? ''] ?? 'both' }]
	),
	rule('a group again', `(?:and )?${N('n')} st sameedge(?: foll(?: o2)? row)?`, (m, { group }) =>
		group?.do === 'group' ? [{ do: 'group', n: n(m.n), edge: group.edge }] : null
	),
	rule('singles after a group', `(?:and )?1 st next ${N('k')} o${N('c')} row`, (m, { group }) =>
		group?.do === 'group'
			? [
					{
						do: 'shape',
						way: 'dec',
						n: 1,
						edge: group.edge,
						first: n(m.c),
						every: n(m.c),
						times: n(m.k),
						to: null
					}
				]
			: null
	),
	rule('each side of a centre', `(?:then )?both ${N('n')} st 1 times`, (m, { last }) =>
		last?.do === 'centre' ? [{ do: 'group', n: n(m.n), edge: 'neck' }] : null
	),
	rule('singles each side', `1 st ${N('k')} times every o${N('c')} row`, (m, { group }) =>
		group?.do === 'group'
			? [
					{
						do: 'shape',
						way: 'dec',
						n: 1,
						edge: group.edge,
						first: n(m.c),
						every: n(m.c),
						times: n(m.k),
						to: null
					}
				]
			: null
	),
	rule('cast off what is left', `off(?: rem| last| all) ${N('n')} st`, (m) => [
		{ do: 'count', n: n(m.n) },
		{ do: 'off-all' }
	]),
	rule(
		'a group on the next row',
		`(?:next (?:rs |ws )?row )?off ${N('n')}(?: st)? , k (?:to )?end`,
		(m) => [{ do: 'groups', n: n(m.n), rows: 1 }]
	),
	rule(
		'cast off',
		`off(?! \\d| centre| beg)(?: rem st| rem| all st| all| everything| rib)?`,
		() => [{ do: 'off-all' }]
	),
	rule(
		'divide',
		`(?:k|work)(?: across)? ${N('n')}(?: st)?(?: , turn| turn| and slip rest hold)`,
		(m) => [{ do: 'divide', n: n(m.n) }]
	),
	rule('what waits', `leave rem(?: st)? hold`, (_, { last }) =>
		last?.do === 'divide' ? [] : [{ do: 'hold-all' }]
	),
	rule('leave all on a holder', `leave(?: rem)? ${N('n')}(?: st)? hold`, (m) => [
		{ do: 'count', n: n(m.n) },
		{ do: 'hold-all' }
	]),
	rule('leave it on a holder', `leave(?: st)? hold`, () => [{ do: 'hold-all' }]),
	rule('hold some', `(?:leaving|slip)(?: centre| next)? ${N('n')}(?: st)?(?: to)? hold`, (m) => [
		{ do: 'hold', n: n(m.n) }
	]),
	rule('rejoin', `rejoin(?: (?:wool|rem st|to rem st))*`, () => [{ do: 'rejoin' }]),
	rule(
		'to match',
		`(?:complete |finish )?(?:o2 side )?(?:to )?(?:match|correspond|like|same)(?: with)? o1(?: side)?(?: ,? ?reverse(?: all)?(?: shape)?)?`,
		() => [{ do: 'reverse' }]
	),
	rule('reversed', `(?:all )?(?:shape )?reverse(?: all)?(?: shape)?`, () => [{ do: 'reverse' }]),
	rule(
		'as another',
		`(?:made )?(?:exactly )?(?:as|like)(?: given)? (?<name>(?:(?:left|right) )?(?:${NAMES})|left|right)(?: (?:until|to)(?: work)? (?<rows>\\d+) row(?: work)?| (?:to|until) (?<part>arm|neck|shoulder)(?: shape)?)?`,
		(m) => [
			{
				do: 'same',
				piece: named(m.name),
				to:
					m.rows !== undefined ? `${m.rows} rows` : m.part === 'arm' ? 'armhole' : (m.part ?? null)
			}
		]
	),
	rule(
		'until it matches another',
		`(?:work )?(?:straight )?until(?: \\w+){0,2}? match (?<name>(?:(?:left|right) )?(?:${NAMES}))(?: to (?<part>arm|neck|shoulder))?`,
		(m) => [
			{ do: 'same', piece: named(m.name), to: m.part === 'arm' ? 'armhole' : (m.part ?? null) }
		]
	),
	rule('increase in first and last', `${WAY} ${N('n')} st o1 and last st`, (m) => [
		{ do: 'shape', ...ofWay(m), edge: 'both', first: 1, every: 1, times: 1, to: null }
	]),
	rule('evenly', `${WAY} ${N('n')} st evenly across last row`, (m) => [
		{ do: 'shape', ...ofWay(m), edge: 'evenly', first: 0, every: 1, times: 1, to: null }
	]),
	rule(
		'until the armhole measures',
		`(?:work |k )?(?:straight )?until arm measures ${L}${ENDS}`,
		(m) => long(m, 'armhole')
	),
	rule(
		'until it measures',
		`(?:work |k )?(?:straight )?until(?: \\w+){0,2}? (?:measures )?${L}(?: long)?(?: from (?<from>beg|co edge|arm|here))?${ENDS}`,
		(m) => long(m, m.from === 'arm' ? 'armhole' : m.from === 'here' ? 'here' : 'beginning')
	),
	rule('a further length', `(?:work )?(?:further )?${L}(?: rib)?${ENDS}`, (m) => long(m, 'here')),
	rule('up to so many rows', `(?:work )?(?:straight )?(?:to|until) ${N('n')} row total`, (m) => [
		{ do: 'total', n: n(m.n), reach: true }
	]),
	rule('rows in all', `${N('n')} row total`, (m) => [{ do: 'total', n: n(m.n), reach: false }]),
	rule('to a row', `(?:work )?to row ${N('n')}`, (m) => [{ do: 'total', n: n(m.n), reach: true }]),
	rule('when rows are worked', `when ${N('n')} row work(?: from)?(?<arm> arm)?`, (m) => [
		{ do: 'rows', n: n(m.n), from: m.arm === undefined ? null : 'armhole' }
	]),
	rule('rows of a table', `row ${N('a')} [-–] ${N('b')} : straight`, (m, { done }) => {
		const to = n(m.b);
		return to > done ? [{ do: 'rows', n: to - done, from: null }] : null;
	}),
	rule('a numbered row', `row ${N('a')} : ${WAY}${HOW_MANY} ${EDGE}`, (m, { done }) => [
		{
			do: 'shape',
			...ofWay(m),
			first: Math.max(1, n(m.a) - done),
			every: 1,
			times: 1,
			to: null
		}
	]),
	rule('rows in a table', `row : ${N('n')}`, (m) => [{ do: 'rows', n: n(m.n), from: null }]),
	rule(
		'rows',
		`(?:work |k |p |then )?(?:further |another )?${N('n')}(?: more)? row(?: straight| more)?`,
		(m) => [{ do: 'rows', n: n(m.n), from: null }]
	),
	rule('ribbing written out', `[kp] \\d+ , [kp] \\d+ rib`, () => []),
	rule('a plain row', `o\\d+ row : [kp](?= \\.)`, () => [{ do: 'rows', n: 1, from: null }]),
	rule('a row back', `p back|k back`, () => [{ do: 'rows', n: 1, from: null }]),
	rule('a purl row', `next row : [pk](?= \\.)`, () => [{ do: 'rows', n: 1, from: null }]),
	rule('the count of those that are worked', `work ${N('n')} st`, (m, { last }) =>
		last?.do === 'divide' && last.n === n(m.n) ? [] : null
	),
	rule('the count', `(?:[(=:] )?${N('n')} (?:st(?: rem)?|rem)(?: \\))?`, (m, { last }) => [
		last?.do === 'piece' || last?.do === 'make'
			? { do: 'on', n: n(m.n) }
			: { do: 'count', n: n(m.n) }
	]),
	rule('knit to the end', `k (?:to )?end`, () => [])
];
export const RULES: readonly Rule[] = [...SHAPINGS, ...DURING, ...OTHERS];
