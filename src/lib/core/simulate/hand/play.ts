import type { Act, HandOp, HandOpOf } from '../../program/hand';
import { isSpare, programRows, type Op } from '../../program/program';
import { entryAt } from '../../quantity/sure';
import { Bed } from '../bed';
import { begun, perform } from '../perform';
import { emptyFabric } from '../simulate';
import { Hand, LAID, type Played } from './hand';
import { hangOne, idle, lift, ontoStrand, pushDown, set } from './lift';
import { card, cross, fall, markLoop, ontoPin, rung } from './rescue';
import { chain, drawUp, drawYarn, ease, fasten, hook, thread, tug, wasteOff } from './off';
import { countsRows, turn } from './turn';
import {
	clear,
	guide,
	lay,
	ragLoop,
	roll,
	slack,
	tie,
	untwist,
	wrap,
	yarnIn,
	yarnOut,
	zero
} from './yarn';

const BY_HAND: { readonly [O in HandOp['op']]: (h: Hand, a: HandOpOf<O>) => void } = {
	lay,
	wrap,
	'rag-loop': ragLoop,
	'yarn-in': yarnIn,
	'yarn-out': yarnOut,
	guide,
	gate: (h, { to }) => {
		h.gateOpen = to === 'open';
	},
	turn,
	slack,
	roll,
	untwist,
	tie,
	'push-down': pushDown,
	rise: (h, { pin }) => {
		if (h.inside(pin)) h.willRise.add(pin);
	},
	bar: (h) => {
		h.atEdge = { ...h.atEdge, bar: true };
	},
	snug: (h) => {
		h.atEdge = { ...h.atEdge, snug: true };
	},
	lift,
	set,
	idle,
	'onto-strand': ontoStrand,
	hang: hangOne,
	fall,
	'mark-loop': markLoop,
	'onto-pin': ontoPin,
	rung,
	clear,
	cross,
	card,
	thread,
	ease,
	'draw-up': drawUp,
	hook,
	chain,
	'draw-yarn': drawYarn,
	fasten,
	'waste-off': wasteOff,
	tug,
	zero,
	tell: (h, { rows }) => {
		h.told = rows;
	}
};
const isByHand = (act: Act): act is HandOp => act.op in BY_HAND;

/** What these acts can make at most: rows, and loops with floats. */
function roomFor(acts: readonly Act[], pins: number): { rows: number; loops: number } {
	let [rows, passes, floats] = [0, 0, 0];
	for (const a of acts) {
		if (a.op === 'turn') {
			passes += a.pins;
			rows += Math.ceil(a.pins / pins) + 2;
		} else if (a.op === 'card') floats += Math.max(1, a.wide - 2);
		else if (a.op === 'extend') floats += a.columns;
	}
	const whole = programRows(acts.filter((a): a is Op => !isByHand(a)));
	return {
		rows: rows + whole,
		loops: whole * (pins + floats) + passes * (1 + floats)
	};
}

/**
 * Plays acts on a ring, one after another, from an empty machine. Pure: the same acts give the same state, chance included. An
 * act that cannot be done as things are is a refusal and changes nothing; what the machine cannot do in an operation of a
 * program is a fault of its bed. Linear in the pins turned.
 */
export function play(acts: readonly Act[], ring: Played): Hand {
	const { pins } = ring;
	const room = roomFor(acts, pins);
	const bed = new Bed(emptyFabric(pins, room.rows, room.loops), ring.panelLost, ring.keepOff ?? []);
	const hand = new Hand(bed, ring);
	const progress = begun();
	for (const [i, act] of acts.entries()) {
		hand.act = i;
		if (isByHand(act)) {
			(BY_HAND[act.op] as (h: Hand, a: HandOp) => void)(hand, act);
		} else
			byProgram(hand, act, () => {
				// Waste that was cranked pin by pin holds as well.
				if (act.op === 'take-off') progress.wasteRows = wasteOnTop(hand);
				perform(bed, progress, act);
			});
		// What has no loop cannot stand high.
		for (let p = 0; p < pins; p++) if (entryAt(bed.top, p) < 0) hand.high[p] = 0;
	}
	return hand;
}

/** Rows of spare yarn above the last of the main yarn. */
export function wasteOnTop({ bed }: Hand): number {
	let rows = 0;
	while (rows < bed.row) {
		const first = entryAt(bed.fabric.rowStart, bed.row - 1 - rows);
		if (!isSpare(entryAt(bed.fabric.yarn, first))) break;
		rows += 1;
	}
	return rows;
}

/** A whole operation between acts of the hand: what the hand knows of the machine follows it. */
function byProgram(hand: Hand, act: Op, run: () => void): void {
	const { bed } = hand;
	if (act.op === 'rows' || act.op === 'hang-hem' || act.op === 'take-off') {
		if (hand.passed > 0 && bed.made > entryAt(bed.fabric.rowStart, bed.row)) bed.endRow();
	}
	run();
	if (act.op === 'cast-on') hand.laid.fill(LAID.none);
	if (act.op === 'take-off') hand.off = true;
	if (act.op === 'drop' && bed.mishaps.has(act.pin))
		hand.ladders.set(act.pin, { latched: 0, marked: false });
	if (act.op === 'rows') {
		hand.untwisted += act.count;
		if (countsRows(hand)) hand.counter += act.count;
		hand.fresh = hand.pins * act.count;
		hand.bare.fill(0);
		hand.high.fill(0);
	}
	if (act.op === 'join' || act.op === 'cast-on') hand.fresh = 0;
	if (act.op === 'cast-on' || act.op === 'work' || act.op === 'rows' || act.op === 'hang-hem')
		hand.settle();
}
