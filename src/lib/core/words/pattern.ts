import type { Act, Edge, Shape } from '../convert/pattern/acts';
import type { Instruction, Why } from '../convert/pattern/read';
import { rowsWord } from '../quantity/say';
import { wordHandOnly } from './written';

const AT: Readonly<Record<Edge, string>> = {
	both: 'at both edges',
	start: 'at the start of the row',
	end: 'at the end of the row',
	left: 'at the left edge',
	right: 'at the right edge',
	neck: 'at the neck edge',
	armhole: 'at the armhole edge',
	side: 'at the side edge',
	same: 'at the same edge',
	evenly: 'spread over the row'
};
const EDGE_OF = { left: 'The left edge', right: 'The right edge', both: 'Both edges' } as const;
const stitches = (n: number): string => (n === 1 ? 'one stitch' : `${n} stitches`);
const nth = (n: number): string => {
	const tens = n % 100;
	return `${n}${tens > 10 && tens < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th')}`;
};

function wordShape({ way, n, edge, first, every, times, to }: Shape): string {
	const does = `${way === 'dec' ? 'Take off' : 'Add'} ${stitches(n)} ${AT[edge]}`;
	if (first === 0) return `${does}, in the last row.`;
	const from = first === 1 ? 'in the next row' : `in the ${nth(first)} row from here`;
	if (times === 1) return `${does} ${from}.`;
	const often =
		to === null
			? `${times ?? 0} times in all`
			: `until ${stitches(to)} ${to === 1 ? 'is' : 'are'} left`;
	return `${does}, first ${from}, then ${every === 1 ? 'in every row' : `every ${nth(every)} row`}, ${often}.`;
}

/** What an instruction of a pattern asks, in plain words. */
export function wordAct(act: Act): string {
	switch (act.do) {
		case 'piece':
			return `A piece begins: ${act.name}.`;
		case 'make':
			return `Make ${act.n} of it.`;
		case 'on':
			return `Cast on ${stitches(act.n)}.`;
		case 'rows':
			return act.from === 'armhole'
				? `Straight to ${rowsWord(act.n)} from the armhole.`
				: `${rowsWord(act.n)} straight.`;
		case 'to': {
			const from = { beginning: 'its beginning', armhole: 'the armhole', here: 'here' }[act.from];
			const side =
				act.side === null
					? ''
					: act.side === 'RS'
						? ', a right-side row last'
						: ', a wrong-side row last';
			return `Straight until it measures ${act.n} ${act.unit} from ${from}${side}.`;
		}
		case 'groups':
			return `Take off ${stitches(act.n)} at the start of ${act.rows === 1 ? 'the next row' : `each of the next ${rowsWord(act.rows)}`}.`;
		case 'group':
			return `Take off ${stitches(act.n)} at once ${AT[act.edge]}.`;
		case 'shape':
			return wordShape(act);
		case 'centre':
			return `Take off the ${stitches(act.n)} in the middle.`;
		case 'divide':
			return `Go on with the first ${stitches(act.n)}; the others wait.`;
		case 'hold':
			return `${stitches(act.n)} wait on a strand.`.replace(/^./, (c) => c.toUpperCase());
		case 'rejoin':
			return 'Go on with what waited, from a new end of yarn.';
		case 'reverse':
			return 'As the other side, mirrored.';
		case 'same':
			return `As ${act.piece}${act.to ? ` up to ${act.to}` : ''}.`;
		case 'edge':
			return act.takes.length === 0
				? `${EDGE_OF[act.edge]} straight.`
				: `${EDGE_OF[act.edge]} as its sentence says, as far as row ${Math.max(...act.takes.map((t) => t.row))}.`;
		case 'band':
			return `Pick up ${stitches(act.n)} along the edge.`;
		case 'count':
			return `${stitches(act.n)} on the needle now.`.replace(/^./, (c) => c.toUpperCase());
		case 'total':
			return act.reach ? `Straight up to row ${act.n}.` : `${rowsWord(act.n)} in all.`;
		case 'off-all':
			return 'Close all that is left.';
		case 'hold-all':
			return 'All that is left waits on a strand.';
	}
}

/** Why a stretch is asked about, and what would be right. */
export function wordWhy(why: Why): string {
	switch (why.code) {
		case 'unread':
			return 'This was not read: say it as “work 12 rows” or “dec 1 st at each end of every 4th row 5 times”.';
		case 'count-differs':
			return `The pattern says ${stitches(why.said)} here, and its own shaping leaves ${why.is}.`;
		case 'never-reached': {
			const near = [why.above, why.below].flatMap((n) => (n === null ? [] : [String(n)]));
			return `${stitches(why.to)} cannot be reached by this step${near.length > 0 ? `: ${near.join(' or ')} can` : ''}.`.replace(
				/^./,
				(c) => c.toUpperCase()
			);
		}
		case 'rows-differ':
			return `The pattern says ${rowsWord(why.said)} here, and its instructions make ${why.is}.`;
		case 'used-up':
			return `This leaves ${why.left} stitches: there are not so many.`;
		case 'too-many':
			return `${why.n} is more than a piece has: ${why.most} stitches or rows at most.`;
		case 'bare-cast-on':
			return 'It does not say so: taken as the cast-on.';
		case 'no-verb':
			return 'It does not say what is done: taken as stitches that come off.';
		case 'by-hand':
			return `Not done by cranking, though its rows count. ${wordHandOnly(why.what)}`.replace(
				/\. ([a-z])/,
				(_, c: string) => `. ${c.toUpperCase()}`
			);
	}
}

/** How a stretch was read, in one word or two. */
export const READ_AS: Readonly<Record<Instruction['as'], string>> = {
	taken: 'taken',
	guess: 'taken with a guess',
	'needs-you': 'needs you',
	words: 'only words',
	'not-here': 'not done by this machine'
};
