import { gaugeBook } from '$lib/core/bench/gauge/book';
import { gaugeFor } from '$lib/core/bench/gauge/gauge';
import { density } from '$lib/core/bench/gauge/density';
import { parseReadingSide } from '$lib/core/bench/gauge/notation';
import { countsOf } from '$lib/core/convert/pattern/counts';
import { readPattern, type Instruction } from '$lib/core/convert/pattern/read';
import { sizeNames } from '$lib/core/convert/pattern/sizes';
import { takenPiece, takenSeam } from '$lib/core/convert/pieces/free';
import { piecesOf } from '$lib/core/convert/pieces/pieces';
import { ASKED } from '$lib/core/convert/pieces/walk';
import type { SomeGauge, TheirGauge } from '$lib/core/convert/written';
import type { Machine, Yarn } from '$lib/core/model/bench';
import type { Bench } from '$lib/core/model/project';
import type { WrittenPattern } from '$lib/core/model/written';
import type { Units } from '$lib/core/quantity/units';
import { makePieces } from '$lib/core/recipe/garments/make';
import { garmentDefaults } from '$lib/core/recipe/garments/start';
import type { GarmentOptions } from '$lib/core/recipe/garments/options';
import { wordWhy } from '$lib/core/words/pattern';
import { wordGuess } from '$lib/core/words/pieces';

/** What a written pattern is read for. */
export interface On {
	readonly pattern: WrittenPattern;
	readonly machine: Machine;
	readonly yarn: Yarn;
	readonly bench: Bench;
	readonly units: Units;
}
export const SIDES = ['stitches', 'rows'] as const;
type Side = (typeof SIDES)[number];
/** A panel has at most as many; more are not taken at once. */
export const MOST_PIECES = 12;

/** A stretch of the text with all that was read of it, and what is to be said of that. */
export interface Stretch {
	readonly from: number;
	readonly to: number;
	readonly as: Instruction['as'];
	readonly of: readonly Instruction[];
	readonly whys: readonly string[];
}
const WORST: readonly Instruction['as'][] = ['needs-you', 'guess', 'not-here', 'taken', 'words'];

/** A written pattern as it was read, its pieces in its own gauge, and as they are knitted in the maker's. */
export class Reading {
	readonly #on: () => On;
	constructor(on: () => On) {
		this.#on = on;
	}
	readonly on = $derived.by(() => this.#on());
	readonly pattern = $derived(this.on.pattern);
	readonly read = $derived(
		readPattern(this.pattern.text, this.pattern.size, this.pattern.corrections)
	);
	readonly sizes = $derived(sizeNames(this.pattern.text, this.read.sizes));
	readonly mine = $derived.by(() => {
		const { machine, yarn, bench } = this.on;
		return gaugeFor({ machine, yarn, book: gaugeBook(bench), useFresh: false });
	});

	/** One side of its gauge as the maker typed it. */
	typed(side: Side) {
		const { pattern, machine, units } = this.on;
		const { notation } = pattern;
		// A written pattern has no machine: its tube is as many stitches as its own gauge says.
		return parseReadingSide(pattern[side], {
			notation,
			side,
			units,
			pins: machine.pins,
			tubeRows: 40
		});
	}
	/** Its gauge, per cm, as far as the maker typed it or the text says it. */
	readonly theirs: SomeGauge = $derived.by(() => {
		const of = (side: Side, said: number | null | undefined) => {
			const typed = this.typed(side);
			return typed.ok ? density(typed.value) : (said ?? null);
		};
		return {
			stitchesPerCm: of('stitches', this.read.gauge?.stitchesPerCm),
			rowsPerCm: of('rows', this.read.gauge?.rowsPerCm)
		};
	});
	readonly density = $derived({
		stitchesPerCm: this.mine.stitchesPerCm.mean,
		rowsPerCm: this.mine.rowsPerCm.mean
	});
	/** By what its stitches and rows are drawn: the maker's gauge where it says none. */
	readonly draw: TheirGauge = $derived({
		stitchesPerCm: this.theirs.stitchesPerCm ?? this.density.stitchesPerCm,
		rowsPerCm: this.theirs.rowsPerCm ?? this.density.rowsPerCm
	});
	readonly taken = $derived(
		piecesOf(this.read, {
			source: this.pattern.text,
			gauge: this.theirs,
			draw: this.draw,
			ways: this.pattern.ways
		})
	);
	readonly strips = $derived(this.taken.pieces.flatMap((p) => p.strips));
	readonly seams = $derived(this.taken.seams.filter((s) => !this.pattern.apart.includes(s.name)));
	readonly counts = $derived(countsOf(this.read, this.pattern.text));

	/** The project that it would be. */
	readonly options = $derived.by((): GarmentOptions | undefined => {
		const { bench, yarn } = this.on;
		const start = garmentDefaults('free-garment', bench);
		const from = { read: this.read, source: this.pattern.text };
		return (
			start && {
				...start,
				yarns: [yarn.id],
				wasteStart: 4,
				pieces: this.strips.slice(0, MOST_PIECES).map((s) => takenPiece(s, this.draw, from)),
				seams: this.seams.map(takenSeam)
			}
		);
	});
	/** The pieces as the maker's machine and yarn knit them. */
	readonly made = $derived(
		this.options && this.strips.length > 0
			? makePieces(this.options, { machine: this.on.machine, density: this.density })
			: null
	);

	/** The text in stretches, each once: with what was guessed, and what the maker has to say. */
	readonly stretches = $derived.by((): Stretch[] => {
		const out: {
			from: number;
			to: number;
			of: Instruction[];
			whys: string[];
			asked: boolean;
			guessed: boolean;
		}[] = [];
		for (const [i, one] of this.read.instructions.entries()) {
			const notes = this.taken.notes.filter((n) => n.at === i);
			const whys = [
				...(one.why ? [wordWhy(one.why)] : []),
				...notes.map((n) => wordGuess(n.guess)).filter((w, k, all) => all.indexOf(w) === k)
			];
			const asked = notes.some((n) => ASKED.includes(n.guess.code));
			const guessed = notes.length > 0;
			const last = out.at(-1);
			if (last && last.from === one.from && last.to === one.to) {
				last.of.push(one);
				last.whys.push(...whys.filter((w) => !last.whys.includes(w)));
				last.asked ||= asked;
				last.guessed ||= guessed;
			} else out.push({ from: one.from, to: one.to, of: [one], whys, asked, guessed });
		}
		return out.map(({ asked, guessed, ...s }) => {
			const worst = WORST.find((as) => s.of.some((x) => x.as === as)) ?? 'words';
			const as = asked ? 'needs-you' : guessed && worst !== 'needs-you' ? 'guess' : worst;
			return { ...s, as };
		});
	});
}
