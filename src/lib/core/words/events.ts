import type { RunSheetEvent } from '../crank/events';
import { TIE_AFTER_BALL } from '../crank/happened';
import type { Machine } from '../model/bench';
import { rowsWord } from '../quantity/say';
import { wordCastOn } from './cast-on';
import { wordBroken, wordJoin } from './change';
import type { EventContext } from './context';
import { EDGE_RULE, wordHands } from './hands';
import { wordTakeOff } from './take-off';
import { titleOf } from './title';
import type { EventSaid, EventWords } from './yarn';

const SLOW = {
	first:
		'The first rows, with light pressure downward: watch every pin take its loop. A fault here is quicker started again than mended.',
	loose:
		'These rows are hung later as a hem: knit them loose, the yarn in the widest slot or eased by hand.',
	join: 'The first row with the new yarn: see that every pin takes it.',
	hem: 'The row after the hem: two loops on every pin.'
} as const;

/** A panel is cranked slowly to its end, its edges guarded by the machine's rule. */
const wordPanel = ({ edgeRule }: Machine): string =>
	`A panel all the way: at each turn ${EDGE_RULE[edgeRule]}, take up the slack before the row, push the loops down on both sides, and keep the yarn clear of idle pins. An edge loop caught under the bar where no stitch sits beyond it is lifted off, its slack pulled out.`;

/** What the hands do, in the maker's words. */
export const wordEvent = (e: RunSheetEvent, c: EventContext): EventWords => ({
	title: titleOf(e, c),
	...wordHow(e, c)
});

function wordHow(e: RunSheetEvent, c: EventContext): EventSaid {
	switch (e.kind) {
		case 'cast-on':
			return wordCastOn(e, c);
		case 'hands':
			return withBroken(wordHands(e.work, c.machine), e.broken, c);
		case 'slow':
			return { how: e.why === 'panel' ? wordPanel(c.machine) : SLOW[e.why] };
		case 'join':
			return wordJoin(e, c);
		case 'tie':
			return {
				how: `${rowsWord(e.rows)} after the ${e.since === 'ball' ? 'new ball' : 'change'}: ${e.in === 'tube' ? 'reach inside' : 'on the side towards you'}, snug, not tight.`
			};
		case 'mark':
			return {
				how: 'Hang a scrap of other yarn in the edge stitch: the rows are counted and sewn by it.'
			};
		case 'roll':
			return {
				how: `The fabric reaches the table: roll it up from below so that it does not push stitches up, and again every ${e.every} rows.`
			};
		case 'clog':
			return {
				how: 'Untwist the tube, then give it a few turns the other way, so that the next rows unwind it.'
			};
		case 'runs-out':
			return {
				how: `By your grams on hand${e.ball === null ? '' : ', whole balls first'}. Have the next ball ready and join it ${e.place.in === 'tube' ? 'before the marker passes' : 'at an edge'}, whatever the row; tie the two ends ${TIE_AFTER_BALL} rows on.`
			};
		case 'take-off':
			return wordTakeOff(e, c);
	}
}

type Hands = Extract<RunSheetEvent, { kind: 'hands' }>;

const withBroken = (words: EventSaid, broken: Hands['broken'], c: EventContext): EventSaid =>
	broken ? { ...words, how: `${words.how} ${wordBroken(broken, c)}` } : words;
