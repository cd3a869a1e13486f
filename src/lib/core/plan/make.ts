import { crankTime } from '../crank/time';
import type { Facts } from '../finding/facts';
import type { Finding } from '../finding/finding';
import { toFinding } from '../finding/to-finding';
import type { GaugeBook } from '../bench/gauge/book';
import { gaugeFor, type Gauge } from '../bench/gauge/gauge';
import type { Machine, MachineId, Yarn } from '../model/bench';
import type { Bench, Project } from '../model/project';
import type { Estimate } from '../quantity/estimate';
import type { Design, DesignContext, OnMachine } from '../recipe/recipe';
import { recipeFor } from '../recipe/registry';
import { isThingWish } from '../recipe/thing';
import { headCm, isBaby, VISIBLE_SHARE } from '../bench/size/head';
import { gramsOnHand, type Lookup } from '../bench/yarn/parts';
import { amountsOf } from '../crank/amounts';
import { handYarnOf, jointsOf, stepsOf, tailUse, toolsOf } from '../technique';
import { knitPiece, type PlannedPiece } from '../crank/piece';
import { countProgram, excessOf, loadOf } from '../program/load';
import { shapeOf, type Shape } from './shape';
import type { Counsel } from './counsel';
import type { AsKnitted, NoPlan, Plan } from './types';
import type { Works } from './works';

const missing = (project: Project, findings: Finding[]): NoPlan => ({
	ok: false,
	projectId: project.id,
	findings
});

export interface PlanOptions {
	readonly asKnitted?: AsKnitted | undefined;
	/** Of the same bench. */
	readonly book: GaugeBook;
	/** What garments and things are planned with; null where they are not at hand: those have no plan then, and no finding. */
	readonly works: Works | null;
	/** Null where only pieces, sizes and sums are wanted: the plan has no finishing steps then, and no findings. */
	readonly counsel: Counsel | null;
}

/** The plan of a project, with or without the works for garments and things; `plan` in `core/plan.ts` is the usual door. */
export function makePlan(
	project: Project,
	bench: Bench,
	{ asKnitted, book, works, counsel }: PlanOptions
): Plan | NoPlan {
	const machine = bench.machines.find((m) => m.id === project.machineId);
	const named = recipeFor(project.wish).machines?.(project.wish) ?? [];
	if (!machine || named.some((id) => !bench.machines.some((m) => m.id === id))) {
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
	const gaugesOn = (machine: Machine) =>
		yarns.map((yarn) => gaugeFor({ machine, yarn, book, useFresh }));
	const gauges = gaugesOn(machine);
	const others = new Map(
		named.map((id) => {
			const other = bench.machines.find((m) => m.id === id)!;
			return [
				id,
				{ machine: other, gauges: other === machine ? gauges : gaugesOn(other) }
			] as const;
		})
	);
	const placeOf = (id: MachineId | null): Place => (id && others.get(id)) || { machine, gauges };
	const on = (id: MachineId | null): OnMachine => {
		const place = placeOf(id);
		return { machine: place.machine, gauge: (yarn) => place.gauges[ids.indexOf(yarn)]! };
	};
	const context: DesignContext = { ...on(null), yarn: (id) => yarns[ids.indexOf(id)]!, on };
	const design = isThingWish(wish)
		? works?.thing.design(wish, context)
		: 'measures' in wish
			? works?.garment.design(wish, context)
			: recipe.design?.(wish, context);
	// Some are planned only where their works are at hand.
	if (!design) return missing(project, []);
	const excess =
		design.excess ??
		excessOf(
			loadOf(design.pieces.map((p) => countProgram(p.program, placeOf(p.on ?? null).machine.pins)))
		);
	if (excess) {
		const body = { code: 'too-much', ...excess } as const;
		return missing(project, [
			toFinding({ body, severity: 'stop', where: { at: 'size' }, fix: { do: 'begin-again' } }, [])
		]);
	}
	return derive(project, bench, { machine, yarns, gauges, design, wish, placeOf, works, counsel });
}

const flatLengthOf = (shape: Shape): Estimate =>
	shape.shape === 'hat'
		? shape.hat.tubeFlat
		: shape.shape === 'tube'
			? shape.tube.flatLength
			: shape.shape === 'flags'
				? shape.flag.height
				: shape.first.height;

/** A machine and the gauges of the project's yarns on it. */
interface Place {
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
}

interface Designed {
	readonly placeOf: (id: MachineId | null) => Place;
	readonly machine: Machine;
	readonly yarns: readonly Yarn[];
	readonly gauges: readonly Gauge[];
	readonly design: Design;
	readonly wish: Project['wish'];
	readonly works: Works | null;
	readonly counsel: Counsel | null;
}

/** Main rows of all copies on each machine; the project's own where nothing is cranked. */
function rowsByMachine(pieces: readonly PlannedPiece[], machine: Machine) {
	const rows = new Map<string, number>([[machine.id, 0]]);
	for (const p of pieces)
		rows.set(p.machine.id, (rows.get(p.machine.id) ?? 0) + p.mainRows * p.count);
	const on = [...rows].map(([machineId, n]) => ({ machineId, rows: n }));
	return on.length > 1 ? on.filter((x) => x.rows > 0) : on;
}

function derive(project: Project, bench: Bench, designed: Designed): Plan {
	const { machine, yarns, gauges, design, wish, placeOf, works, counsel } = designed;
	const { assembly } = design;
	const hatWish = 'scheme' in wish ? wish : undefined;
	const joinTails = 'joinTails' in wish ? wish.joinTails : 'weave';
	const knitted = design.pieces.map((piece) =>
		knitPiece({
			piece,
			...placeOf(piece.on ?? null),
			useAt: (end) => tailUse(assembly, end),
			joinTails,
			strandsOf: (i) => yarns[i]?.strands ?? 1
		})
	);
	const worked = { assembly, pieces: knitted.map((k) => k.piece), joinTails };
	const joints = jointsOf(worked);
	const amounts = amountsOf({ yarns, knitted, hand: handYarnOf(worked) });
	const pieces = knitted.map((k) => k.planned(amounts));
	const shape = isThingWish(wish)
		? works!.thing.shape({ wish, machine, gauges, pieces, thing: design.thing! })
		: 'measures' in wish
			? works!.garment.shape({ wish, machine, yarns, gauges, pieces, joints, made: design.made! })
			: shapeOf({ wish, machine, gauges, assembly, pieces });
	const main = pieces[0];
	const facts: Facts = {
		project: { ...project, wish },
		machine,
		yarns,
		gauges,
		swatches: bench.swatches,
		tests: bench.tests,
		bench: bench.yarns,
		runs: main?.runs ?? [],
		mainRows: main?.mainRows ?? 0,
		faults: knitted.flatMap((k) => k.faults),
		tucked: shape.shape === 'hat' ? shape.tucked : undefined,
		hat: shape.shape === 'hat' ? shape.hat : undefined,
		flag: shape.shape === 'flags' ? shape.flag : undefined,
		pieces,
		joints,
		hatWish,
		tubeWish: 'stripes' in wish && 'fill' in wish ? wish : undefined,
		garment:
			shape.shape === 'garment' && 'measures' in wish ? { wish, shape: shape.garment } : undefined,
		thing: shape.shape === 'thing' && isThingWish(wish) ? { wish, thing: shape.thing } : undefined,
		round: shape.shape === 'tube' ? shape.tube.round : null,
		places: () => counsel?.places({ ...shape, assembly, pieces }) ?? [],
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
		time: crankTime(rowsByMachine(pieces, machine), bench.evidence),
		joints,
		steps: stepsOf({ ...worked, joints }),
		tools: toolsOf({ ...worked, joints }),
		findings:
			counsel?.findings(
				facts,
				works && facts.garment ? works.garment.rules : works && facts.thing ? works.thing.rules : []
			) ?? []
	};
}
