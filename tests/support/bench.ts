import { MACHINE_PRESETS } from '../../src/lib/core/bench/machine/presets';
import { tubeSaid } from '../../src/lib/core/learn/evidence';
import type { Machine, Reading, Swatch, Yarn } from '../../src/lib/core/model/bench';
import type { Bench, Evidence, Project } from '../../src/lib/core/model/project';
import type { FinishedOf } from '../../src/lib/core/recipe/finished';
import type { HatProject, LinedHatOptions } from '../../src/lib/core/recipe/hats/options';
import { plan, type PlanOf } from '../../src/lib/core/plan';

/** Small benches and projects for tests: invented, with round numbers. */

export const machineOf = (pins: number, patch: Partial<Machine> = {}): Machine => ({
	...MACHINE_PRESETS[4]!,
	id: `m${pins}` as Machine['id'],
	name: `${pins} pins`,
	pins,
	ringCm: pins * 2,
	...patch
});

export const yarnOf = (key: string, patch: Partial<Yarn> = {}): Yarn => ({
	id: key as Yarn['id'],
	name: 'Breakwater',
	colourName: key,
	colour: '#336677',
	weightClass: 4,
	metresPer100g: 200,
	fibres: [{ fibre: 'wool', percent: 100 }],
	gramsOnHand: 500,
	ballGrams: 100,
	strands: 1,
	strength: 'strong',
	surface: 'smooth',
	stretch: 'stretchy',
	wrapsPerInch: null,
	wash: 'unknown',
	dry: 'unknown',
	phases: [],
	heldTogether: [],
	cutFrom: null,
	...patch
});

/** A reading of stitches and rows in 10 cm. */
export const readingOf = (
	stitches: number,
	rows: number,
	state: Reading['state'] = 'rested'
): Reading => ({
	id: `r-${stitches}-${rows}-${state}`,
	state,
	notation: 'per-10cm',
	stitches: { count: stitches, overCm: 10 },
	rows: { count: rows, overCm: 10 }
});

export const swatchOf = (
	machine: Machine,
	yarn: Yarn,
	readings: Reading[],
	patch: Partial<Swatch> = {}
): Swatch => ({
	id: `s-${machine.id}-${yarn.id}` as Swatch['id'],
	machineId: machine.id,
	yarnId: yarn.id,
	strands: yarn.strands,
	slot: 2,
	hand: 'none',
	fabric: null,
	readings,
	loops: [],
	note: '',
	...patch
});

export const M48 = machineOf(48);
export const A = yarnOf('a');
export const B = yarnOf('b', { colour: '#dd8833' });

/** 48 pins, two colours of one yarn, one rested reading of 12 stitches and 20 rows in 10 cm. */
export const benchOf = (patch: Partial<Bench> = {}): Bench => ({
	machines: [M48],
	yarns: [A, B],
	swatches: [swatchOf(M48, A, [readingOf(12, 20)])],
	tests: [],
	evidence: [],
	...patch
});

export const optionsWith = (patch: Partial<LinedHatOptions> = {}): LinedHatOptions => ({
	recipe: 'lined-hat',
	head: { kind: 'table', size: 'man' },
	visibleCm: null,
	length: { by: 'fit' },
	brim: { turnedUp: false, heightCm: 5 },
	scheme: { kind: 'one', yarn: A.id },
	closing: 'gather',
	wasteWith: 'yarn',
	wasteStart: 5,
	wasteEnd: 0,
	joinTails: 'tie',
	...patch
});

export const projectOf = (
	options: Partial<LinedHatOptions> = {},
	patch: Partial<Omit<Project, 'options'>> = {}
): HatProject => ({
	id: 'p' as Project['id'],
	name: 'Test hat',
	createdAt: 0,
	machineId: M48.id,
	options: optionsWith(options),
	accepted: [],
	useFresh: false,
	holdsYarn: true,
	used: null,
	note: '',
	...patch
});

/** What a plain tube on 48 pins said: its length, its width and the yarn in a stitch. */
export function evidenceOf({
	tubeCm = 60,
	flatWidthCm = 20,
	loopCm = null,
	...patch
}: Partial<Evidence> & {
	tubeCm?: number | null;
	flatWidthCm?: number | null;
	loopCm?: number | null;
} = {}): Evidence {
	const rows = patch.rows ?? 120;
	const tube = { machine: M48, yarn: A, rows, tube: tubeCm, width: flatWidthCm, loopCm };
	return {
		resultId: 'result-1',
		projectId: 'other' as Project['id'],
		projectName: 'Earlier hat',
		machineId: M48.id,
		pins: 48,
		rows,
		state: 'rested',
		...tubeSaid(tube),
		minutes: null,
		usualMinutes: null,
		...patch
	};
}

/** The plan, which the test expects to be there. */
export function planned(project: HatProject, bench: Bench = benchOf()): PlanOf<'worn'> {
	const p = plan<FinishedOf<'worn'>>(project, bench);
	if (!p.ok) throw new Error(`no plan: ${p.findings.map((f) => f.code).join(', ')}`);
	return p;
}

export const codes = (p: { findings: readonly { code: string }[] }): string[] =>
	p.findings.map((f) => f.code);
