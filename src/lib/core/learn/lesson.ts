import { gaugeBook } from '../bench/gauge/book';
import { gaugeFor, type Gauge } from '../bench/gauge/gauge';
import { pacesOn, type Pace } from '../crank/time';
import type { Machine, Yarn } from '../model/bench';
import type { Bench, Forecast, MeasuredResult, Project } from '../model/project';
import type { Options } from '../model/options';
import { plan, type Plan } from '../plan';
import type { Estimate } from '../quantity/estimate';
import { recipeFor } from '../recipe';
import { benchBefore, forecastOf } from './forecast';
import { LENGTH_IDS } from './measured';

/** A value that was foretold beside the measured one. */
export interface Compared {
	/** A size by its id, or what is weighed or timed. */
	readonly what: string;
	readonly label: string;
	readonly kind: 'length' | 'mass' | 'minutes';
	/** Null where nothing of the kind was foretold. */
	readonly planned: Pick<Estimate, 'mean' | 'sd'> | null;
	readonly measured: number;
	/** How far the measured value lies from the planned one, in the plan's own standard deviations. */
	readonly deviations: number;
	/** Kept though it is marked odd. */
	readonly odd: boolean;
}

export interface Lesson {
	/** What the plan expected of the rows really knitted, before this project's own results were known. */
	readonly before: Plan;
	readonly told: Forecast;
	/** The next one like it, planned with what was learned. */
	readonly next: Plan;
	readonly nextOptions: Options;
}

/**
 * What to ask of the next one: a row count was chosen for the length it promised, so that length is wished;
 * any other options stays, and takes its rows from the new gauge.
 */
export const nextOptions = (options: Options, before: Plan): Options =>
	recipeFor(options)?.asLength?.(options, before.finished) ?? options;

/** What a finished project makes of the next; undefined where it cannot be planned any more. */
export function lesson(
	project: Project,
	bench: Bench,
	result: Pick<MeasuredResult, 'rowsKnitted' | 'forecast'>
): Lesson | undefined {
	const before = forecastOf(project, bench, result.rowsKnitted);
	const promised = plan(project, benchBefore(bench, project.id));
	if (!before || !promised.ok) return undefined;
	const options = nextOptions(project.options, promised);
	const next = plan({ ...project, options }, bench);
	if (!next.ok) return undefined;
	const told = result.forecast ?? before.forecast;
	return { before: before.plan, told, next, nextOptions: options };
}

/** The whole length of a plan's first piece as it lies; undefined where it is no matter of one length. */
export const wholeLength = (p: Plan): Estimate | undefined =>
	LENGTH_IDS.flatMap((id) => p.sizes.find((s) => s.id === id) ?? [])[0]?.figure.value;

/** What was measured of things before their sizes had names. */
const OLD_LABELS: Readonly<Record<string, string>> = {
	length: 'Length, flat',
	width: 'Width, flat'
};

/** Every measured value of a result beside what was foretold. */
export function compare(told: Forecast, result: MeasuredResult): Compared[] {
	const one = (
		c: Pick<Compared, 'what' | 'label' | 'kind' | 'measured'>,
		planned: Compared['planned'],
		odd = false
	): Compared => ({
		...c,
		planned,
		odd,
		deviations: planned && planned.sd > 0 ? (c.measured - planned.mean) / planned.sd : 0
	});
	const sizes = result.sizes.map(({ id, cm, odd }) => {
		const size = told.sizes.find((s) => s.id === id);
		const label = size?.label ?? OLD_LABELS[id] ?? id;
		const planned = size ? { mean: size.cm, sd: size.sd } : null;
		return one({ what: id, label, kind: 'length', measured: cm }, planned, odd);
	});
	const { grams, minutes } = result;
	return [
		...sizes,
		...(grams === null
			? []
			: [one({ what: 'grams', label: 'Weight', kind: 'mass', measured: grams }, told.grams)]),
		...(minutes === null
			? []
			: [one({ what: 'minutes', label: 'Time', kind: 'minutes', measured: minutes }, told.minutes)])
	];
}

/** The gauge of one machine with one yarn before a project taught anything, and with what it taught. */
export interface Moved {
	readonly machine: Machine;
	readonly yarn: Yarn;
	readonly was: Gauge;
	readonly is: Gauge;
}

/** What the results of a project changed in the gauges of all it was knitted on; of colours of one yarn the first stands for all. */
export function movedBy(projectId: string, bench: Bench): Moved[] {
	const before = gaugeBook(benchBefore(bench, projectId));
	const after = gaugeBook(bench);
	const seen = new Set<string>();
	return bench.evidence
		.filter((e) => e.projectId === projectId)
		.flatMap((e) => e.on)
		.flatMap((on) => {
			const machine = bench.machines.find((m) => m.id === on.machineId);
			const named = bench.yarns.find((y) => y.id === on.yarnId);
			if (!machine || !named) return [];
			const yarn = { ...named, strands: on.strands };
			const pair = after.pair(machine.id, yarn);
			if (seen.has(pair)) return [];
			seen.add(pair);
			const of = { machine, yarn, useFresh: false };
			return [
				{
					machine,
					yarn,
					was: gaugeFor({ ...of, book: before }),
					is: gaugeFor({ ...of, book: after })
				}
			];
		});
}

/** The maker's pace in a kind of work on a machine, as many times as long as most take, before and with what a project taught. */
export interface PaceMoved {
	readonly machine: Machine;
	readonly of: Pace['of'];
	/** Null where nothing was known of it apart. */
	readonly was: Estimate | null;
	readonly is: Estimate;
}

/** What the times of a project changed in the maker's pace; joins and other work of hands once, whichever machine. */
export function paceMovedBy(projectId: string, bench: Bench): PaceMoved[] {
	const own = bench.evidence.filter((e) => e.projectId === projectId);
	const before = benchBefore(bench, projectId).evidence;
	const ids = new Set(
		own.flatMap((e) => [e.machineId, ...(e.paced ?? []).map((p) => p.machineId)])
	);
	const seen = new Set<string>();
	return [...ids].flatMap((id) => {
		const machine = bench.machines.find((m) => m.id === id);
		if (!machine) return [];
		const was = pacesOn(id, before);
		return pacesOn(id, bench.evidence).flatMap((pace): PaceMoved[] => {
			const old = was.find((w) => w.of === pace.of);
			const anywhere = pace.of === 'joins' || pace.of === 'hands';
			const key = anywhere ? pace.of : `${id} ${pace.of}`;
			const taught =
				pace.timed > 0 && (old?.timed !== pace.timed || old.factor.mean !== pace.factor.mean);
			if (!taught || seen.has(key)) return [];
			seen.add(key);
			return [
				{ machine, of: pace.of, was: old && old.timed > 0 ? old.factor : null, is: pace.factor }
			];
		});
	});
}
