import { GARMENTS, HATS, THINGS, TUBES } from '../../src/lib/core/model/kinds';
import type { Bench, Project } from '../../src/lib/core/model/project';
import { plan, type Plan } from '../../src/lib/core/plan';
import { newProject, type New } from '../../src/lib/ui/state/projects';
import { machineOf, readingOf, swatchOf, yarnOf } from './bench';

/** Everything that can be begun, on benches as makers have them: one place to ask something of every recipe. */

export const KINDS: readonly New[] = [...HATS, ...TUBES, 'bunting', ...GARMENTS, ...THINGS];
export const RINGS = [22, 40, 48] as const;

/** Yarns a maker may choose from: worsted, a thinner one held double, a weak fuzzy one. */
const YARNS = [
	yarnOf('deep', { colour: '#1f4e63', gramsOnHand: 5000 }),
	yarnOf('foam', { colour: '#dfe6e2', gramsOnHand: 5000 }),
	yarnOf('night', {
		colour: '#2b3050',
		weightClass: 1,
		metresPer100g: 400,
		strands: 2,
		gramsOnHand: 5000
	}),
	yarnOf('fog', { colour: '#b9bfc4', strength: 'weak', surface: 'fuzzy', gramsOnHand: 5000 })
];

/** One ring, and yarns of which the first is what things begin with. */
export function benchWith(
	pins: number,
	first = 0,
	patch: Parameters<typeof machineOf>[1] = {}
): Bench {
	const machine = machineOf(pins, patch);
	const yarns = [...YARNS.slice(first), ...YARNS.slice(0, first)];
	return {
		machines: [machine],
		yarns,
		swatches: yarns.map((y) =>
			swatchOf(machine, y, [pins < 30 ? readingOf(13.5, 21.5) : readingOf(12, 20)])
		),
		tests: [],
		evidence: []
	};
}

export interface Begun {
	readonly what: New;
	readonly pins: number;
	readonly project: Project;
	readonly bench: Bench;
}

/** Every recipe as it begins, on each ring. */
export function everyStart(
	change: (p: Project) => Project = (p) => p,
	benches: readonly Bench[] = RINGS.map((pins) => benchWith(pins))
): Begun[] {
	return benches.flatMap((bench) =>
		KINDS.map((what): Begun => {
			const project = newProject(bench, what);
			if (!project) throw new Error(`${what} cannot be begun`);
			const fixed = { ...project, id: `p-${what}` as Project['id'], createdAt: 0 };
			return { what, pins: bench.machines[0]!.pins, project: change(fixed), bench };
		})
	);
}

/** Their plans; those that a ring cannot serve at all are left out. */
export const everyPlan = (starts: readonly Begun[] = everyStart()): (Begun & { plan: Plan })[] =>
	starts.flatMap((b) => {
		const made = plan(b.project, b.bench);
		return made.ok ? [{ ...b, plan: made }] : [];
	});

/** Options with waste yarn at either end, where it has any. */
export const withWaste =
	(wasteStart: number, wasteEnd: number) =>
	(p: Project): Project => ({
		...p,
		options: 'wasteStart' in p.options ? { ...p.options, wasteStart, wasteEnd } : p.options
	});
