import { crankTime } from './amounts/time';
import type { YarnAmount } from './amounts/yarn';
import type { Assembly } from './assemble/assembly';
import type { FinishedHat } from './assemble/finished';
import type { FinishedTube } from './assemble/finished-tube';
import type { Flag } from './assemble/flag';
import type { TuckedTube } from './assemble/tucked-tube';
import type { Facts } from './findings/facts';
import type { Finding } from './findings/finding';
import { findingsFor, toFinding } from './findings/findings';
import { finishSteps, type FinishStep } from './finish/steps';
import { gaugeBook, type GaugeBook } from './gauge/book';
import { gaugeFor, type Gauge } from './gauge/gauge';
import type { Machine, Yarn } from './model/bench';
import type { Bench, HatProject, Project } from './model/project';
import type { FlagFigures } from './plan/flag-figures';
import type { HatFigures } from './plan/figures';
import type { TubeFigures } from './plan/tube-figures';
import { amountsOf } from './plan/amounts';
import { rowPlaces } from './plan/places';
import { shapeOf, type Shape } from './plan/shape';
import type { Estimate } from './quantity/estimate';
import { planPiece, type PlannedPiece } from './plan/piece';
import type { Figure } from './quantity/working';
import type { Design } from './recipe/recipe';
import { recipeFor } from './recipe/registry';
import { isBaby, headCm, VISIBLE_SHARE } from './size/head';
import { gramsOnHand, type Lookup } from './yarn/held-together';

export type { PlannedPiece } from './plan/piece';

interface PlanBase {
	readonly ok: true;
	readonly projectId: string;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	/** In order of making. */
	readonly pieces: readonly PlannedPiece[];
	readonly assembly: Assembly;
	readonly amounts: readonly YarnAmount[];
	readonly time: Figure;
	readonly steps: readonly FinishStep[];
	readonly findings: readonly Finding[];
}

/** A tube tucked into itself and worn. */
export interface HatPlan extends PlanBase {
	readonly shape: 'hat';
	readonly tucked: TuckedTube;
	readonly hat: FinishedHat;
	readonly figures: HatFigures;
}

/** Flags on a cord. */
export interface FlagsPlan extends PlanBase {
	readonly shape: 'flags';
	readonly flag: Flag;
	readonly figures: FlagFigures;
}

/** A tube that is worn or used as it comes off. */
export interface TubePlan extends PlanBase {
	readonly shape: 'tube';
	readonly tube: FinishedTube;
	readonly figures: TubeFigures;
}

/** Everything that follows from a project and a bench. Plain data: no functions, no typed arrays. */
export type Plan = HatPlan | FlagsPlan | TubePlan;

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

/**
 * The front door: from what the maker chose and what the bench knows to everything that follows.
 * `book` may be given where many plans are made of one bench; it must be of that bench.
 * Pure and deterministic. Where it cannot plan it says why in findings; it never throws on valid data.
 */
export function plan(
	project: HatProject,
	bench: Bench,
	asKnitted?: AsKnitted,
	book?: GaugeBook
): HatPlan | NoPlan;
export function plan(
	project: Project,
	bench: Bench,
	asKnitted?: AsKnitted,
	book?: GaugeBook
): Plan | NoPlan;
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
		gauge: (id) => gauges[ids.indexOf(id)]!,
		yarn: (id) => yarns[ids.indexOf(id)]!
	});
	return derive(project, bench, { machine, yarns, gauges, design, wish });
}

const flatLengthOf = (shape: Shape): Estimate =>
	shape.shape === 'hat'
		? shape.hat.tubeFlat
		: shape.shape === 'tube'
			? shape.tube.flatLength
			: shape.flag.height;

interface Designed {
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly design: Design;
	readonly wish: Project['wish'];
}

function derive(project: Project, bench: Bench, designed: Designed): Plan {
	const { machine, yarns, gauges, design, wish } = designed;
	const { assembly } = design;
	const hatWish = 'scheme' in wish ? wish : undefined;
	const joinTails = 'joinTails' in wish ? wish.joinTails : 'weave';
	const knitted = design.pieces.map((piece) =>
		planPiece({ piece, machine, gauges, assembly, joinTails })
	);
	const amounts = amountsOf({ machine, yarns, gauges, knitted });
	const pieces = knitted.map((k) => k.planned(amounts));
	const shape = shapeOf({ wish, machine, gauges, assembly, pieces });
	const main = pieces[0]!;
	const facts: Facts = {
		project: { ...project, wish },
		machine,
		yarns,
		gauges,
		swatches: bench.swatches,
		tests: bench.tests,
		bench: bench.yarns,
		runs: main.runs,
		mainRows: main.mainRows,
		faults: knitted.flatMap((k) => k.faults),
		tucked: shape.shape === 'hat' ? shape.tucked : undefined,
		hat: shape.shape === 'hat' ? shape.hat : undefined,
		flag: shape.shape === 'flags' ? shape.flag : undefined,
		hatWish,
		tubeWish: 'stripes' in wish ? wish : undefined,
		round: shape.shape === 'tube' ? shape.tube.round : null,
		places: () => rowPlaces({ ...shape, assembly, pieces }),
		flatLength: flatLengthOf(shape),
		amounts,
		usualHeightCm: hatWish && (hatWish.visibleCm ?? VISIBLE_SHARE * headCm(hatWish.head))
	};
	return {
		ok: true,
		projectId: project.id,
		machine,
		yarns,
		gauges,
		pieces,
		assembly,
		...shape,
		amounts,
		time: crankTime(
			pieces.reduce((t, p) => t + p.mainRows * p.count, 0),
			machine.id,
			bench.evidence
		),
		steps: finishSteps({
			assembly,
			pieces,
			joinTails,
			layerFlatCm: shape.shape === 'hat' ? shape.hat.layerFlat.mean : 0,
			stringCm: shape.shape === 'flags' ? shape.flag.string.mean : 0,
			worn: hatWish && isBaby(hatWish.head) ? 'baby' : wish.recipe === 'sock' ? 'foot' : null
		}),
		findings: findingsFor(facts)
	};
}
