import type { Act } from '$lib/core/program/hand';
import { learnerFor, numberOf } from '$lib/core/practice/acts';
import { judge, stateAfter, type Judged } from '$lib/core/practice/judge';
import type { Learner, Lesson, Tool, Try } from '$lib/core/practice/lesson';
import { sayPin } from '$lib/core/practice/say';
import { sayAct } from '$lib/core/practice/say-act';
import { pointsOn, soOn } from '$lib/core/practice/so-on';
import { wordFault, wordRefusal } from '$lib/core/practice/words';
import type { Units } from '$lib/core/quantity/units';
import { entryAt } from '$lib/core/quantity/sure';
import type { Hand } from '$lib/core/simulate/hand/hand';
import { keepActs, keptActs } from './kept';
import { learnerOf } from './own-ring';

/** Turns of a habit that are done at one press. */
const SO_ON = 8;

interface OwnRing {
	readonly ring: string;
	readonly units: () => Units;
}

/** One try: what was done so far, where the hand points, and what came of it. */
export class Practice {
	readonly t: Try;
	/** Its unit can change while one tries. */
	readonly m: Learner = $derived.by(() =>
		learnerFor(learnerOf(this.#own.ring, this.#own.units()), this.t)
	);
	readonly #own: OwnRing;
	#done = $state.raw<readonly Act[]>([]);
	#undone = $state.raw<readonly Act[]>([]);
	/** The pin that is pointed at, from 0. */
	pin = $state(0);
	/** The pin that the loop chosen on the pick came from. */
	chosen = $state<number | null>(null);
	pace = $state<'slow' | 'fast'>('slow');
	/** A step of the demonstration, from 0 for how it stands; null while the maker tries. */
	step = $state<number | null>(null);
	judged = $state.raw<Judged | null>(null);
	/** What was done or refused last, to be read aloud. */
	said = $state('');
	refused = $state(false);
	readonly shown = $derived.by(() => this.t.perfect(this.m));
	readonly acts = $derived(
		this.step === null ? this.#done : this.shown.slice(0, this.step).flatMap((s) => s.acts)
	);
	readonly hand: Hand = $derived.by(() => stateAfter(this.t, this.m, this.acts));
	readonly goesOn = $derived(this.step === null && soOn(this.#done, this.hand.pins, 1).length > 0);

	constructor(
		readonly lesson: Lesson,
		tryId: string | null,
		own: OwnRing
	) {
		this.#own = own;
		this.t = lesson.tries.find((t) => t.id === tryId) ?? entryAt(lesson.tries, 0);
		this.#done = keptActs(this.#key, own.ring);
		this.pin = this.#start();
	}

	get #key(): string {
		return `${this.lesson.id}/${this.t.id}`;
	}
	#keep(acts: readonly Act[]): void {
		this.#done = acts;
		keepActs(this.#key, this.#own.ring, acts);
	}
	#start(): number {
		return this.hand.pos % this.hand.pins;
	}
	get canUndo(): boolean {
		return this.step === null && this.#done.length > 0;
	}
	get canRedo(): boolean {
		return this.step === null && this.#undone.length > 0;
	}
	/** On the machine, or being cast on: the crank turns it, where it does not stand for a count. */
	get turns(): boolean {
		return this.stands && !this.t.countLost;
	}
	get stands(): boolean {
		const { bed } = this.hand;
		return bed.ends() !== undefined || bed.made === 0 || this.hand.cleared;
	}

	/** One act; false where it cannot be done, and why is said. */
	#does(act: Act): boolean {
		const before = this.hand;
		const next = [...this.#done, act];
		const hand = stateAfter(this.t, this.m, next);
		const last = hand.act;
		const why = hand.refused.find((r) => r.act === last);
		const fault = hand.bed.faults[before.bed.faults.length];
		// A cast-on over what is there, and too little waste, are done all the same: what comes of it shows.
		const done = act.op === 'cast-on' || act.op === 'take-off';
		this.refused = why !== undefined || (fault !== undefined && !done);
		if (this.refused) {
			this.said = why ? wordRefusal(why.code) : fault ? wordFault(fault.code) : '';
			return false;
		}
		this.#keep(next);
		this.#undone = [];
		this.judged = null;
		return true;
	}

	#move(by: number): void {
		const { pins } = this.hand;
		this.pin = (((this.pin + by) % pins) + pins) % pins;
	}

	use(tool: Tool, number = 0): void {
		const act = tool.act(
			{ hand: this.hand, m: this.m, pin: this.pin, chosen: this.chosen },
			number
		);
		if (!this.#does(act)) return;
		this.said = `${sayAct(act, this.m)}.`;
		this.chosen = null;
		this.#pointOn(tool.moves ?? 0);
	}

	turn(pins: number, way: 'forward' | 'back'): void {
		if (this.t.countLost) return;
		if (!this.#does({ op: 'turn', pins, way, pace: this.pace })) return;
		const { hand } = this;
		this.pin = hand.pos % hand.pins;
		this.said = `Pin ${numberOf(this.m, this.pin)} comes next.`;
	}
	/** Pins to where the row ends; a whole row where it begins there. */
	rowLeft(way: 'forward' | 'back'): number {
		const { hand } = this;
		const ends = hand.bed.ends();
		if (!hand.isPanel || !ends)
			return way === 'forward' ? hand.pins - (hand.pos % hand.pins) : hand.pins;
		const stitches = ends.high - ends.low + 1;
		const left = way === 'forward' ? ends.high + 1 - hand.pos : hand.pos - ends.low;
		return left > 0 ? left : stitches;
	}

	soOn(): void {
		for (const act of soOn(this.#done, this.hand.pins, SO_ON)) {
			if (!this.#does(act)) return;
			if ('pin' in act) {
				this.pin = act.pin;
				this.#pointOn(this.#movesAfter(act));
			}
			this.said = `And so on: ${sayAct(act, this.m)}.`;
		}
		if (this.#done.at(-1)?.op === 'turn') this.pin = this.#start();
	}

	/** Where the hand went from pin to pin it goes on so, else as many on as its tool does. */
	#pointOn(moves: number): void {
		const on = pointsOn(this.#done, this.hand.pins);
		if (on !== null) this.pin = on;
		else this.#move(moves);
	}
	/** Pins that are pointed on after an act, as its tool does. */
	#movesAfter(act: Act): number {
		const at = { hand: this.hand, m: this.m, pin: 0, chosen: null };
		return this.t.tools.find((tool) => tool.act(at, 0).op === act.op)?.moves ?? 0;
	}

	point(pin: number): void {
		this.pin = pin;
		this.said = sayPin(this.hand, pin, this.m);
	}
	step1(by: number): void {
		this.#move(by);
		this.point(this.pin);
	}

	undo(): void {
		const last = this.#done.at(-1);
		if (!last || this.step !== null) return;
		this.#keep(this.#done.slice(0, -1));
		this.#undone = [...this.#undone, last];
		this.judged = null;
		this.refused = false;
		if ('pin' in last) this.pin = last.pin;
		else if (last.op === 'turn') this.pin = this.#start();
		this.said = `Taken back: ${sayAct(last, this.m)}.`;
	}
	redo(): void {
		const next = this.#undone.at(-1);
		if (!next) return;
		const rest = this.#undone.slice(0, -1);
		if (!this.#does(next)) return;
		this.#undone = rest;
		this.said = `${sayAct(next, this.m)}.`;
	}
	/** Back to before the act that something came of. */
	backTo(act: number): void {
		this.#undone = [...this.#done.slice(act)].reverse();
		this.#keep(this.#done.slice(0, act));
		this.judged = null;
		this.pin = this.#start();
		this.said = 'Taken back to before it.';
	}
	/** As the machine stood at first; all of it can be done again. */
	startOver(): void {
		this.backTo(0);
		this.refused = false;
		this.said = 'As the machine stands at first.';
	}

	look(): Judged {
		this.judged = judge(this.t, this.m, this.#done);
		return this.judged;
	}

	watch(step: number): void {
		this.step = Math.max(0, Math.min(this.shown.length, step));
		this.judged = null;
		this.refused = false;
		const shown = this.shown[this.step - 1];
		this.pin = shown?.pin ?? this.#start();
		this.said = shown ? `${shown.says}.` : 'As the machine stands at first.';
	}
	tryIt(): void {
		this.step = null;
		this.pin = this.#start();
		this.said = this.t.asks(this.m);
	}
}
