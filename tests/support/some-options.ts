import type * as z from 'zod';
import type { Bench, Project } from '../../src/lib/core/model/project';
import type { Options } from '../../src/lib/core/model/options';
import { recipeOf, RECIPES } from '../../src/lib/core/recipe';
import type { ToyPart } from '../../src/lib/core/recipe/assembled/options';
import type { FreePiece } from '../../src/lib/core/recipe/garments/free-piece';
import { machineOf, yarnOf } from './bench';
import { seeded } from './random';

/** Anything the file format lets through, its extremes more often than its middle: made from the schema itself. */

const IDS = ['a', 'b', 'c', 'd'];
const LINES = ['10 A', '1 A', '1 A 1 B', '12 A, 4 B', '100 (1 A 1 B)', '400 A', '50 fade A to B'];

type Random = () => number;
interface Def {
	readonly type: string;
	readonly [key: string]: unknown;
}
const defOf = (s: unknown): Def => (s as { _zod: { def: Def } })._zod.def;
const pick = <T>(random: Random, list: readonly T[]): T =>
	list[Math.floor(random() * list.length)]!;

function number(random: Random, min: number, max: number, whole: boolean): number {
	const r = random();
	const v =
		r < 0.25 ? max : r < 0.4 ? min : min + (max - min) * (r < 0.7 ? random() ** 3 : random());
	return Math.min(max, Math.max(min, whole ? Math.round(v) : v));
}

/** What a string stands for is known by its place. */
function text(random: Random, path: string): string {
	if (/(yarns?\[\]|yarn|outer|lining|main|brim)$/.test(path)) return pick(random, IDS);
	if (/(stripes|line)$/.test(path)) return pick(random, LINES);
	if (/\.on$/.test(path)) return pick(random, ['m', 'n']);
	return pick(random, ['p', 'q', 'r', 'side']);
}

function anyOf(schema: unknown, path: string, random: Random): unknown {
	const def = defOf(schema);
	const inner = () => anyOf(def.innerType, path, random);
	switch (def.type) {
		case 'object': {
			const shape = def.shape as Record<string, unknown>;
			const entries = Object.entries(shape).map(([k, v]) => [k, anyOf(v, `${path}.${k}`, random)]);
			return Object.fromEntries(entries.filter(([, v]) => v !== undefined));
		}
		case 'enum':
			return pick(random, Object.values(def.entries as Record<string, string>));
		case 'literal':
			return pick(random, def.values as unknown[]);
		case 'boolean':
			return random() < 0.5;
		case 'nullable':
			return random() < 0.4 ? null : inner();
		case 'optional':
			return random() < 0.3 ? undefined : inner();
		case 'union':
			return anyOf(pick(random, def.options as unknown[]), path, random);
		case 'array': {
			const checks = ((def.checks ?? []) as unknown[]).map((c) => defOf(c) as Partial<Def>);
			const bound = (check: string, key: string, otherwise: number) =>
				Number(checks.find((c) => c.check === check)?.[key] ?? otherwise);
			const most = Math.min(60, bound('max_length', 'maximum', 5));
			const length = number(random, bound('min_length', 'minimum', 0), most, true);
			return Array.from({ length }, () => anyOf(def.element, `${path}[]`, random));
		}
		case 'record': {
			const keys = Object.values((defOf(def.keyType).entries ?? {}) as Record<string, string>);
			const some = keys.filter(() => random() < 0.5);
			return Object.fromEntries(some.map((k) => [k, anyOf(def.valueType, path, random)]));
		}
		case 'number': {
			const { minValue, maxValue, isInt } = schema as z.ZodNumber;
			const most = Number.isFinite(maxValue) ? maxValue! : 100;
			return number(random, minValue ?? 0, most, isInt || def.format === 'safeint');
		}
		case 'string':
			return text(random, path);
		default:
			throw new Error(`no way to make a ${def.type} at ${path}`);
	}
}

/** Edges that narrow going up, so that some of them can be knitted. */
function drawn(piece: FreePiece, random: Random): FreePiece {
	const [w, h] = [number(random, 1, 400, false), number(random, 1, 400, false)];
	const edge = (side: 'left' | 'right') => {
		const n = number(random, 2, 60, true);
		let [x, y] = [0, 0];
		return Array.from({ length: n }, (_, i) => {
			const point = { x: side === 'left' ? x : w - x, y: i === n - 1 ? h : y, part: 'side' };
			y += (h - y) * random();
			x = Math.min(w / 2, x + (random() < 0.5 ? (random() * w) / n : 0));
			return point;
		});
	};
	return { ...piece, left: edge('left'), right: edge('right') };
}

/** A seam of pieces that there are. */
type FreeSeam = Record<'a' | 'b', { piece: string }>;
const ofPieces = (seam: FreeSeam, of: number, random: Random): FreeSeam => {
	const one = () => `p${number(random, 0, of - 1, true)}`;
	return { ...seam, a: { ...seam.a, piece: one() }, b: { ...seam.b, piece: one() } };
};

/** A part by a name of its own, sewn to any. */
const hung = (p: ToyPart, i: number, of: number, random: Random): ToyPart => ({
	...p,
	id: `t${i}`,
	to: p.to && { ...p.to, part: `t${number(random, 0, of - 1, true)}` }
});

/** Valid options of some recipe, all of which have to be loaded; never the same for another seed. */
function someOptions(random: Random, family: string | undefined): Options {
	const among = RECIPES.filter((r) => family === undefined || r.group === family);
	const schema = recipeOf(pick(random, among).id)!.options;
	for (;;) {
		const made = anyOf(schema, '', random) as Options & {
			pieces?: FreePiece[];
			seams?: FreeSeam[];
			parts?: ToyPart[];
		};
		const { pieces, parts } = made;
		const options = {
			...made,
			...(pieces && { pieces: pieces.map((p, i) => drawn({ ...p, id: `p${i}` }, random)) }),
			...(pieces && {
				seams:
					pieces.length === 0
						? []
						: (made.seams ?? []).map((x) => ofPieces(x, pieces.length, random))
			}),
			...(parts && { parts: parts.map((p, i) => hung(p, i, parts.length, random)) })
		};
		const parsed = schema.safeParse(options);
		if (parsed.success) return parsed.data as Options;
	}
}

/** A project of any options, of any recipe or of one family, on any ring and at any gauge that a bench may hold. */
export function anyProject(seed: number, family?: string): { project: Project; bench: Bench } {
	const random = seeded(seed);
	const pins = () =>
		pick(random, [4, 5, 6, 8, 20, 22, 40, 48, 100, 200, number(random, 4, 200, true)]);
	const machine = (id: string) =>
		machineOf(pins(), {
			id: id as Bench['machines'][number]['id'],
			// By the seed, so that all else stays as it was drawn.
			turns: seed % 2 === 0 ? 'clockwise' : 'anticlockwise',
			firstPin: seed % 4 === 0 ? 3 : 1,
			rightSide: seed % 3 === 0 ? 'toward' : 'away',
			panelLost: { start: number(random, 0, 6, true), end: number(random, 0, 6, true) },
			ringCm: number(random, 5, 400, false)
		});
	const machines = [machine('m'), machine('n')];
	const yarns = IDS.map((id) =>
		yarnOf(id, {
			gramsOnHand: number(random, 0, 100_000, false),
			strands: number(random, 1, 4, true)
		})
	);
	// From a jumbo yarn to a fine cord, as the format bounds it.
	const over = () => ({ count: 10 * Math.min(8, 0.2 * 40 ** random()), overCm: 10 });
	return {
		project: {
			id: `any-${seed}` as Project['id'],
			name: 'any',
			createdAt: 0,
			machineId: machines[0]!.id,
			options: someOptions(random, family),
			...(seed % 5 === 0 && { gather: { how: 'doubled' as const } }),
			...(seed % 5 === 1 && { gather: { how: 'yarn' as const, yarnId: yarns.at(-1)!.id } }),
			accepted: [],
			useFresh: false,
			holdsYarn: true,
			used: null,
			note: ''
		},
		bench: {
			machines,
			yarns,
			swatches: machines.flatMap((m) =>
				yarns.map((y) => ({
					id: `${m.id}-${y.id}` as Bench['swatches'][number]['id'],
					machineId: m.id,
					yarnId: y.id,
					strands: y.strands,
					slot: 0,
					hand: 'none' as const,
					fabric: null,
					readings: [
						{
							id: 'r',
							state: 'rested' as const,
							notation: 'per-10cm' as const,
							stitches: over(),
							rows: over()
						}
					],
					loops: [],
					note: ''
				}))
			),
			tests: [],
			evidence: []
		}
	};
}

/** The families of recipes; and whether the long form of a property is asked for. */
export const FAMILIES = [...new Set(RECIPES.map((r) => r.group))];
const LONG = process.env.LONG === '1';

/**
 * Seeded projects for a property: a few of any recipe; in the long form 2,000 of each family. Each with what its seed and
 * family are called.
 */
export function* seededProjects(
	few: number
): Generator<{ readonly what: string; readonly project: Project; readonly bench: Bench }> {
	if (!LONG)
		for (let seed = 1; seed <= few; seed++) yield { what: `seed ${seed}`, ...anyProject(seed) };
	else
		for (const family of FAMILIES)
			for (let seed = 1; seed <= 2000; seed++)
				yield { what: `${family}, seed ${seed}`, ...anyProject(seed, family) };
}
export const SEEDED_MS = LONG ? 3_600_000 : 120_000;
