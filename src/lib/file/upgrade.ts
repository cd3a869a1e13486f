/**
 * Records of earlier versions made into those of the next, one function a kind of record.
 * The browser's store and the files both upgrade through these, so that they cannot part ways.
 */
type Rec = Record<string, unknown>;
const isRecord = (value: unknown): value is Rec => typeof value === 'object' && value !== null;

const share = (yarn: Rec, fibres: readonly string[]): number =>
	Array.isArray(yarn.fibres)
		? (yarn.fibres as unknown[])
				.filter(isRecord)
				.filter((f) => fibres.includes(String(f.fibre)))
				.reduce((t, f) => t + Number(f.percent), 0)
		: 0;

const HALF = 50;

/** Version 1 knew nothing of surface, stretch, care or phases; the fibre tells the usual of the first two. */
export const yarnFrom1 = (yarn: Rec): Rec => ({
	...yarn,
	surface: share(yarn, ['alpaca', 'mohair']) >= HALF ? 'fuzzy' : 'smooth',
	stretch: share(yarn, ['cotton', 'linen', 'silk']) >= HALF ? 'little' : 'stretchy',
	wrapsPerInch: null,
	wash: 'unknown',
	dry: 'unknown',
	phases: [],
	heldTogether: []
});

export const swatchFrom1 = (swatch: Rec): Rec => ({ ...swatch, loops: [] });

/** A project of version 1 that was measured is made: it holds nothing back any more. */
export const projectFrom1 = (project: Rec, made: boolean): Rec => ({
	...project,
	holdsYarn: !made,
	used: null
});

// What is no record stays as it is: the schema refuses it with its path.
const list = (value: unknown, upgrade: (r: Rec) => Rec): unknown =>
	Array.isArray(value) ? value.map((r: unknown) => (isRecord(r) ? upgrade(r) : r)) : value;

export const benchFrom1 = (bench: unknown): unknown =>
	isRecord(bench)
		? {
				...bench,
				yarns: list(bench.yarns, yarnFrom1),
				swatches: list(bench.swatches, swatchFrom1),
				tests: []
			}
		: bench;

/** Version 2 knew nothing of a machine's turning, its trip and the edge schools. */
export const machineFrom2 = (machine: Rec): Rec => ({
	...machine,
	turns: 'clockwise',
	tripPin: null,
	handPanels: 'keep-off',
	edgeRule: 'under-bar'
});

/** Version 2 knew one school of waste at the cast-on: rows of it alone. */
export const projectFrom2 = (project: Rec): Rec =>
	isRecord(project.wish) ? { ...project, wish: { ...project.wish, wasteWith: 'yarn' } } : project;

/** Version 2 kept events in the order of writing; from 3 on each says its place in its run. */
export function eventsFrom2(events: readonly Rec[]): Rec[] {
	const next = new Map<unknown, number>();
	return events.map((e) => {
		const n = next.get(e.projectId) ?? 0;
		next.set(e.projectId, n + 1);
		return { ...e, n };
	});
}

export const benchFrom2 = (bench: unknown): unknown =>
	isRecord(bench) ? { ...bench, machines: list(bench.machines, machineFrom2) } : bench;
