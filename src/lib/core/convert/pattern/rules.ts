import type { Act } from './acts';
import {
	DURING,
	EDGE,
	EDGES,
	HOW_MANY,
	N,
	n,
	NAMED_EDGE,
	ofWay,
	rule,
	SHAPINGS,
	WAY
} from './rhythms';
import type { Groups, Rule } from './rule';
export type { Before, Rule } from './rule';

const L = `(?<long>\\d+(?:\\.\\d+)?) (?<unit>cm|inch)(?: \\( [\\d.]+ (?:cm|inch) \\))?`;
const ENDS = `(?:(?: [,.])? end(?: after)? (?<ends>ws|rs|odd|straight)(?: row)?(?<facing> facing(?: next row)?)?)?`;
const long = (m: Groups, from: Extract<Act, { do: 'to' }>['from']): Act[] => {
	// The first row is a right-side row, and an odd one.
	const ends = m.ends === undefined ? null : /rs|odd/.test(m.ends) ? 'RS' : 'WS';
	const side = m.facing === undefined ? ends : ends === 'RS' ? 'WS' : 'RS';
	return [{ do: 'to', n: Number(m.long), unit: m.unit === 'cm' ? 'cm' : 'in', from, side }];
};
const NAMES = `back|fronts?|sleeves?|pockets?|hood|strap|straps|gusset|yoke|collar|border|panel|bands?|flap`;
/** Stitches that are said to be on the needle. */
export const COUNT = 'the count';
export const HEADING = new RegExp(
	`(?:piece : )?(?<name>(?:(?:left|right|neck|back|front|button) )?(?:${NAMES})(?: panel)?)(?= [.:(–-]| nl| times| make| , make)`,
	'y'
);
const named = (name: string | undefined): string => {
	const words = name ?? '';
	return words.charAt(0).toUpperCase() + words.slice(1);
};

/** Single stitches at the edge of the last group, every so many rows. */
const singles: Rule['means'] = (m, { group }) => {
	if (group?.do !== 'group') return null;
	const of = { way: 'dec', n: 1, edge: group.edge } as const;
	const every = n(m.c);
	return [{ do: 'shape', ...of, first: every, every, times: n(m.k), to: null }];
};

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
		'a group on two rows',
		`off ${N('n')}(?: st)? beg next(?: row)? and foll o${N('c')} row`,
		(m) => [
			{ do: 'groups', n: n(m.n), rows: 1 },
			{ do: 'rows', n: n(m.c) - 1, from: null },
			{ do: 'groups', n: n(m.n), rows: 1 }
		]
	),
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
	rule('singles after a group', `(?:and )?1 st next ${N('k')} o${N('c')} row`, singles),
	rule('each side of a centre', `(?:then )?both ${N('n')} st 1 times`, (m, { last }) =>
		last?.do === 'centre' ? [{ do: 'group', n: n(m.n), edge: 'neck' }] : null
	),
	rule('singles each side', `1 st ${N('k')} times every o${N('c')} row`, singles),
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
		`(?:k|work)(?: across)?(?: o1)? ${N('n')}(?: st)?(?: , turn| turn| and slip rest hold)`,
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
	rule(
		'hold some',
		`(?:leaving|slip|place|put)(?: centre| next)? ${N('n')}(?: st)?(?: to)? hold`,
		(m) => [{ do: 'hold', n: n(m.n) }]
	),
	rule('rejoin', `rejoin(?: (?:wool|rem st|to rem st))*`, () => [{ do: 'rejoin' }]),
	rule(
		'to match',
		`(?:complete |finish )?(?:o2 side )?(?:to )?(?:match|correspond|like|same)(?: with)? o1(?: side)?(?: ,? ?reverse(?: all)?(?: shape)?)?`,
		() => [{ do: 'reverse' }]
	),
	rule('reversed', `(?:all )?(?:shape )?reverse(?: all)?(?: shape)?`, () => [{ do: 'reverse' }]),
	rule(
		'as another',
		`(?:made )?(?:exactly )?(?:as|like)(?: given)? (?<name>(?:(?:left|right) )?(?:${NAMES})|left|right)(?: (?:until|to)(?: work)? (?<rows>\\d+) row(?: work)?| (?:to|until) (?:end )?(?<part>arm|neck|shoulder)(?: shape)?(?<done> (?:complete|completed|done|finished|work))?)?`,
		(m) => {
			const part = m.part === 'arm' ? 'armhole' : (m.part ?? null);
			const done = m.done === undefined ? '' : ' done';
			const to = m.rows === undefined ? part && part + done : `${m.rows} rows`;
			return [{ do: 'same', piece: named(m.name), to }];
		}
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
	rule('evenly', `${WAY} ${N('n')} st evenly(?: across)?(?: (?:last|next) row)?`, (m) => [
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
	rule('work to a length', `(?:work |k )(?:straight )?to ${L}(?: long)?${ENDS}`, (m) =>
		long(m, 'beginning')
	),
	rule('a chest', `to fit(?: \\w+){0,2}? ${L}`, () => []),
	rule(
		'a further length',
		`(?:work |k |further |straight |rib |garter |moss )+${L}(?: rib)?${ENDS}`,
		(m) => long(m, 'here')
	),
	rule('a length of ribbing', `${L} rib${ENDS}`, (m) => long(m, 'here')),
	rule('up to so many rows', `(?:work )?(?:straight )?(?:to|until) ${N('n')} row total`, (m) => [
		{ do: 'total', n: n(m.n), reach: true }
	]),
	rule('rows in all', `(?<work>work |k )?${N('n')} row total`, (m) => [
		{ do: 'total', n: n(m.n), reach: m.work !== undefined }
	]),
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
	rule('ribbing written out', `[kp] \\d+ , [kp] \\d+ rib(?: ${L}${ENDS})?`, (m) =>
		m.long === undefined ? [] : long(m, 'here')
	),
	rule('a plain row', `o\\d+ row : [kp](?= \\.)`, () => [{ do: 'rows', n: 1, from: null }]),
	rule('a row back', `p back|k back`, () => [{ do: 'rows', n: 1, from: null }]),
	rule('a purl row', `next row : [pk](?= \\.)`, () => [{ do: 'rows', n: 1, from: null }]),
	rule('the count of those that are worked', `work ${N('n')} st`, (m, { divided }) =>
		divided === n(m.n) ? [] : null
	),
	rule(
		'a cast-on that is not called one',
		`(?:[(=:] )?${N('n')} st(?! rem)(?: \\))?`,
		(m, { last }) =>
			last === null || last.do === 'piece' || last.do === 'make' ? [{ do: 'on', n: n(m.n) }] : null,
		'bare-cast-on'
	),
	rule('stripes', `stripes(?: \\d+ row(?: [b-f])?(?: ,| and)?)+`, () => []),
	rule(COUNT, `(?:[(=:] )?${N('n')} (?:st(?: rem)?|rem)(?: \\))?`, (m, { last }) =>
		last === null ? null : [{ do: 'count', n: n(m.n) }]
	),
	rule('knit to the end', `k (?:to )?end`, () => [])
];
export const RULES: readonly Rule[] = [...SHAPINGS, ...DURING, ...OTHERS];
