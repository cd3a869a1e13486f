import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import * as z from 'zod';
import { seamOf, type Joint } from '../../src/lib/core/assembly/joint';
import { sizeOf, size } from '../../src/lib/core/assembly/size';
import { finishTube } from '../../src/lib/core/assembly/finished-tube';
import { gaugeBook } from '../../src/lib/core/bench/gauge/book';
import { flatLength } from '../../src/lib/core/crank/length';
import { change, wordFix } from '../../src/lib/core/finding/fix';
import { rule } from '../../src/lib/core/finding/rule';
import { wordFinding } from '../../src/lib/core/finding/says';
import { machineId, yarnId, type MachineId } from '../../src/lib/core/model/bench';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { plan, planBare, type Plan } from '../../src/lib/core/plan';
import { tubeProgram } from '../../src/lib/core/program/program';
import { mainRuns } from '../../src/lib/core/program/runs';
import { figure, own, worked } from '../../src/lib/core/quantity/working';
import { exact } from '../../src/lib/core/quantity/estimate';
import { loadRecipe, nameOf, recipeOf, RECIPES } from '../../src/lib/core/recipe';
import { controlsOf } from '../../src/lib/core/recipe/controls';
import { slipOf, slipText } from '../../src/lib/core/recipe/slip';
import { option } from '../../src/lib/core/recipe/option';
import type { FinishedOf } from '../../src/lib/core/recipe/finished';
import type { Recipe } from '../../src/lib/core/recipe/recipe';
import { machinesOf, withYarn, yarnsOf } from '../../src/lib/core/recipe/uses';
import { panelProgram } from '../../src/lib/core/shaping/program';
import { scheduleOf } from '../../src/lib/core/shaping/schedule';
import { sheetOf } from '../../src/lib/core/sheet/sheet';
import { TECHNIQUES } from '../../src/lib/core/technique';
import { drawingOf, wordStep } from '../../src/lib/core/technique/say-step';
import { edgesAt } from '../../src/lib/core/technique/sew';
import {
	pieceOf,
	tailAt,
	technique,
	threadMetres,
	tool
} from '../../src/lib/core/technique/technique';
import { eventContext } from '../../src/lib/core/words/context';
import { wordEvent } from '../../src/lib/core/words/events';
import { wordTail } from '../../src/lib/core/words/tails';
import { say } from '../../src/lib/core/quantity/say';
import { readProject, writeProject } from '../../src/lib/file/project-file';
import { snapshot } from '../../src/lib/file/snapshot';
import { newProject } from '../../src/lib/ui/state/projects';
import { benchWith } from '../support/every';
import { machineOf } from '../support/bench';

/**
 * A recipe, a technique and a finding that `src` knows nothing of, written as `docs/adding.md` tells it: what is true of a hat
 * is true of them, from the row in the index to the printed sheet, the file and back.
 */

// ------------------------------------------------------------------ the options

const laced = z.object({
	recipe: z.literal('lantern-sleeve'),
	yarns: option(z.array(yarnId).min(1).max(2), { label: 'Colour', editor: 'yarns' }),
	lanternCm: option(z.number().min(10).max(60).describe('round the lantern'), {
		label: 'Round the lantern',
		unit: 'length'
	}),
	rows: option(z.int().min(10).max(200).describe('of the sleeve'), {
		label: 'Rows of the sleeve',
		what: 'rows…',
		unit: 'rows',
		sets: () => 'rows'
	}),
	flap: z.object({
		on: machineId.nullable(),
		wideCm: option(z.number().min(4).max(60), {
			label: 'Flap, wide',
			unit: 'length',
			when: (o: { laces: number }) => o.laces > 1
		})
	}),
	laces: option(z.int().min(1).max(12), { label: 'Laces', unit: 'laces' })
});
type Options = z.infer<typeof laced>;

// ------------------------------------------------------------------ the technique

declare module '../../src/lib/core/assembly/assembly' {
	interface StepKinds {
		/** A flap laced to the last row of a sleeve, through so many eyes. */
		lace: { readonly sleeve: string; readonly flap: string; readonly eyes: number };
	}
}
declare module '../../src/lib/core/crank/tails' {
	interface TailUses {
		lace: true;
	}
}
declare module '../../src/lib/core/technique/technique' {
	interface WorkKinds {
		lace: { readonly eyes: number; readonly tailCm: number; readonly check: Joint };
	}
}

const laceJoint = (
	{ sleeve, flap }: { readonly sleeve: string; readonly flap: string },
	table: Parameters<typeof edgesAt>[0]
): Joint =>
	seamOf(
		{
			id: 'lace',
			kind: 'edge',
			a: [{ piece: flap, part: 'hem', side: 'bottom' }],
			b: [{ piece: sleeve, part: 'cast-off' }],
			times: 1
		},
		edgesAt(table)
	);

const lace = technique<'lace'>({
	id: 'lace',
	tails: { lace: 'it laces the flap on' },
	works: {
		lace: {
			words: ({ eyes, tailCm, check }, s) => ({
				title: `Lace the flap on through ${eyes} eyes`,
				how: `With the tail of ${s.tail(tailCm)}, ${check.a.stitches} stitches against ${check.b.stitches}, eye by eye.`
			}),
			drawing: ({ eyes }) => ({ skill: 'whip', drawing: { loops: eyes } })
		}
	},
	steps: (step, table) => {
		const sleeve = pieceOf(table, step.sleeve);
		const check = table.joints.find((j) => j.id === 'lace');
		if (!sleeve || !check) return [];
		const tailCm = tailAt(sleeve, 'cast-off');
		return [
			{ id: 'lace', do: 'lace', eyes: step.eyes, tailCm, check, caution: 'hooks-and-scissors' }
		];
	},
	tail: ({ sleeve }, end) => (end.piece === sleeve && end.edge === 'cast-off' ? 'lace' : null),
	joints: (step, table) => [laceJoint(step, table)],
	yarn: ({ eyes }) => [{ yarn: 0, metres: threadMetres(3 * eyes, 2) }],
	minutes: ({ eyes }) => ({ what: 'eyes laced', times: eyes, minutes: 0.5 }),
	tools: ({ eyes }) => [tool('needle'), { id: 'eyelets', name: 'Brass eyelets', count: eyes }]
});

// ------------------------------------------------------------------ the finding

declare module '../../src/lib/core/finding/finding' {
	interface FindingBodies {
		'few-laces': { readonly laces: number; readonly enough: number };
	}
}
/** A lace every 4 cm holds a flap (from memory). */
const LACE_CM = 4;
const fewLaces = rule<Options, FinishedOf<'tube'>>({
	says: {
		'few-laces': (f) => ({
			what: `${f.laces} laces let the flap gape.`,
			why: `One every few centimetres holds it: ${f.enough} are enough.`
		})
	},
	test: ({ options }) => {
		const enough = Math.ceil(options.flap.wideCm / LACE_CM);
		return options.laces >= enough
			? null
			: {
					body: { code: 'few-laces', laces: options.laces, enough },
					severity: 'warn',
					where: { at: 'size' },
					fix: change([`Lace it ${enough} times`], { laces: enough })
				};
	}
});

// ------------------------------------------------------------------ the recipe

const lanternSleeve: Recipe<Options, FinishedOf<'tube'>> = {
	id: 'lantern-sleeve',
	options: laced,
	phrase:
		'A sleeve for a lantern {lanternCm} round, {rows} high, on {machine}, in {yarns}, with {laces}',
	pins: { least: 16, most: 60 },
	begins: 'most-pins',
	defaults: ({ yarns, machines }, machine) => {
		const [yarn] = yarns;
		const other = machines.find((m) => m.id !== machine?.id);
		return (
			yarn && {
				recipe: 'lantern-sleeve',
				yarns: [yarn.id],
				lanternCm: 40,
				rows: 30,
				flap: { on: other?.id ?? null, wideCm: 12 },
				laces: 4
			}
		);
	},
	withRows: (options, rows) => ({ ...options, rows }),
	rules: [fewLaces],
	design: (options, context) => {
		const [yarn] = options.yarns;
		const gauge = context.gauge(yarn!);
		const there = context.on(options.flap.on);
		const flapGauge = there.gauge(yarn!);
		const density = {
			stitchesPerCm: flapGauge.stitchesPerCm.mean,
			rowsPerCm: flapGauge.rowsPerCm.mean
		};
		// A flap that narrows by a third on either side of its tip.
		const w = options.flap.wideCm;
		const outline = {
			left: [
				{ x: 0, y: 0, part: 'side' },
				{ x: w / 3, y: w }
			],
			right: [
				{ x: w, y: 0, part: 'side' },
				{ x: (2 * w) / 3, y: w }
			]
		};
		const seam = { left: 0, right: 0 };
		const drawn = scheduleOf(outline, density, {
			shaping: 'fashioned',
			edgeStitches: 1,
			seam,
			yarnAt: 'right'
		});
		if (!drawn.ok) throw new Error(drawn.problem.code);
		const sleeveProgram = tubeProgram({
			sections: [{ yarn: 0, rows: options.rows }],
			wasteStart: 5,
			wasteEnd: 0
		});
		const flatCm = flatLength(mainRuns(sleeveProgram), [gauge]);
		const pins = context.machine.pins;
		const tube = finishTube({
			flatLength: flatCm,
			pins,
			stitchesPerCm: gauge.stitchesPerCm,
			around: { cm: options.lanternCm, by: 'width' },
			copies: 1,
			hangs: 'cast-on-up',
			closed: { castOn: 'open', castOff: 'open' }
		});
		return {
			pieces: [
				{
					id: 'sleeve',
					name: 'Sleeve',
					count: 1,
					mirrored: false,
					yarns: options.yarns,
					program: sleeveProgram,
					rowsWorking: [own(options.rows, 'rows', 'set by you')],
					sectionsWorking: []
				},
				{
					id: 'flap',
					name: 'Flap',
					count: 1,
					mirrored: false,
					yarns: options.yarns,
					program: panelProgram(drawn.schedule, {
						machine: there.machine,
						turn: 'switch',
						wasteStart: 0,
						wasteEnd: 0,
						sections: [{ yarn: 0, rows: drawn.schedule.rows }]
					}),
					rowsWorking: [worked(drawn.schedule.rows, 'rows', 'as drawn')],
					sectionsWorking: [],
					edges: drawn.schedule.parts,
					...(options.flap.on ? { on: options.flap.on } : {})
				}
			],
			assembly: [
				{ do: 'rest', as: 'piece' },
				{ do: 'join-tails' },
				{ do: 'bind', piece: 'sleeve', edge: 'cast-on', brief: true },
				{ do: 'close-row', piece: 'flap', edge: 'cast-off' },
				{ do: 'block' },
				{ do: 'lace', sleeve: 'sleeve', flap: 'flap', eyes: options.laces },
				{ do: 'weave-in' },
				{ do: 'measure' }
			],
			finished: { kind: 'tube', tube },
			sizes: [
				size(
					'length',
					figure('Sleeve, flat', 'length', flatCm, [
						own(options.rows, 'rows', 'rows'),
						'÷',
						worked(gauge.rowsPerCm.mean, 'row-density', 'gauge')
					])
				),
				size('flap', figure('Flap, wide', 'length', exact(w), [own(w, 'length', 'set by you')]))
			]
		};
	}
};

// ------------------------------------------------------------------ from the index to the sheet

const big = machineOf(48, { id: 'big' as MachineId });
const small = machineOf(22, { id: 'small' as MachineId });
const bench: Bench = { ...benchWith(48), machines: [small, big] };
const entry = {
	id: 'lantern-sleeve',
	name: 'Lantern sleeve',
	group: 'several' as const,
	load: () => Promise.resolve(lanternSleeve)
};

beforeAll(async () => {
	RECIPES.push(entry);
	TECHNIQUES.set('lace', lace as never);
	// Not loaded yet is another answer than not to be had.
	const early = planBare(
		{ options: { recipe: 'lantern-sleeve' } } as unknown as Project,
		bench,
		gaugeBook(bench)
	);
	expect(early).toMatchObject({ ok: false, why: 'not-loaded' });
	const none = planBare(
		{ options: { recipe: 'moon' } } as unknown as Project,
		bench,
		gaugeBook(bench)
	);
	expect(none).toMatchObject({ ok: false, why: 'unknown' });
	await loadRecipe('lantern-sleeve');
});
afterAll(() => {
	RECIPES.splice(RECIPES.indexOf(entry), 1);
	TECHNIQUES.delete('lace');
});

const begun = (): Project & { readonly options: Options } =>
	newProject(bench, 'lantern-sleeve' as Project['options']['recipe']) as Project & {
		options: Options;
	};
function planned(project: Project = begun()): Plan {
	const made = plan(project, bench);
	if (!made.ok) throw new Error(JSON.stringify(made));
	return made;
}

describe('a recipe that nothing knows of', () => {
	it('is listed by its name, and begun on the machine with most pins', () => {
		expect(nameOf('lantern-sleeve')).toBe('Lantern sleeve');
		expect(recipeOf('lantern-sleeve')).toBe(lanternSleeve);
		const project = begun();
		expect(project.name).toBe('Lantern sleeve');
		expect(project.machineId).toBe(big.id);
		expect(machinesOf(project.options)).toEqual([small.id]);
		expect(yarnsOf(project.options)).toEqual([bench.yarns[0]!.id]);
		const swapped = withYarn(project.options, bench.yarns[0]!.id, bench.yarns[1]!.id);
		expect(swapped.yarns).toEqual([bench.yarns[1]!.id]);
	});

	it('has its pieces on two machines, a run sheet for each, and no fault', () => {
		const p = planned();
		expect(p.pieces.map((x) => [x.id, x.machine.id])).toEqual([
			['sleeve', big.id],
			['flap', small.id]
		]);
		expect(p.findings.filter((f) => f.severity === 'stop')).toEqual([]);
		const [sleeve, flap] = p.pieces;
		expect(sleeve!.waste).toEqual({ 'cast-on': true, 'cast-off': false });
		expect(flap!.stitches.last).toBeLessThan(flap!.stitches.first);
		for (const x of p.pieces) {
			expect(x.sheet.events.length).toBeGreaterThan(2);
			for (const e of x.sheet.events)
				expect(wordEvent(e, eventContext(p, x.machine, 'cm')).title).not.toMatch(/undefined|NaN/);
		}
	});

	it('asks for its options by their metadata: ranges, places, and what applies', () => {
		const project = begun();
		const asked = (options: Options) =>
			controlsOf(laced, options, { ...planned({ ...project, options } as Project), bench });
		const controls = asked(project.options);
		expect(controls.map((c) => [c.key, c.group])).toEqual([
			['yarns', 'slip'],
			['lanternCm', 'slip'],
			['rows', 'slip'],
			['flap.wideCm', 'slip'],
			['laces', 'slip']
		]);
		// Its order slip for nothing: its own sentence, and what that leaves out folded after it.
		const { machine } = planned(project);
		const { machines, yarns } = bench;
		const slip = slipOf(recipeOf('lantern-sleeve')!.phrase, project.options, controls, {
			machine,
			machines,
			yarns,
			units: 'cm'
		});
		expect(slipText(slip)).toBe(
			`A sleeve for a lantern ${project.options.lanternCm as number} cm round, 30 rows high, on ${machine.pins} pins, in ${yarns.find((y) => y.id === (project.options.yarns as string[])[0])!.colourName}, with ${project.options.laces as number} laces`
		);
		expect(slip.rest.map((r) => r.label)).toEqual(['Flap, wide']);
		const [colours, , rows, flap] = controls;
		expect(colours).toMatchObject({ kind: 'editor', editor: 'yarns', least: 1, most: 2 });
		expect(rows).toMatchObject({ min: 10, max: 200, value: 30, unit: 'rows', sets: 'rows' });
		// One option deep within is set, and what lies beside it stays.
		expect(flap!.patch(20)).toEqual({ flap: { ...project.options.flap, wideCm: 20 } });
		expect(asked({ ...project.options, laces: 1 }).map((c) => c.key)).not.toContain('flap.wideCm');
	});

	it('follows its options: rows, the flap, the laces', () => {
		const project = begun();
		const taller = { ...project, options: { ...project.options, rows: 60 } };
		expect(sizeOf(planned(taller), 'length').value.mean).toBeCloseTo(
			2 * sizeOf(planned(), 'length').value.mean,
			6
		);
		expect(plan(project, bench, { rows: 44 })).toMatchObject({ pieces: [{ mainRows: 44 }, {}] });
		expect(laced.safeParse({ ...project.options, laces: 0 }).success).toBe(false);
	});
});

describe('its technique', () => {
	it('leaves a tail and says why, and works with it', () => {
		const p = planned();
		const tail = p.pieces[0]!.tails.find((t) => t.id === 'cast-off')!;
		expect(tail.use).toBe('lace');
		expect(wordTail({ cm: tail.lengthCm, use: tail.use }, say('cm'))).toMatch(
			/cm: it laces the flap on$/
		);
		const step = p.steps.find((s) => s.do === 'lace')!;
		expect(wordStep(step, 'cm')).toMatchObject({ title: 'Lace the flap on through 4 eyes' });
		expect(wordStep(step, 'cm').how).toContain(say('cm').tail(tail.lengthCm));
		expect(drawingOf(step).skill).toBe('whip');
		expect(step.caution).toBe('hooks-and-scissors');
	});

	it('takes yarn, minutes and a tool, more for more of it', () => {
		const project = begun();
		const [few, many] = [2, 8].map((laces) =>
			planned({ ...project, options: { ...project.options, laces } })
		) as [Plan, Plan];
		const metres = (p: Plan) => p.amounts[0]!.metres.value.mean;
		expect(metres(many) - metres(few)).toBeCloseTo(threadMetres(24, 2) - threadMetres(6, 2), 6);
		expect(many.byHand!.value.mean - few.byHand!.value.mean).toBeCloseTo(3, 6);
		expect(many.tools).toContainEqual({ id: 'eyelets', name: 'Brass eyelets', count: 8 });
	});

	it('holds its edges against one another, by what the fabric has', () => {
		const joint = planned().joints.find((j) => j.id === 'lace')!;
		const p = planned();
		expect(joint.a.stitches).toBe(p.pieces[1]!.stitches.first);
		expect(joint.b.stitches).toBe(48);
		expect(joint.verdict).toBe('off');
	});
});

describe('its finding', () => {
	it('is said, and what it offers settles it', () => {
		const project = { ...begun(), options: { ...begun().options, laces: 1 } };
		const p = planned(project);
		const found = p.findings.find((f) => f.code === 'few-laces')!;
		expect(wordFinding(found, { units: 'cm', yarnName: () => 'x' }).what).toBe(
			'1 laces let the flap gape.'
		);
		expect(wordFix(found.fix!, 'cm')).toBe('Lace it 3 times');
		const mended = { ...project, options: { ...project.options, ...found.fix!.options } };
		expect(planned(mended).findings.map((f) => f.code)).not.toContain('few-laces');
		// Accepted, it stays quiet.
		const quiet = planned({ ...project, accepted: [found.key] });
		expect(quiet.findings.find((f) => f.code === 'few-laces')?.accepted).toBe(true);
	});
});

describe('on paper and in a file', () => {
	it('its sheet has both pieces, every step, what to have at hand and a ring for each machine', () => {
		const p = planned();
		const sheet = sheetOf(p, {
			title: 'Lantern sleeve',
			kind: nameOf('lantern-sleeve'),
			units: 'cm',
			terms: 'us'
		});
		expect(sheet.pieces.map((x) => x.name)).toEqual(['Sleeve', 'Flap']);
		expect(sheet.rings.map((r) => r.pins)).toEqual([48, 22]);
		expect(sheet.steps.map((s) => s.title)).toContain('Lace the flap on through 4 eyes');
		expect(sheet.tools).toContain('4 brass eyelets');
		expect(JSON.stringify(sheet)).not.toMatch(/NaN|undefined/);
	});

	it('goes into a file with both machines, and back the same; a wrong option is refused by its path', () => {
		const project = begun();
		const all = { bench, projects: [project], orders: [], events: [], results: [] };
		const file = snapshot(all as never, project);
		expect(file.bench.machines.map((m) => m.id).sort()).toEqual(['big', 'small']);
		const back = readProject(writeProject(file));
		if (!back.ok) throw new Error(JSON.stringify(back));
		expect(back.value.project).toEqual(project);
		expect(planned(back.value.project)).toEqual(planned(project));
		const bad = { ...file, project: { ...project, options: { ...project.options, rows: 3 } } };
		expect(readProject(JSON.stringify(bad))).toMatchObject({
			ok: false,
			refusal: { path: 'project.options.rows' }
		});
	});
});
