import type { BodySize } from '../core/model/kinds';
import { BODY } from '../core/bench/size/body';

/**
 * Records of earlier versions made into those of the next, one function a kind of record.
 * The browser's store and the files both upgrade through these, so that they cannot part ways.
 */
export type Rec = Record<string, unknown>;
export const isRecord = (value: unknown): value is Rec =>
	typeof value === 'object' && value !== null;

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
export const list = (value: unknown, upgrade: (r: Rec) => Rec): unknown =>
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

/** Heads that version 4 had by name, cm, and the share of one that a hat covered; a headband's share of it. */
const HEADS_4 = { woman: 50.5, man: 56 } as const;
const VISIBLE_4 = 0.4;
const ADULT_FROM_CM = 54;
const HEADBAND_4 = 0.85 / 0.75;
const ROUND_DROP_4 = { least: 4, ofNeck: 0.55 };
const NECK_OF_BACK = 0.4;
const MOST_AROUND_CM = 150;

/** What it was planned for in version 4, said outright, so that a piece half cranked keeps its rows. */
function wishBegunIn4(wish: Rec): Rec {
	const recipe = String(wish.recipe);
	if (isRecord(wish.head) && isRecord(wish.length)) {
		if (wish.visibleCm !== null || wish.length.by !== 'fit') return wish;
		const named = HEADS_4[String(wish.head.size) as keyof typeof HEADS_4] as number | undefined;
		const cm = wish.head.kind === 'table' ? named : Number(wish.head.cm);
		return cm !== undefined && (named !== undefined || cm >= ADULT_FROM_CM)
			? { ...wish, head: { kind: 'measured', cm }, visibleCm: VISIBLE_4 * cm }
			: wish;
	}
	if (recipe === 'hem-hat')
		return wish.aroundCm === null ? { ...wish, aroundCm: HEADS_4.woman } : wish;
	if (recipe === 'headband')
		return {
			...wish,
			aroundCm: Math.min(MOST_AROUND_CM, Number(wish.aroundCm ?? HEADS_4.woman) * HEADBAND_4)
		};
	if (isRecord(wish.measures) && wish.from !== 'flat') {
		const body = BODY[String(wish.size) as BodySize] as (typeof BODY)[BodySize] | undefined;
		if (!body || !['vest', 'cardigan', 'jacket', 'sweater'].includes(recipe)) return wish;
		const set = wish.measures;
		const neck = Number(set.neck ?? Number(set.crossBack ?? body.crossBack) * NECK_OF_BACK);
		const drop = Math.max(ROUND_DROP_4.least, neck * ROUND_DROP_4.ofNeck);
		return {
			...wish,
			measures: {
				armhole: body.armhole,
				...(wish.neck === 'round' ? { neckDrop: drop } : {}),
				...set
			}
		};
	}
	return wish;
}

/** From version 5 on adults' hats go by flat rules and children's armholes and necks are roomier: what was begun stays as it was. */
export const projectFrom4 = (project: Rec, begun: boolean): Rec => {
	if (!isRecord(project.wish)) return project;
	const wish = meantIn4(project.wish);
	return { ...project, wish: begun ? wishBegunIn4(wish) : wish };
};

/** What a tube that fits nothing was as long as, cm. */
const FREE_TUBE_4_CM = 40;
/** Garments that had no bands to knit, and what knitted bands came to there: no edge at all, or crochet. */
const UNEDGED_4 = ['rectangle', 'strap', 'blanket', 'seamed-tube', 'free-garment'];
const BANDED_4 = ['cardigan', 'jacket'];

/** Up to version 4 a few options could hold what meant nothing to their recipe: it is said by what came of it. */
function meantIn4(wish: Rec): Rec {
	const recipe = String(wish.recipe);
	if (recipe === 'free-tube' && isRecord(wish.length) && wish.length.by === 'fit')
		return { ...wish, length: { by: 'cm', cm: FREE_TUBE_4_CM } };
	if (wish.edging === 'knitted' && !BANDED_4.includes(recipe))
		return { ...wish, edging: UNEDGED_4.includes(recipe) ? 'none' : 'crochet' };
	return wish;
}

/** What results of version 4 show of the gauge, by what was made: other things show nothing. */
const TUBES_4: readonly string[] = [
	'lined-hat',
	'corner-hat',
	'baby-hat',
	'tiny-hat',
	'scarf',
	'cowl',
	'headband',
	'tube-top',
	'cup-sleeve',
	'free-tube'
];
const SHOWS_4: Readonly<Record<string, string>> = {
	'hem-hat': 'hem',
	pouch: 'hem',
	cord: 'cord',
	warmers: 'copies',
	sock: 'copies'
};

/** From version 5 on a result says itself what it shows; what is in its tails is worked out when the bench is next opened. */
export function resultFrom4(result: Rec, wish: unknown): Rec {
	const recipe = isRecord(wish) ? String(wish.recipe) : '';
	const shows = TUBES_4.includes(recipe) ? 'tube' : (SHOWS_4[recipe] ?? 'shape');
	return { shows, tailMetres: null, ...result };
}

/** Up to version 4 a crocheted edge was ticked by its place among all steps; from 5 on by its name, and which of that name. */
export function eventsFrom4(events: readonly Rec[]): Rec[] {
	const places = new Map<string, number[]>();
	const parsed = events.map((e) => {
		const edge = /^edge-([a-z]+)-(\d+)$/.exec(String(e.type === 'step' ? e.step : ''));
		if (!edge) return null;
		const key = `${String(e.projectId)} ${edge[1]!}`;
		const at = Number(edge[2]);
		const known = places.get(key) ?? [];
		if (!known.includes(at))
			places.set(
				key,
				[...known, at].sort((a, b) => a - b)
			);
		return { key, name: edge[1]!, at };
	});
	return events.map((e, i) => {
		const p = parsed[i];
		if (!p) return e;
		const nth = (places.get(p.key) ?? []).indexOf(p.at);
		return { ...e, step: `edge-${p.name}${nth > 0 ? `-${nth + 1}` : ''}` };
	});
}

/** Up to version 5 what a maker asked of a recipe was called a wish. */
export const projectFrom5 = ({ wish, ...project }: Rec): Rec => ({ ...project, options: wish });

/** Up to version 7 nothing was known of what tells a machine's marker, and the right side always hung away from the maker. */
export const machineFrom7 = (machine: Rec): Rec => ({
	markerColour: '',
	rightSide: 'away',
	...machine
});
export const yarnFrom7 = (yarn: Rec): Rec => ({ cutFrom: null, ...yarn });
export const swatchFrom7 = (swatch: Rec): Rec => ({ hand: 'none', fabric: null, ...swatch });
export const resultFrom7 = (result: Rec): Rec => ({ usualMinutes: null, ...result });
export const benchFrom7 = (bench: unknown): unknown =>
	isRecord(bench)
		? {
				...bench,
				machines: list(bench.machines, machineFrom7),
				yarns: list(bench.yarns, yarnFrom7),
				swatches: list(bench.swatches, swatchFrom7),
				evidence: list(bench.evidence, resultFrom7)
			}
		: bench;
/** Results of a file, whatever it holds. */
export const resultsFrom7 = (results: unknown): unknown => list(results, resultFrom7);

/** From version 8 on some recipes ask for more: where nothing was said, all stays as it was. */
const ADDED_IN_8: Readonly<Record<string, Rec>> = {
	pouch: { holds: { by: 'any' } },
	sock: { legCm: null, cuffRounds: 1 },
	'cup-sleeve': { heightCm: null }
};
export const projectFrom7 = (project: Rec): Rec => {
	const { options } = project;
	const more = isRecord(options) ? ADDED_IN_8[String(options.recipe)] : undefined;
	return more ? { ...project, options: { ...more, ...(options as Rec) } } : project;
};

/** Up to version 8 the pins of a machine counted from 1 at the first of a row. */
export const machineFrom8 = (machine: Rec): Rec => ({ firstPin: 1, ...machine });
export const benchFrom8 = (bench: unknown): unknown =>
	isRecord(bench) ? { ...bench, machines: list(bench.machines, machineFrom8) } : bench;
