import type { RefusalCode } from '../simulate/hand/slip';
import type { FaultCode } from '../simulate/fabric';
import type { EndCode } from './end-code';
import { LEAST_TAIL_CM } from '../simulate/hand/yarn';
import { numberOf, tailOf } from './acts';
import type { Learner, Wrong } from './lesson';
import { SLIP_WORDS, type Said } from './words-of-slips';

const END: Record<EndCode, Said> = {
	'not-finished': { what: 'It is not finished{at}', later: 'what was begun waits' },
	'not-tied': {
		what: 'The tails{at} were not tied',
		later: 'the first stitches on both sides of the join loosen'
	},
	'wrong-on-top': {
		what: 'The loops on the pin{at} lie in the wrong order: the one put down first shows on the right side',
		later: 'the decrease leans the other way than its neighbours'
	},
	'not-moved': {
		what: 'On the pin{at} hangs something else than should',
		later: 'the column beside the edge is broken there'
	},
	'pin-not-out': {
		what: 'The pin{at} was not pushed out of work',
		later: 'it grabs the yarn: the stitch taken away comes back as a hole'
	},
	'held-count': {
		what: 'Another number of stitches is held than the group has; the last was{at}',
		later: 'this armhole does not match the other'
	},
	'held-tail-short': {
		what: 'The yarn was not broken with a tail to chain the group off',
		later: 'a strand has to be joined for it, and is two more ends'
	},
	'not-mirrored': {
		what: 'The main yarn began at the same edge as on the first piece{at}',
		later: 'it is the same piece again and no mirror'
	},
	'not-cleared': {
		what: 'The two rows with a fallen stitch{at} were not taken off to begin again',
		later: 'a column that ran to the cast-on in the first rows has nothing to latch from'
	},
	'not-mended': {
		what: 'The pin{at} has still not what it should',
		later: 'the fault stands in the fabric as it was'
	},
	'rungs-left': {
		what: 'Rungs are left in the column{at}',
		later: 'they stand as a ladder'
	},
	'tail-too-short': {
		what: 'The tail is too short to go through all the loops',
		later: 'it runs out before the last, and those hold by nothing'
	},
	'loop-left': { what: 'The loop{at} is still open', later: 'its column runs down' },
	'waste-few': {
		what: 'Fewer than four rows of waste hold the last loops',
		later: 'two rows sometimes unravel, and the main loops with them'
	},
	'one-pass': {
		what: 'The yarn went only once through the loop{at}',
		later: 'the gather holds by one strand, and opens with wear'
	},
	'ladder-place': {
		what: 'The ladders are not half the pins apart: the second is{at}',
		later: 'one face has a stitch more than the other'
	},
	'card-near-edge': {
		what: 'The card{at} has fewer than six clear pins beside it',
		later: 'the edge gives way to the floats, and cannot be tightened'
	},
	'card-wide': {
		what: 'The card{at} is not as wide as the columns and two more',
		later: 'the floats are the wrong length: the columns come out tight or slack'
	},
	'floats-left': {
		what: 'The floats{at} are not latched',
		later: 'they hang as a gap of long strands'
	},
	'not-told': { what: 'No count was said', later: 'the next piece cannot match it' },
	'habit-mixed': {
		what: 'The counter was set to nought in a piece that lets it run',
		later: 'what it shows is neither the whole nor the section, and no note fits it'
	},
	'waste-counted': {
		what: 'The waste was counted with the main rows',
		later: 'the next piece comes out shorter by as many rows'
	},
	'cast-on-counted': {
		what: 'The cast-on was counted as a row',
		later: 'the piece is a row short'
	},
	'one-short': { what: 'One row was not counted', later: 'the next piece is a row longer' },
	'measured-hanging': {
		what: 'The count was taken from the length as it hangs',
		later: 'hanging it is longer: the piece comes out a fifth short'
	},
	'count-off': { what: 'That is not the count', later: 'two pieces do not match' }
};

const PLACES: readonly [RegExp, string][] = [
	[/ the pin\{at\}/, ' pin {n}'],
	[/\{at\}/, ' at pin {n}']
];

/** The pin it is at, in the words of the machine; without one it is left out. */
function placed(text: string, m: Learner, pin: number | null): string {
	if (pin === null) return text.replace(/ the pin\{at\}/, ' a pin').replace(/,?\{at\}/, '');
	const hit = PLACES.find(([form]) => form.test(text));
	return hit ? text.replace(hit[0], hit[1].replace('{n}', String(numberOf(m, pin)))) : text;
}

/** What went wrong, at which pin, in one sentence. */
export const wordWrong = (w: Wrong, m: Learner): string =>
	`${placed(saidOf(w.code).what, m, w.pin).replace('{least}', tailOf(m, LEAST_TAIL_CM))}.`;
/** What it becomes: forty rows on, or in wear. */
export const wordLater = (w: Wrong): string => saidOf(w.code).later;

const saidOf = (code: Wrong['code']): Said => ({ ...SLIP_WORDS, ...END })[code];

const REFUSED: Record<RefusalCode, string> = {
	'no-such-pin': 'There is no such pin.',
	'knitted-already': 'Rows are knitted already: the cast-on can no longer be changed.',
	'nothing-on-pin': 'There is no loop on that pin.',
	'nothing-lifted': 'Nothing is on the pick: lift a loop first.',
	'pick-full': 'The pick holds four loops and no more.',
	'not-the-edge':
		'That is done only where the neighbours on both sides allow it: at the edge, or between two pins in work.',
	'no-loop-there': 'There is no loop to take there.',
	'hung-already': 'That loop hangs on a pin already.',
	'nothing-dropped': 'No column has run there.',
	'all-latched': 'Every rung is latched.',
	'closed-already': 'That loop is closed already.',
	'hook-empty': 'There is nothing on the hook to work with.',
	'needle-bare': 'The yarn goes through no loop yet.',
	'no-tails': 'There are no two tails to tie.',
	'still-on-machine': 'It is still on the machine with the yarn in.',
	'machine-empty': 'There is nothing on the pins.',
	'waste-gone': 'The waste is off, and the loops with it.',
	cannot: 'That cannot be done as things stand.'
};
export const wordRefusal = (code: RefusalCode): string => REFUSED[code];

const FAULTS: Partial<Record<FaultCode, string>> = {
	'nothing-to-mend': 'There is nothing to mend on that pin.',
	'nothing-dropped': 'No column has run there.',
	'no-such-pin': 'That pin is not in work.',
	'cast-on-twice': 'It is cast on already: take all off first.'
};
export const wordFault = (code: FaultCode): string =>
	FAULTS[code] ?? 'That cannot be done as things stand.';
