import { crankTime } from '../amounts/time';
import type { Facts } from '../findings/facts';
import type { Finding } from '../findings/finding';
import { findingsFor, toFinding } from '../findings/findings';
import { finishSteps } from '../finish/steps';
import type { GaugeBook } from '../gauge/book';
import { gaugeFor, type Gauge } from '../gauge/gauge';
import type { Machine, Yarn } from '../model/bench';
import type { Bench, Project } from '../model/project';
import type { Estimate } from '../quantity/estimate';
import type { Design, DesignContext } from '../recipe/recipe';
import { recipeFor } from '../recipe/registry';
import { headCm, isBaby, VISIBLE_SHARE } from '../size/head';
import { gramsOnHand, type Lookup } from '../yarn/held-together';
import { amountsOf } from './amounts';
import type { GarmentWorks } from './garment-works';
import { planPiece } from './piece';
import { rowPlaces } from './places';
import { shapeOf, type Shape } from './shape';
import type { AsKnitted, NoPlan, Plan } from './types';

const missing = (project: Project, findings: Finding[]): NoPlan => ({
	ok: false,
	projectId: project.id,
	findings
});

export interface PlanOptions {
	readonly asKnitted?: AsKnitted | undefined;
	/** Of the same bench. */
	readonly book: GaugeBook;
	/** What garments are planned with; null where they are not at hand, and then a garment has no plan and no finding. */
	readonly works: GarmentWorks | null;
}

/** The plan of a project, with or without the works for garments; `plan` in `core/plan.ts` is the usual door. */
export function makePlan(
	project: Project,
	bench: Bench,
	{ asKnitted, book, works }: PlanOptions
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
	const context: DesignContext = {
		machine,
		gauge: (id) => gauges[ids.indexOf(id)]!,
		yarn: (id) => yarns[ids.indexOf(id)]!
	};
	const design = 'measures' in wish ? works?.design(wish, context) : recipe.design?.(wish, context);
	// A garment is planned where its works are at hand.
	if (!design) return missing(project, []);
	return derive(project, bench, { machine, yarns, gauges, design, wish }, works);
}

const flatLengthOf = (shape: Shape): Estimate =>
	shape.shape === 'hat'
		? shape.hat.tubeFlat
		: shape.shape === 'tube'
			? shape.tube.flatLength
			: shape.shape === 'garment'
				? shape.first.height
				: shape.flag.height;

interface Designed {
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly design: Design;
	readonly wish: Project['wish'];
}

function derive(
	project: Project,
	bench: Bench,
	designed: Designed,
	works: GarmentWorks | null
): Plan {
	const { machine, yarns, gauges, design, wish } = designed;
	const { assembly } = design;
	const hatWish = 'scheme' in wish ? wish : undefined;
	const joinTails = 'joinTails' in wish ? wish.joinTails : 'weave';
	const knitted = design.pieces.map((piece) =>
		planPiece({ piece, machine, gauges, assembly, joinTails })
	);
	const amounts = amountsOf({ machine, yarns, gauges, knitted });
	const pieces = knitted.map((k) => k.planned(amounts));
	const shape =
		'measures' in wish
			? works!.shape({ wish, machine, yarns, gauges, pieces, made: design.made! })
			: shapeOf({ wish, machine, gauges, assembly, pieces });
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
		tubeWish: 'stripes' in wish && 'fill' in wish ? wish : undefined,
		garment:
			shape.shape === 'garment' && 'measures' in wish ? { wish, shape: shape.garment } : undefined,
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
		steps:
			works && shape.shape === 'garment'
				? works.steps(shape.garment, pieces)
				: finishSteps({
						assembly,
						pieces,
						joinTails,
						layerFlatCm: shape.shape === 'hat' ? shape.hat.layerFlat.mean : 0,
						stringCm: shape.shape === 'flags' ? shape.flag.string.mean : 0,
						worn: hatWish && isBaby(hatWish.head) ? 'baby' : wish.recipe === 'sock' ? 'foot' : null
					}),
		findings: findingsFor(facts, works && facts.garment ? works.rules : [])
	};
}
