import { crankTime } from '../crank/time';
import { amountsOf } from '../crank/amounts';
import { knitPiece } from '../crank/piece';
import type { GaugeBook } from '../bench/gauge/book';
import { findingsFor } from '../finding/findings';
import { change } from '../finding/fix';
import type { Finding } from '../finding/finding';
import { toFinding } from '../finding/to-finding';
import type { Bench, Project } from '../model/project';
import type { Options } from '../model/options';
import { countProgram, excessOf, loadOf, type Excess } from '../program/load';
import type { Finished } from '../recipe/finished';
import type { Design, Recipe } from '../recipe/recipe';
import { coloursOf, joinTailsOf, machinesOf, yarnsOf, yarnsOfProject } from '../recipe/uses';
import {
	doneAtTheTable,
	handEndsOf,
	handTimeOf,
	handYarnOf,
	jointsOf,
	stepsOf,
	strandAt,
	tailNeed,
	tailUse,
	toolsOf
} from '../technique';
import { usedOf, type Used } from './bench';
import { byHandFigure, fillFigure } from './by-hand';
import { gathered } from './gathered';
import { lengthOf } from './lies';
import { rowPlaces } from './places';
import { trimmed } from './trims';
import type { AsKnitted, NoPlan, Plan } from './types';

export interface PlanOptions {
	readonly asKnitted?: AsKnitted | undefined;
	/** Of the same bench. */
	readonly book: GaugeBook;
	/** Without counsel pieces, sizes and sums only are wanted: no findings. */
	readonly counsel: boolean;
}

const refused = (
	project: Project,
	why: NoPlan['why'],
	findings: readonly Finding[] = []
): NoPlan => ({
	ok: false,
	why,
	projectId: project.id,
	findings
});

/** Options that do not read, such as those of a damaged record: where, and the usual in the place of just those. */
function unread<W extends Options, F extends Finished>(
	paths: readonly (readonly PropertyKey[])[],
	{ machineId }: Project,
	bench: Bench,
	recipe: Recipe<W, F>
): Finding {
	const machine = bench.machines.find((m) => m.id === machineId);
	const usual: Partial<Options> = recipe.defaults(bench, machine) ?? {};
	const bad = [...new Set(paths.map(([key]) => String(key)))];
	const patch = Object.fromEntries(bad.flatMap((key) => (key in usual ? [[key, usual[key]]] : [])));
	const body = { code: 'options-unread', path: paths[0]?.map(String).join('.') ?? '' } as const;
	const where = { at: 'size' } as const;
	const fix = change(['Take the usual there'], patch);
	return toFinding(
		{ body, severity: 'stop', where, ...(Object.keys(patch).length > 0 && { fix }) },
		[]
	);
}

/** What is asked is too much to be worked out: the limit, and the way back. */
function tooMuch<W extends Options, F extends Finished>(
	excess: Excess,
	{ options, machineId }: Project & { readonly options: W },
	bench: Bench,
	recipe: Recipe<W, F>
): Finding {
	const body = { code: 'too-much', ...excess } as const;
	const machine = bench.machines.find((m) => m.id === machineId);
	// All begins again but what it is made of.
	const again = { ...recipe.defaults(bench, machine), ...coloursOf(options) };
	const fix = change(['Back to the usual sizes'], again);
	return toFinding({ body, severity: 'stop', where: { at: 'size' }, fix }, []);
}

/** The plan of a project by its recipe; `plan` in `core/plan.ts` is the usual door. */
export function makePlan<W extends Options, F extends Finished>(
	project: Project & { readonly options: W },
	bench: Bench,
	recipe: Recipe<W, F>,
	how: PlanOptions
): Plan<F> | NoPlan {
	const { asKnitted, book } = how;
	const read = recipe.options.safeParse(project.options);
	if (!read.success) {
		const paths = read.error.issues.map((i) => i.path);
		return refused(project, 'damaged', [unread(paths, project, bench, recipe)]);
	}
	const asked = recipe.whole?.(read.data as W) ?? (read.data as W);
	const options = asKnitted ? (recipe.withRows?.(asked, asKnitted.rows) ?? asked) : asked;
	const names = {
		yarns: yarnsOfProject({ ...project, options }),
		machines: machinesOf(options),
		use: recipe.use ?? 'wrap'
	};
	const used = usedOf(project, bench, names, book);
	if ('gone' in used) return refused(project, 'gone', used.gone);
	const design = recipe.design(options, used.context);
	if ('excess' in design)
		return refused(project, 'too-much', [tooMuch(design.excess, project, bench, recipe)]);
	const excess = excessOf(
		loadOf(design.pieces.map((p) => countProgram(p.program, used.at(p.on ?? null).machine.pins)))
	);
	if (excess) return refused(project, 'too-much', [tooMuch(excess, project, bench, recipe)]);
	return derive({ project: { ...project, options }, bench, recipe, used, design, how });
}

interface Designed<W extends Options, F extends Finished> {
	readonly project: Project & { readonly options: W };
	readonly bench: Bench;
	readonly recipe: Recipe<W, F>;
	readonly used: Used;
	readonly design: Design<F>;
	readonly how: PlanOptions;
}

/** Everything that follows from pieces and assembly, whatever they are of. */
function derive<W extends Options, F extends Finished>(designed: Designed<W, F>): Plan<F> {
	const { project, bench, used, design } = designed;
	const { machine, yarns, gauges } = used;
	const { sizes } = design;
	const { measured } = designed.how.asKnitted ?? {};
	const finished =
		(measured && designed.recipe.asMeasured?.(design.finished, measured)) ?? design.finished;
	const assembly = gathered(
		trimmed(design.assembly, project.trims ?? [], yarns[0]),
		project.gather,
		yarns
	);
	const { options } = project;
	const joinTails = joinTailsOf(options);
	const knitted = design.pieces.map((piece) =>
		knitPiece({
			piece,
			...used.at(piece.on ?? null),
			useAt: (end) => tailUse(assembly, end),
			strandAt: (end) => strandAt(assembly, end),
			needAt: tailNeed,
			joinTails,
			strandsOf: (i) => yarns[i]?.strands ?? 1
		})
	);
	const worked = { assembly, pieces: knitted.map((k) => k.piece), joinTails };
	const joints = jointsOf(worked);
	const table = { ...worked, joints, handEnds: handEndsOf(worked) };
	const amounts = amountsOf({ yarns, knitted, hand: handYarnOf(worked) });
	const pieces = knitted.map((k) => k.planned(amounts));
	const plan: Plan<F> = {
		ok: true,
		projectId: project.id,
		machine,
		yarns,
		gauges,
		fabrics: used.fabrics,
		pieces,
		assembly,
		finished,
		sizes,
		joints,
		amounts,
		time: crankTime(pieces, bench.evidence),
		byHand: byHandFigure(handTimeOf(table)),
		fill: fillFigure(assembly, worked.pieces),
		tools: toolsOf(table),
		steps: stepsOf(table),
		findings: []
	};
	if (!designed.how.counsel) return plan;
	const faults = knitted.flatMap((k) => k.faults);
	// What cannot be knitted never comes to the table.
	const undone = worked.pieces.every((p) => p.mainRows > 0) ? doneAtTheTable(table).faults : [];
	return { ...plan, findings: counselOf(designed, plan, { faults, undone }) };
}

/** What a careful maker says of a plan. */
function counselOf<W extends Options, F extends Finished>(
	{ project, bench, recipe }: Designed<W, F>,
	plan: Plan<F>,
	{ faults, undone }: Pick<Parameters<typeof findingsFor>[0], 'faults' | 'undone'>
): Finding[] {
	const [first] = plan.pieces;
	const named = yarnsOf(project.options).length;
	return findingsFor(
		{
			project,
			options: project.options,
			finished: plan.finished,
			machine: plan.machine,
			yarns: plan.yarns.slice(0, named),
			byHand: plan.yarns.slice(named),
			gauges: plan.gauges.slice(0, named),
			fabrics: plan.fabrics.slice(0, named),
			swatches: bench.swatches,
			tests: bench.tests,
			bench: bench.yarns,
			runs: first?.runs ?? [],
			mainRows: first?.mainRows ?? 0,
			faults,
			undone,
			amounts: plan.amounts,
			joints: plan.joints,
			assembly: plan.assembly,
			pieces: plan.pieces,
			places: () => rowPlaces(plan),
			flatLength: lengthOf(plan),
			withRows: (rows) => recipe.withRows?.(project.options, rows) ?? null,
			byYarn: () => recipe.byYarn?.(project.options) ?? null
		},
		recipe.rules
	);
}
