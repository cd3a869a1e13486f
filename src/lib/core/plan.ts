import { tailsOf, type Tail } from './amounts/tails';
import { crankTime } from './amounts/time';
import { yarnAmount, type YarnAmount } from './amounts/yarn';
import type { Assembly } from './assemble/assembly';
import { finishHat, type FinishedHat } from './assemble/finished';
import { tuckTube, type TuckedTube } from './assemble/tucked-tube';
import type { Facts } from './findings/facts';
import type { Finding } from './findings/finding';
import { findingsFor, toFinding } from './findings/findings';
import { finishSteps, type FinishStep } from './finish/steps';
import { gaugeBook, type GaugeBook } from './gauge/book';
import { gaugeFor, type Gauge } from './gauge/gauge';
import { hatFigures, type HatFigures } from './plan/figures';
import type { Machine, Yarn, YarnId } from './model/bench';
import type { Bench, Project } from './model/project';
import { programRows, WASTE, type Program } from './program/program';
import { estimate, exact, quotient, scale, weakest, type Estimate } from './quantity/estimate';
import type { Figure, Working } from './quantity/working';
import type { Design } from './recipe/recipe';
import { recipeFor } from './recipe/registry';
import { runSheet, sectionRows, type RunSheet, type SectionRow } from './runsheet/runsheet';
import { stitchesByYarn, yarnRuns, type YarnRun } from './simulate/fabric';
import { simulate } from './simulate/simulate';
import { gramsOnHand, type Lookup } from './yarn/held-together';
import { headCm, isBaby, VISIBLE_SHARE } from './size/head';

export interface PlannedPiece {
	readonly id: string;
	readonly name: string;
	readonly count: number;
	readonly program: Program;
	readonly yarns: readonly YarnId[];
	/** Main rows by yarn, from 0, waste apart. */
	readonly runs: readonly YarnRun[];
	readonly mainRows: number;
	readonly wasteRows: number;
	/** Yarn in the waste rows, m. */
	readonly wasteMetres: number;
	readonly rowsWorking: Working;
	readonly sectionsWorking: Working;
	readonly sections: readonly SectionRow[];
	readonly sheet: RunSheet;
	readonly tails: readonly Tail[];
}

/** Everything that follows from a project and a bench. Plain data: no functions, no typed arrays. */
export interface Plan {
	readonly ok: true;
	readonly projectId: string;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly pieces: readonly PlannedPiece[];
	readonly assembly: Assembly;
	readonly tucked: TuckedTube;
	readonly hat: FinishedHat;
	readonly figures: HatFigures;
	readonly amounts: readonly YarnAmount[];
	readonly time: Figure;
	readonly steps: readonly FinishStep[];
	readonly findings: readonly Finding[];
}

/** A plan that cannot be made, and why. */
export interface NoPlan {
	readonly ok: false;
	readonly projectId: string;
	readonly findings: readonly Finding[];
}

/** Rows really made, to see what size they give; the rest of the wish stands. */
export interface AsKnitted {
	readonly rows: number;
}

const missing = (project: Project, findings: Finding[]): NoPlan => ({
	ok: false,
	projectId: project.id,
	findings
});

/** Flat length of the runs, each by its yarn's rows per cm; lengths of one gauge vary together. */
function lengthOf(runs: readonly YarnRun[], gauges: readonly Gauge[]): Estimate {
	const rows = gauges.map((_, yarn) =>
		runs.reduce((t, r) => t + (r.yarn === yarn ? r.to - r.from : 0), 0)
	);
	const used = gauges.flatMap((g, i) =>
		rows[i]! > 0 ? [quotient(exact(rows[i]!), g.rowsPerCm)] : []
	);
	// Colours of one yarn share their readings, so their errors add up and do not cancel.
	return estimate(
		used.reduce((t, e) => t + e.mean, 0),
		used.reduce((t, e) => t + e.sd, 0),
		weakest(...used.map((e) => e.basis))
	);
}

function amountsOf(
	machine: Machine,
	yarns: readonly Yarn[],
	gauges: readonly Gauge[],
	piece: {
		stitches: Map<number, number>;
		runs: readonly YarnRun[];
		tails: readonly Tail[];
		wasteStart: boolean;
	}
): YarnAmount[] {
	return yarns.flatMap((of, yarn) => {
		const stitches = piece.stitches.get(yarn) ?? 0;
		if (stitches === 0) return [];
		const castsOn = !piece.wasteStart && piece.runs[0]?.yarn === yarn;
		return [
			yarnAmount({
				yarn,
				of,
				gauge: gauges[yarn]!,
				stitches,
				runs: piece.runs,
				tails: piece.tails.filter((t) => t.yarn === yarn),
				pins: machine.pins,
				castOnMetres: castsOn ? machine.ringCm / 100 : 0
			})
		];
	});
}

/**
 * The front door: from what the maker chose and what the bench knows to everything that follows.
 * `book` may be given where many plans are made of one bench; it must be of that bench.
 * Pure and deterministic. Where it cannot plan it says why in findings; it never throws on valid data.
 */
export function plan(
	project: Project,
	bench: Bench,
	asKnitted?: AsKnitted,
	book: GaugeBook = gaugeBook(bench)
): Plan | NoPlan {
	const machine = bench.machines.find((m) => m.id === project.machineId);
	if (!machine) {
		const body = { code: 'machine-missing' } as const;
		return missing(project, [toFinding({ body, severity: 'stop', where: { at: 'bench' } }, [])]);
	}
	const recipe = recipeFor(project.wish);
	const wish = asKnitted ? recipe.withRows(project.wish, asKnitted.rows) : project.wish;
	const ids = recipe.yarns(wish);
	const lost = ids.filter((id) => !bench.yarns.some((y) => y.id === id));
	if (lost.length > 0) {
		const body = (yarnId: string) => ({ code: 'yarn-missing', yarnId }) as const;
		return missing(
			project,
			lost.map((id) => toFinding({ body: body(id), severity: 'stop', where: { at: 'bench' } }, []))
		);
	}
	const lookup: Lookup = (id) => bench.yarns.find((y) => y.id === id);
	const yarns = ids.map((id) => {
		const yarn = lookup(id)!;
		return { ...yarn, gramsOnHand: gramsOnHand(yarn, lookup) };
	});
	const { useFresh } = project;
	const gauges = yarns.map((yarn) => gaugeFor({ machine, yarn, book, useFresh }));
	const design = recipe.design(wish, {
		machine,
		gauge: (id) => gauges[ids.indexOf(id)]!
	});
	return derive(project, bench, { machine, yarns, gauges, design, wish });
}

interface Designed {
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly design: Design;
	readonly wish: Project['wish'];
}

function derive(project: Project, bench: Bench, designed: Designed): Plan {
	const { machine, yarns, gauges, design, wish } = designed;
	const piece = design.pieces[0]!;
	const { fabric, faults } = simulate(piece.program, machine);
	const allRuns = yarnRuns(fabric);
	const wasteStart = allRuns[0]?.yarn === WASTE ? allRuns[0].to : 0;
	const runs = allRuns
		.filter((r) => r.yarn !== WASTE)
		.map((r) => ({ ...r, from: r.from - wasteStart, to: r.to - wasteStart }));
	const mainRows = runs.at(-1)?.to ?? 0;
	const stitches = stitchesByYarn(fabric);
	const main = gauges[0]!;
	const tails = tailsOf(runs, design.assembly, machine.ringCm);
	const amounts = amountsOf(machine, yarns, gauges, {
		stitches,
		runs,
		tails,
		wasteStart: wasteStart > 0
	});
	const head = headCm(wish.head);
	const tucked = tuckTube(runs, design.assembly, piece.id)!;
	const brim = design.assembly.find((s) => s.do === 'turn-up');
	const hat = finishHat({
		tucked,
		rowsPerCm: gauges.map((g) => g.rowsPerCm.mean),
		tubeFlat: lengthOf(runs, gauges),
		circumference: quotient(exact(machine.pins), main.stitchesPerCm),
		shortening: main.wear.shortening,
		headCm: head,
		brimCm: brim?.do === 'turn-up' ? brim.heightCm : 0
	});
	const endTail = tails.find((t) => t.id === 'cast-off');
	const sheet = runSheet({
		runs: allRuns,
		machine,
		rowsPerCm: main.rowsPerCm.mean,
		joinTails: wish.joinTails,
		takeOff: wish.wasteEnd > 0 ? 'crank' : 'needle',
		tailCm: endTail?.lengthCm ?? 0,
		runsOut: amounts.flatMap((a) =>
			a.runsOutAtRow === null ? [] : [{ yarn: a.yarn, mainRow: a.runsOutAtRow }]
		)
	});
	const facts: Facts = {
		project: { ...project, wish },
		machine,
		yarns,
		gauges,
		swatches: bench.swatches,
		tests: bench.tests,
		bench: bench.yarns,
		runs,
		mainRows,
		faults,
		tucked,
		hat,
		amounts,
		usualHeightCm: wish.visibleCm ?? VISIBLE_SHARE * head
	};
	const wasteStitches = stitches.get(WASTE) ?? 0;
	return {
		ok: true,
		projectId: project.id,
		machine,
		yarns,
		gauges,
		pieces: [
			{
				id: piece.id,
				name: piece.name,
				count: piece.count,
				program: piece.program,
				yarns: piece.yarns,
				runs,
				mainRows,
				wasteRows: programRows(piece.program) - mainRows,
				wasteMetres: scale(main.loopCm, wasteStitches / 100).mean,
				rowsWorking: piece.rowsWorking,
				sectionsWorking: piece.sectionsWorking,
				sections: sectionRows(sheet),
				sheet,
				tails
			}
		],
		assembly: design.assembly,
		tucked,
		hat,
		figures: hatFigures({ hat, machine, gauges, mainRows, head }),
		amounts,
		time: crankTime(mainRows, machine.id, bench.evidence),
		steps: finishSteps({
			assembly: design.assembly,
			pins: machine.pins,
			tails,
			wasteStart: wish.wasteStart > 0,
			wasteEnd: wish.wasteEnd > 0,
			joinTails: wish.joinTails,
			layerFlatCm: hat.layerFlat.mean,
			baby: isBaby(wish.head)
		}),
		findings: findingsFor(facts)
	};
}
