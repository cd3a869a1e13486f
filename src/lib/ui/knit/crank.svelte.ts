import { entryAt } from '$lib/core/quantity/sure';
import { feedNow, withHappened } from '$lib/core/crank/happened';
import { makesOf, progressOf, type Make } from '$lib/core/crank/makes';
import { paceOf, rowTimes, timeLeft } from '$lib/core/crank/pace';
import { foldRun } from '$lib/core/crank/run';
import { isSpare, RAVEL } from '$lib/core/program/program';
import { isTipKnown, tipOf } from '$lib/core/words/tip';
import { wordYarn } from '$lib/core/words/yarn';
import type { Plan, PlannedPiece } from '$lib/core/plan';
import { rowAtHand, type HandWork } from '$lib/core/crank/row-by-row';
import type { RunSheetEvent } from '$lib/core/crank/events';
import { eventsAhead, positionAt } from '$lib/core/crank/runsheet';
import { yarnNamer } from '../state/ribbon-pins';
import type { Run } from '../state/run.svelte';

const WASTE_COLOUR = '#9fb0b8';
/** Any strong yarn that stands out. */
const RAVEL_COLOUR = '#d0679d';
const isAct = (e: RunSheetEvent): boolean => e.kind !== 'slow' && e.kind !== 'cast-on';

/** Where the maker is in a project at the crank: the piece at hand, its row, what is due and what comes. */
export class Crank {
	/** The piece the maker chose; null for the one that is next in the order of making. */
	chosen = $state<string | null>(null);
	/** Row times of earlier runs on this machine. */
	earlier = $state.raw<readonly (readonly { row: number; at: number }[])[]>([]);
	/** Pieces of the other projects that are off their machine. */
	offElsewhere = $state(0);
	readonly #plan: () => Plan;
	readonly #run: Run;

	constructor(plan: () => Plan, run: Run) {
		this.#plan = plan;
		this.#run = run;
	}

	readonly plan = $derived.by(() => this.#plan());
	readonly progress = $derived.by(() => progressOf(this.#plan().pieces, this.#run.events));
	readonly make: Make<PlannedPiece> = $derived.by(() => {
		const makes = makesOf(this.#plan().pieces);
		return (
			makes.find((m) => m.key === this.chosen) ?? makes[this.progress.current] ?? entryAt(makes, 0)
		);
	});
	readonly key = $derived(this.make.key);
	readonly piece = $derived(this.make.piece);
	/** The machine this piece is made on. */
	readonly machine = $derived(this.piece.machine);
	readonly state = $derived.by(() => foldRun(this.#run.events, this.key));
	/** The plan's run sheet, with what follows from what happened meanwhile. */
	readonly sheet = $derived(withHappened(this.piece, this.state.happened));
	/** How the yarn in the feeder is fed: as planned, or as the maker set it since. */
	readonly feed = $derived.by(() =>
		feedNow(this.piece.feeds[this.position.leg.yarn], this.state.happened)
	);
	/** What is in the feeder, and how it is fed, as a fault keeps it; nothing of waste. */
	readonly withWhat = $derived.by(() => {
		const { leg } = this.position;
		const yarn = isSpare(leg.yarn) ? undefined : this.plan.yarns[leg.yarn];
		const { feed } = this;
		return {
			...(yarn ? { yarnId: yarn.id } : {}),
			...(yarn && feed ? { fed: { slot: feed.slot, hand: feed.hand } } : {})
		};
	});
	/** Whether it is fed otherwise than planned. */
	readonly fedAnew = $derived(this.state.happened.some((h) => h.type === 'feed'));
	/** The tip of an event, and whether it is known by now; null where it has none. */
	tip(e: RunSheetEvent): { readonly text: string; readonly known: boolean } | null {
		const text = tipOf(e);
		const pieces = this.progress.makes.map(({ make, run }) => ({
			events: make.piece.sheet.events,
			done: run.off ? Infinity : run.done
		}));
		return text === null ? null : { text, known: isTipKnown(e, pieces, this.offElsewhere) };
	}
	readonly begun = $derived(this.state.started || this.state.done > 0);
	readonly position = $derived(positionAt(this.sheet, this.state.done)!);
	/** Rows shown plus those on their way to the disk. */
	readonly pressed = $derived.by(() => this.state.done + this.#run.pending);

	readonly row = $derived(rowAtHand(this.piece.rowByRow, this.state.done));
	/** Whether the machine is in panel mode; after the last row it is as that row left it. */
	readonly panel = $derived.by(() => {
		const row = this.row ?? rowAtHand(this.piece.rowByRow, this.state.done - 1);
		return row !== undefined && row.mode !== 'tube';
	});
	readonly ahead = $derived(eventsAhead(this.sheet, this.state.done));
	readonly slow = $derived(this.ahead.find((e) => e.kind === 'slow' && e.after <= this.state.done));
	readonly due = $derived(this.ahead.filter((e) => isAct(e) && e.after === this.state.done));
	readonly coming = $derived(this.ahead.filter((e) => isAct(e) && e.after > this.state.done));
	/** Rows until the fabric is rolled up again, 0 for now; null before it first reaches the table, and for what never is. */
	readonly rollIn = $derived.by(() => {
		const roll = this.sheet.events.find((e) => e.kind === 'roll');
		const since = roll ? this.state.done - roll.after : 0;
		if (roll?.kind !== 'roll' || since <= 0 || this.state.done >= this.sheet.totalRows) return null;
		return (roll.every - (since % roll.every)) % roll.every;
	});
	/** What the hands do to loops now, before the next row. */
	readonly hands: readonly HandWork[] = $derived(
		this.due.flatMap((e) => (e.kind === 'hands' ? e.work : []))
	);

	/** Pins in work, from 0: until the hands have done their work, its pins still hold their loops. */
	readonly inWork = $derived.by(() => {
		const touched = this.hands.flatMap((w) => w.pins);
		return (
			this.row && {
				low: Math.min(this.row.low, ...touched),
				high: Math.max(this.row.high, ...touched)
			}
		);
	});

	readonly colour = $derived(
		isSpare(this.position.leg.yarn)
			? this.position.leg.yarn === RAVEL
				? RAVEL_COLOUR
				: WASTE_COLOUR
			: (this.plan.yarns[this.position.leg.yarn]?.colour ?? WASTE_COLOUR)
	);
	readonly feeding = $derived(wordYarn(this.position.leg.yarn, yarnNamer(this.plan)));

	readonly times = $derived.by(() => rowTimes(this.#run.events, this.key));
	readonly pace = $derived(paceOf(this.times, this.earlier, this.machine.pins));
	/** Minutes for what is left of this piece. */
	readonly left = $derived(timeLeft(this.sheet.totalRows - this.state.done, this.pace));
	/** Minutes for what is left of the project. */
	readonly leftOfAll = $derived(
		timeLeft(this.progress.rowsTotal - this.progress.rowsDone, this.pace)
	);
}
