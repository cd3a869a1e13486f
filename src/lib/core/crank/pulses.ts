import { median } from 'simple-statistics';

/** What a row sensor says. Times in ms, on any clock that only goes forward. */
export type SensorSignal =
	| {
			readonly kind: 'pulse';
			readonly at: number;
			/** The one pulse of a turn that is told from the others: it comes as the marker passes the feeder. */
			readonly mark: boolean;
			/** True while the ring turns backward. */
			readonly back: boolean;
	  }
	| { readonly kind: 'unplugged'; readonly at: number }
	| { readonly kind: 'plugged'; readonly at: number };

/** What is made of it. `fewer` and `more` are rows away from the count as it then stands. */
export type Counted =
	| { readonly kind: 'rows'; readonly rows: number; readonly at: number }
	| {
			readonly kind: 'ask';
			readonly fewer: number;
			readonly more: number;
			readonly why: 'too-early' | 'too-late' | 'unplugged';
	  }
	/** A question that has answered itself: the next pulses showed that the count was right. */
	| { readonly kind: 'settled' }
	| { readonly kind: 'unplugged' };

export interface PulseSetting {
	/**
	 * Pulses in one turn of the ring, the marked one among them; 1 for a counter that only clicks. With 6 and more a row is
	 * as good as never wrong; with fewer, two faults in one turn can go unseen.
	 */
	readonly perTurn: number;
	/** In a panel: pulses that one row passes, from edge to edge; null for a tube. */
	readonly perPass: number | null;
}

/** Contacts bounce for a few ms; no ring turns so fast that two pulses are so near (from memory). */
const BOUNCE_MS = 12;
/** The crank has stopped when nothing came for so many intervals, and at least so long. */
const STOP = { intervals: 6, turns: 3.5, leastMs: 1200, unknownMs: 4000 };
/** How much likelier one reading has to be than the next to be no guess: about one missed or doubled pulse and a half. */
const SURE = 1.5;
/** What a turn more or less than the pace says weighs, in missed pulses, and the most it can. */
const TIME = { perTurn: 3, most: 3 };
/** Nobody cranks two turns a second, and nobody half as fast again as just before (from memory). */
const FASTEST_TURN_MS = 500;
const FASTER_UNSEEN = 1.5;
/** So many pulses may be missing beside the mark when the crank stops and the question is still asked. */
const TAIL_MISSED = 1;
const SEVERAL = 6;
/** Of the first turns of a counter that only clicks: further off the pace than this is asked about. */
const OFF_PACE = 0.45;
const MOST_TURNS = 3;
const PACE_FROM = 4;
const PACE_OF = 9;

/** Pulses that one row of a panel passes: those whose place on the ring lies between its edges. Pins from 0, both included. */
export const pulsesInPass = (low: number, high: number, pins: number, perTurn: number): number =>
	Array.from({ length: perTurn }, (_, i) => (i * pins) / perTurn).filter(
		(at) => at >= low && at <= high
	).length;

/**
 * Counts rows from a sensor's pulses. Bounce is taken out; a turn is what lies between two marks, read from the number of
 * pulses between them and from the pace; in a panel a row ends where the ring turns back. Where the readings do not tell,
 * the likeliest is counted on, what it might be instead is kept, and the question is asked when the crank next stops.
 * Made new when perTurn changes; the row begins at the marker.
 */
export class PulseCounter {
	#perTurn: number;
	#perPass: number | null;
	#lastAt: number | null = null;
	#intervals: number[] = [];
	/** Plain pulses since the last mark, when that was, and whether the crank stood still since. */
	#plains = 0;
	#markAt: number | null = null;
	#stoodStill = true;
	#phaseKnown = true;
	/** Pulses turned back in a tube, to be turned forward again before anything counts. */
	#backlog = 0;
	/** In a panel: where in the row the ring is, which way the row goes, and whether it is counted already. */
	#position = 0;
	#outward: boolean | null = null;
	#counted = false;
	#fewer = 0;
	#more = 0;
	#why: 'too-early' | 'too-late' | 'unplugged' = 'too-late';
	/** Asked at this stop already; and whether that was only about a mark that may still come. */
	#asked = false;
	#openTail = false;
	#unpluggedAt: number | null = null;

	constructor(setting: PulseSetting) {
		this.#perTurn = setting.perTurn;
		this.#perPass = setting.perPass;
	}

	/** The next row's pass, where decreases make the panel narrower, or a tube begins. */
	setPass(perPass: number | null): void {
		this.#perPass = perPass;
	}

	/** The maker has said what the count is: nothing is open any more, and the row begins here. */
	answered(): void {
		this.#fewer = this.#more = 0;
		this.#plains = 0;
		this.#openTail = false;
	}

	/** Milliseconds between two pulses as the maker cranks now; undefined until there are a few. */
	get pace(): number | undefined {
		return this.#intervals.length >= PACE_FROM ? median(this.#intervals) : undefined;
	}

	take(signal: SensorSignal): Counted[] {
		if (signal.kind === 'unplugged') {
			this.#unpluggedAt ??= signal.at;
			return [{ kind: 'unplugged' }];
		}
		if (signal.kind === 'plugged') return this.#pluggedIn(signal.at);
		const since = this.#lastAt === null ? Infinity : signal.at - this.#lastAt;
		if (since < BOUNCE_MS) return [];
		const stood = since > this.#stopMs();
		if (!stood && this.#lastAt !== null) this.#learnPace(since);
		if (stood) this.#stoodStill = true;
		this.#lastAt = signal.at;
		this.#asked = false;
		return this.#perPass === null ? this.#inTube(signal) : this.#inPanel(signal);
	}

	/** To be called now and then: asks, once, when the crank has come to a stop with something open. */
	tick(now: number): Counted[] {
		if (this.#asked || this.#lastAt === null || now - this.#lastAt <= this.#stopMs()) return [];
		this.#asked = true;
		const known = this.#fewer > 0 || this.#more > 0;
		const spare = this.#perTurn >= SEVERAL ? TAIL_MISSED : 0;
		const turns =
			this.#perPass === null ? Math.floor((this.#plains + 1 + spare) / this.#perTurn) : 0;
		// All but the mark has passed: it may have been missed, or it comes with the next pull of the crank.
		this.#openTail = this.#perTurn > 1 && turns > 0;
		if (!known && !this.#openTail) return [];
		const tail = this.#openTail ? turns : 0;
		return [
			{
				kind: 'ask',
				fewer: this.#fewer,
				more: this.#more + tail,
				why: known ? this.#why : 'too-late'
			}
		];
	}

	#learnPace(interval: number): void {
		this.#intervals = [...this.#intervals, interval].slice(-PACE_OF);
		if (this.#perTurn > 1 || this.#intervals.length !== PACE_FROM) return;
		// The first turns were counted before there was a pace to hold them against: they are looked at again now.
		for (const i of this.#intervals.slice(0, -1)) {
			const turns = i / this.pace!;
			if (turns < 1 - OFF_PACE) this.#doubt(1, 0, 'too-early');
			else if (turns > 1 + OFF_PACE) this.#doubt(0, Math.round(turns) - 1, 'too-late');
		}
	}

	#stopMs(): number {
		const { pace } = this;
		if (pace === undefined) return STOP.unknownMs;
		const most = this.#perTurn === 1 ? STOP.turns : STOP.intervals;
		return Math.max(STOP.leastMs, most * pace);
	}

	#doubt(fewer: number, more: number, why: 'too-early' | 'too-late' | 'unplugged'): void {
		if (fewer > 0 || more > 0) this.#why = why;
		this.#fewer += fewer;
		this.#more += more;
	}

	#pluggedIn(at: number): Counted[] {
		if (this.#unpluggedAt === null) return [];
		const away = at - this.#unpluggedAt;
		const turnMs =
			this.pace === undefined ? FASTEST_TURN_MS : (this.pace * this.#perTurn) / FASTER_UNSEEN;
		this.#doubt(0, Math.ceil(away / turnMs) + 1, 'unplugged');
		this.#unpluggedAt = null;
		this.#phaseKnown = false;
		this.#stoodStill = true;
		this.#lastAt = at;
		this.#asked = false;
		return [];
	}

	#inTube(pulse: Extract<SensorSignal, { kind: 'pulse' }>): Counted[] {
		if (pulse.back) {
			this.#backlog += 1;
			return [];
		}
		if (this.#backlog > 0) {
			this.#backlog -= 1;
			return [];
		}
		if (!pulse.mark) {
			this.#plains += 1;
			return [];
		}
		const { rows, low, high } = this.#turns(pulse.at);
		const out: Counted[] = [];
		if (this.#openTail && this.#fewer === 0 && this.#more === 0 && rows === 1 && low === high)
			out.push({ kind: 'settled' });
		this.#openTail = false;
		this.#doubt(rows - low, high - rows, rows < 1 || low < rows ? 'too-early' : 'too-late');
		this.#plains = 0;
		this.#markAt = pulse.at;
		this.#stoodStill = false;
		this.#phaseKnown = true;
		return rows > 0 ? [{ kind: 'rows', rows, at: pulse.at }, ...out] : out;
	}

	/** How many turns lie between the last mark and this one: the likeliest, and the range of those about as likely. */
	#turns(at: number): { rows: number; low: number; high: number } {
		if (!this.#phaseKnown) return { rows: 1, low: 1, high: 1 };
		const plains = this.#perTurn - 1;
		const turnMs = this.pace === undefined ? undefined : this.pace * this.#perTurn;
		const timed = !this.#stoodStill && this.#markAt !== null && turnMs !== undefined;
		// One pulse a turn and nothing to time it by: it is a turn.
		if (this.#perTurn === 1 && !timed) return { rows: 1, low: 1, high: 1 };
		const elapsed = timed ? (at - this.#markAt!) / turnMs : null;
		const cost = (turns: number): number => {
			const marks = turns === 0 ? 1 : turns - 1;
			const missed = Math.abs(this.#plains - turns * plains);
			const time =
				elapsed === null ? 0 : Math.min(TIME.most, TIME.perTurn * Math.abs(turns - elapsed));
			return marks + missed + time;
		};
		const costs = Array.from({ length: MOST_TURNS + 1 }, (_, turns) => cost(turns));
		const best = Math.min(...costs);
		const rows = costs.indexOf(best);
		// A sensor with one pulse a turn has nothing but the pace to speak for a missed or doubled one: it always asks.
		const sure = this.#perTurn === 1 && rows !== 1 ? SURE + 1 : SURE;
		const likely = costs.flatMap((c, turns) => (c - best < sure ? [turns] : []));
		return { rows, low: Math.min(...likely), high: Math.max(...likely) };
	}

	#inPanel(pulse: Extract<SensorSignal, { kind: 'pulse' }>): Counted[] {
		const pass = this.#perPass!;
		if (pass < 1) return [];
		this.#outward ??= !pulse.back;
		const along = this.#outward !== pulse.back;
		const out: Counted[] = [];
		if (!along && (this.#counted || this.#position >= pass / 2)) {
			// Turned back past the middle: this row is over, and the pulse belongs to the next, the other way.
			if (!this.#counted) {
				out.push({ kind: 'rows', rows: 1, at: pulse.at });
				this.#doubt(1, 0, 'too-early');
			}
			this.#outward = !pulse.back;
			this.#position = 0;
			this.#counted = false;
		} else if (!along) {
			// Eased back a little: the same row goes on.
			this.#position = Math.max(0, this.#position - 1);
			return out;
		}
		this.#position = Math.min(pass, this.#position + 1);
		// One pulse of several may be missed without the row being so.
		if (!this.#counted && this.#position >= (pass >= 3 ? pass - 1 : pass)) {
			this.#counted = true;
			out.push({ kind: 'rows', rows: 1, at: pulse.at });
		}
		return out;
	}
}
