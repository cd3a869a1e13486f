import { randomLcg } from 'd3-random';
import {
	lineOf,
	merge,
	mirror,
	moveBoundary,
	randomStripes,
	reorder,
	split,
	swapColours,
	leastMost,
	wholeStripes,
	yarnsIn
} from '$lib/core/stripes/edit';
import { evenOut } from '$lib/core/stripes/even';
import { useUp } from '$lib/core/stripes/joins';
import { fadeSections, joined, type Section } from '$lib/core/stripes/sections';
import { writeStripes } from '$lib/core/stripes/stripe-line';

const total = (s: readonly Section[]): number => s.reduce((t, x) => t + x.rows, 0);

/** Edits of a tube's sections on its ribbon. Every edit goes out as a stripe line, so that both stay in step. */
export class RibbonEdit {
	/** The section in hand. */
	at = $state<number | null>(null);
	/** While a boundary is dragged: the sections as they would be. Not stored until it is let go. */
	dragged = $state.raw<readonly Section[] | null>(null);
	readonly #sections: () => readonly Section[];
	readonly #put: (line: string, what: string, newTotal: boolean) => void;
	readonly sections = $derived.by(() => this.dragged ?? this.#sections());

	constructor(
		sections: () => readonly Section[],
		/** Stores a line; `what` names the change for undo, `newTotal` says that the line sets the length from now on. */
		put: (line: string, what: string, newTotal: boolean) => void
	) {
		this.#sections = sections;
		this.#put = put;
	}

	/** Row at which section `i` begins. */
	start(i: number): number {
		return total(this.sections.slice(0, i));
	}

	#store(sections: readonly Section[], what: string, newTotal = false): void {
		this.dragged = null;
		const whole = joined(sections);
		if (whole.length === 0) return;
		if (this.at !== null && this.at >= whole.length) this.at = whole.length - 1;
		this.#put(writeStripes(lineOf(whole)), what, newTotal);
	}

	/** Shows the boundary after section `i` at a row, until it is let go. */
	drag(i: number, row: number): void {
		this.dragged = moveBoundary(this.#sections(), i, row);
	}
	drop(): void {
		if (this.dragged) this.#store(this.dragged, 'boundary moved');
	}
	cancel(): void {
		this.dragged = null;
	}
	/** Moves the boundary after section `i` by so many rows; steps of one boundary are undone as one. */
	nudge(i: number, rows: number): void {
		const s = this.sections;
		this.#store(moveBoundary(s, i, total(s.slice(0, i + 1)) + rows), `boundary ${i + 1}…`);
	}

	// Each acts on the section in hand.
	split(yarn: number): void {
		const { at, sections } = this;
		const here = at === null ? undefined : sections[at];
		if (at === null || !here || here.rows < 2) return;
		this.#store(split(sections, this.start(at) + Math.ceil(here.rows / 2), yarn), 'split');
	}
	merge(): void {
		if (this.at === null) return;
		this.#store(merge(this.sections, this.at), 'merged');
	}
	recolour(yarn: number): void {
		const { at } = this;
		if (at === null) return;
		const sections = this.sections.map((s, i) => (i === at ? { ...s, yarn } : s));
		this.#store(sections, 'colour of a section');
	}
	/** One place towards the start (-1) or the end (1). */
	shift(by: -1 | 1): void {
		const { at, sections } = this;
		if (at === null || at + by < 0 || at + by >= sections.length) return;
		this.at = at + by;
		this.#store(reorder(sections, at, at + by), 'moved a section');
	}
	/** The section and the one after it once more, the total kept: the rest gives way by its shares. */
	repeat(): void {
		const { at, sections } = this;
		if (at === null) return;
		const pair = sections.slice(at, at + 2);
		const more = [...sections.slice(0, at + 2), ...pair, ...sections.slice(at + 2)];
		this.#store(evenOut(joined(more), total(sections)), 'repeated');
	}
	/** Section and its next neighbour become a fade between their colours. */
	fade(): void {
		const { at, sections } = this;
		const [a, b] = at === null ? [] : [sections[at], sections[at + 1]];
		if (at === null || !a || !b) return;
		const faded = fadeSections(a.rows + b.rows, a.yarn, b.yarn);
		this.#store([...sections.slice(0, at), ...faded, ...sections.slice(at + 2)], 'fade');
	}

	// Of the whole.
	swap(a: number, b: number): void {
		this.#store(swapColours(this.sections, a, b), 'swapped colours');
	}
	mirror(): void {
		this.#store(mirror(this.sections), 'mirrored');
	}
	evenOut(): void {
		const { sections } = this;
		const equal = sections.map((s) => ({ ...s, rows: 1 }));
		this.#store(evenOut(equal, total(sections)), 'evened out');
	}
	/** Whole stripes at both ends: the total may change by part of a stripe. */
	whole(typed: number): void {
		const rows = Math.max(1, Math.round(typed));
		const { sections } = this;
		const yarns = yarnsIn(sections);
		this.#store(wholeStripes(yarns, rows, total(sections)), 'whole stripes', true);
	}
	/** Rows in whole numbers: what was typed between two goes to the nearest. */
	random(seed: number, typed: { least: number; most: number }): void {
		const least = Math.max(1, Math.round(typed.least));
		const most = Math.max(leastMost(least), Math.round(typed.most));
		const { sections } = this;
		// In the order of their letters: the same seed gives the same stripes, whatever stood there before.
		const yarns = yarnsIn(sections).sort((a, b) => a - b);
		const rows = total(sections);
		this.#store(
			randomStripes({ yarns, rows, least, most }, randomLcg(seed / 2 ** 16)),
			'random stripes…'
		);
	}
	/** @param rowsOf whole rows that each yarn on hand lasts for */
	useUp(rowsOf: readonly number[]): void {
		this.#store(useUp(this.sections, rowsOf), 'balls used up', true);
	}
}
