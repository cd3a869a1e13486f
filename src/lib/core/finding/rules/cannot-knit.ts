import type { Fault, FaultCode } from '../../simulate/fabric';
import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'cannot-knit': { readonly fault: Fault['code'] };
	}
	interface StopCodes {
		'cannot-knit': true;
	}
}

const FAULTS = {
	'no-cast-on': 'Rows come before the cast-on.',
	'cast-on-twice': 'The piece is cast on twice.',
	'no-yarn': 'There is no yarn in the feeder.',
	'nothing-on-pins': 'There is nothing on the pins to take off.',
	'live-loops': 'Live loops would come off on fewer than 2 waste rows and run.',
	'left-on-machine': 'The piece is never taken off.',
	'too-large': 'The piece has more stitches than any machine here can be asked for.',
	'past-stop': 'The switch stops the ring before that pin: forced past it, it breaks.',
	'idle-pin': 'A pin without a stitch would grab the yarn as the ring goes round.',
	'empty-pin': 'A loop is to be taken from a pin that holds none.',
	'no-such-pin': 'A pin is meant that is not in work.',
	'too-narrow': 'The panel has too few stitches left for that.',
	'not-a-panel': 'A tube has no edge: this is done on a panel.',
	'wrong-side': 'A group comes off only at the start of a row, on the side where the yarn is.',
	'not-all-lifted': 'A decrease inside the panel needs every stitch beyond it lifted.',
	'nothing-held': 'No stitches are held there to be taken back.',
	'no-such-row': 'The row to be hung is not knitted yet.',
	'nothing-dropped': 'No column is open there to be latched up.',
	'nothing-to-mend': 'Nothing went wrong at that pin.',
	'extension-at-edge': 'An extension needs a stitch in work on either side.',
	'yarn-still-in': 'The empty round comes after the yarn is cut.',
	'near-marker':
		'A panel turned by hand stands on the marker or the counter’s trip, where the ring sticks: move it, or set the machine to cross them.',
	'edge-unguarded': 'Nobody sees to the yarn at the turn, and the edge stitch drops.'
} as const satisfies Record<FaultCode, string>;

export const cannotKnit = rule({
	says: {
		'cannot-knit': (f) => ({ what: 'The machine cannot knit this.', why: FAULTS[f.fault] })
	},
	test: ({ faults }) =>
		faults.map((f) => ({
			body: { code: 'cannot-knit', fault: f.code },
			severity: 'stop' as const,
			where: { at: 'row' as const, row: f.row }
		}))
});
