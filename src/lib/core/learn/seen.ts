import { gaugeBook } from '../bench/gauge/book';
import { gaugeFor } from '../bench/gauge/gauge';
import type { Lessons } from '../bench/gauge/taught';
import { lessonsOf } from '../bench/gauge/untaught';
import type { Side } from '../bench/gauge/density';
import type { Fault } from '../crank/run';
import type { Fed, Machine, Yarn } from '../model/bench';
import type { Bench, Evidence, MeasuredResult, Project } from '../model/project';
import type { Estimate } from '../quantity/estimate';

/** What logs show over time. Times are those of the looks; densities to the cm, lengths in cm. */

/** One finished thing as a gauge of its own. */
export interface SeenThing {
	readonly resultId: string;
	readonly projectId: string;
	readonly name: string;
	readonly at: number;
	/** The density that this thing alone would say, as it is known: by the size that says most of it, its state and feeding set apart. */
	readonly density: number;
	readonly odd: boolean;
	/** What was known with it and all before. */
	readonly known: Estimate;
}

/** A size says something of a density where it moves with it by so much. */
const TELLING = 0.3;

interface ApartOf {
	readonly keyOf: (on: Evidence['on'][number]) => string;
	/** What a look has more of a density, in logs, by its state and the way it was fed. */
	readonly apart: Lessons['apart'];
}

/** The density that one look alone would say, by the size that hangs most by it; null where none does. */
function densityBy(e: Evidence, pair: string, side: Side, { keyOf, apart }: ApartOf) {
	let most: { move: number; density: number } | null = null;
	for (const size of e.sizes)
		for (const by of size.by) {
			const on = e.on[by.on];
			const move = by[side];
			if (
				!on ||
				keyOf(on) !== pair ||
				Math.abs(move) < Math.max(TELLING, Math.abs(most?.move ?? 0))
			)
				continue;
			const taken = side === 'rows' ? on.rowsPerCm : on.stitchesPerCm;
			most = {
				move,
				density: taken * Math.exp(Math.log(size.ratio) / move - apart(on, side, e.state))
			};
		}
	return most?.density ?? null;
}

/** Every thing that spoke of one density of a machine and yarn, oldest first, with what was known then. */
export function gaugeOverTime(
	{ machine, yarn }: { readonly machine: Machine; readonly yarn: Yarn },
	side: Side,
	bench: Bench,
	results: readonly MeasuredResult[]
): SeenThing[] {
	const book = gaugeBook(bench);
	const pair = book.pair(machine.id, yarn);
	const { apart } = lessonsOf(book);
	const byId = new Map(results.map((r) => [r.id as string, r]));
	const atOf = (e: Evidence) => byId.get(e.resultId)?.at ?? 0;
	const looks = bench.evidence
		.filter((e) => e.on.some((on) => book.keyOf(on) === pair))
		.sort((a, b) => atOf(a) - atOf(b));
	return looks.flatMap((e, i): SeenThing[] => {
		const density = densityBy(e, pair, side, { keyOf: book.keyOf, apart });
		if (density === null) return [];
		const then = gaugeBook({ ...bench, evidence: looks.slice(0, i + 1) });
		const gauge = gaugeFor({ machine, yarn, book: then, useFresh: false });
		return [
			{
				resultId: e.resultId,
				projectId: e.projectId,
				name: e.projectName,
				at: atOf(e),
				density,
				odd: byId.get(e.resultId)?.sizes.some((s) => s.odd) ?? false,
				known: side === 'rows' ? gauge.rowsPerCm : gauge.stitchesPerCm
			}
		];
	});
}

/** One size that was foretold and measured. */
export interface SeenSize {
	readonly key: string;
	readonly projectId: string;
	readonly name: string;
	readonly label: string;
	readonly at: number;
	readonly foretold: number;
	/** One sd of it. */
	readonly sd: number;
	readonly measured: number;
	readonly odd: boolean;
}

/** Everything that was foretold and measured, oldest first. */
export function foretoldAndMeasured(
	projects: readonly Project[],
	results: readonly MeasuredResult[]
): SeenSize[] {
	const names = new Map<string, string>(projects.map((p) => [p.id, p.name]));
	return results
		.flatMap((r) =>
			r.sizes.flatMap((m): SeenSize[] => {
				const told = r.forecast?.sizes.find((s) => s.id === m.id);
				if (!told) return [];
				return [
					{
						key: `${r.id} ${m.id}`,
						projectId: r.projectId,
						name: names.get(r.projectId) ?? '',
						label: told.label,
						at: r.at,
						foretold: told.cm,
						sd: told.sd,
						measured: m.cm,
						odd: m.odd
					}
				];
			})
		)
		.sort((a, b) => a.at - b.at);
}

/** How many faults were noted at each pin, from 1. */
export function faultsByPin(faults: readonly number[], pins: number): number[] {
	const counts = Array.from({ length: pins }, () => 0);
	for (const pin of faults) {
		const i = pin - 1;
		if (i >= 0 && i < pins) counts[i] = (counts[i] ?? 0) + 1;
	}
	return counts;
}

/** Faults of one yarn fed one way. */
export interface FaultsFed {
	/** Null where it was not kept. */
	readonly yarnId: Yarn['id'] | null;
	readonly fed: Fed | null;
	readonly faults: number;
}
/** How many faults were noted with each yarn, fed each way, the most first. */
export function faultsFed(faults: readonly Pick<Fault, 'yarnId' | 'fed'>[]): FaultsFed[] {
	const by = new Map<string, FaultsFed>();
	for (const { yarnId = null, fed = null } of faults) {
		const key = `${yarnId ?? ''} ${fed ? `${fed.slot} ${fed.hand}` : ''}`;
		by.set(key, { yarnId, fed, faults: (by.get(key)?.faults ?? 0) + 1 });
	}
	return [...by.values()].sort((a, b) => b.faults - a.faults);
}
