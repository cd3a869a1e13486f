import * as z from 'zod';
import type { Options } from '../model/options';
import type { Choice, Common, Control } from './control';
import { asked, type Asked, type Now, type OptionGroup, type Word } from './option';

export type * from './control';

type Shape = Readonly<Record<string, z.ZodType>>;
type Path = readonly string[];
type Bag = Readonly<Record<string, unknown>>;
const isBag = (x: unknown): x is Bag => typeof x === 'object' && x !== null && !Array.isArray(x);
const at = (options: unknown, path: Path): unknown =>
	path.reduce<unknown>((x, key) => (isBag(x) ? x[key] : undefined), options);

/** The outermost option with everything on the way to `path` as it was, and that set. */
function patchAt(options: Bag, path: Path, value: unknown): Record<string, unknown> {
	const [key, ...rest] = path;
	if (key === undefined) return {};
	const inner = options[key];
	return {
		[key]:
			rest.length === 0
				? value
				: { ...(isBag(inner) ? inner : {}), ...patchAt(isBag(inner) ? inner : {}, rest, value) }
	};
}

const bare = (schema: z.ZodType): z.ZodType =>
	schema instanceof z.ZodNullable || schema instanceof z.ZodOptional
		? bare(schema.unwrap() as z.ZodType)
		: schema;
/** Brought into the range of its schema, and to a whole number where it asks for one. */
function fitted(schema: z.ZodType | undefined, value: unknown): unknown {
	const inner = schema && bare(schema);
	if (!(inner instanceof z.ZodNumber) || typeof value !== 'number') return value;
	const whole = inner.format === 'safeint' ? Math.round(value) : value;
	return Math.min(inner.maxValue ?? Infinity, Math.max(inner.minValue ?? -Infinity, whole));
}

/** Ways to set one thing, by the field that tells them apart. */
function waysOf(schema: z.ZodType): { by: string; ways: Map<string, z.ZodObject> } | null {
	if (!(schema instanceof z.ZodDiscriminatedUnion)) return null;
	const by = schema.def.discriminator;
	const ways = new Map<string, z.ZodObject>();
	for (const way of schema.options as unknown as z.ZodObject[]) {
		const tag = (way.shape as Shape)[by];
		if (tag instanceof z.ZodLiteral) for (const v of tag.values) ways.set(String(v), way);
	}
	return { by, ways };
}

/** The few values there are, what stands now among them; null for too many. */
function valuesOf(schema: z.ZodType, { choices }: Asked, now: unknown): readonly unknown[] | null {
	if (choices)
		return typeof now !== 'number' || choices.includes(now)
			? choices
			: [...choices, now].sort((a, b) => a - b);
	if (schema instanceof z.ZodEnum) return schema.options;
	if (schema instanceof z.ZodBoolean) return [true, false];
	if (schema instanceof z.ZodUnion && !(schema instanceof z.ZodDiscriminatedUnion)) {
		const parts = schema.options as readonly z.ZodType[];
		if (parts.every((o) => o instanceof z.ZodLiteral)) return parts.flatMap((o) => [...o.values]);
	}
	return null;
}

class Walk {
	readonly found: Control[] = [];
	constructor(
		private readonly root: Shape,
		private readonly options: Options,
		private readonly now: Now
	) {}

	/** What a part of the metadata says, now. */
	private say<T>(part: T | ((options: never, now: never) => T)): T {
		return typeof part === 'function'
			? (part as (o: unknown, now: unknown) => T)(this.options, this.now)
			: part;
	}
	private word(how: Asked, id: string): Word {
		const word = how.words?.[id] ?? (how.unit ? `${id} ${how.unit}` : id);
		return typeof word === 'string' ? { label: word } : word;
	}
	/** What it is while nothing says it: an option that came after the record was written. */
	private left = (schema: z.ZodType, { usual }: Asked): unknown =>
		schema instanceof z.ZodOptional && usual !== undefined ? this.say(usual) : undefined;
	/** Options that change along, brought into their range. */
	private also({ also }: Asked, value: unknown): Record<string, unknown> {
		const more = also?.(this.options as never, this.now as never, value as never) ?? {};
		return Object.fromEntries(Object.entries(more).map(([k, v]) => [k, fitted(this.root[k], v)]));
	}
	private common(path: Path, how: Asked, group: OptionGroup): Common {
		const label = this.say(how.label);
		return {
			key: path.join('.'),
			group,
			label,
			what: how.what ?? label.toLowerCase(),
			says: how.says === undefined ? null : this.say(how.says),
			sets: how.sets?.(this.options as never) ?? null,
			patch: (value) => ({
				...this.also(how, value),
				...patchAt(this.options, path, value)
			})
		};
	}

	shape(shape: Shape, path: Path, group: OptionGroup, leave: readonly string[] = []): void {
		for (const [key, schema] of Object.entries(shape))
			if (!leave.includes(key)) this.option(schema, [...path, key], group);
	}

	private option(schema: z.ZodType, path: Path, outer: OptionGroup): void {
		const how = asked.get(schema as never) as Asked | undefined;
		const group = how?.group ?? outer;
		const inner = bare(schema);
		if (how?.when && !this.say<boolean>(how.when)) return;
		if (!how) {
			// What is asked for may lie deeper.
			if (inner instanceof z.ZodObject) this.shape(inner.shape as Shape, path, group);
			return;
		}
		const common = this.common(path, how, group);
		const value = at(this.options, path) ?? this.left(schema, how);
		const ways = waysOf(inner);
		const values = valuesOf(inner, how, value);
		if (how.editor !== undefined) {
			const [least, most] = [lengthOf(inner, 'min_length'), lengthOf(inner, 'max_length')];
			this.found.push({
				...common,
				kind: 'editor',
				editor: how.editor,
				value,
				least: least ?? 0,
				most: most ?? Infinity
			});
		} else if (ways) this.ways(ways, common, how, path);
		else if (values)
			this.found.push({
				...common,
				kind: 'choice',
				as: how.as === 'list' ? 'list' : 'row',
				chosen: String(value),
				choices: values.map((v) => ({ ...this.word(how, String(v)), id: String(v), value: v }))
			});
		else if (inner instanceof z.ZodNumber)
			this.number(inner, common, how, { value, may: schema instanceof z.ZodNullable });
		else if (inner instanceof z.ZodObject) this.shape(inner.shape as Shape, path, group);
		else this.found.push({ ...common, kind: 'yarn', value: String(value) });
	}

	private number(
		inner: z.ZodNumber,
		common: Common,
		how: Asked,
		{ value, may }: { readonly value: unknown; readonly may: boolean }
	): void {
		const [min, max] = [inner.minValue ?? 0, inner.maxValue ?? Number.MAX_SAFE_INTEGER];
		if (how.as === 'again') {
			const next = Number(value) >= max ? min : Number(value) + 1;
			this.found.push({ ...common, kind: 'again', next });
			return;
		}
		this.found.push({
			...common,
			kind: 'number',
			unit: how.unit ?? '',
			min,
			max,
			value: typeof value === 'number' ? value : null,
			usual:
				may && how.usual !== undefined
					? { value: this.say<number | string>(how.usual), says: how.usualSays ?? 'the usual' }
					: null,
			named: how.named ? this.say(how.named).map((n) => ({ ...n, id: String(n.value) })) : [],
			own: how.own ?? common.label
		});
	}

	private ways(
		{ by, ways }: NonNullable<ReturnType<typeof waysOf>>,
		common: Common,
		how: Asked,
		path: Path
	): void {
		const { split } = how;
		const choices = [...ways].flatMap(([id, way]): Choice[] => {
			const inner = split === undefined ? undefined : (way.shape as Shape)[split];
			const parts = inner instanceof z.ZodEnum ? inner.options : [undefined];
			return parts.map((part) => {
				const whole = part === undefined ? id : `${id}-${part}`;
				return { ...this.word(how, whole), id: whole, value: { id, part } };
			});
		});
		const value = at(this.options, path);
		const tag = String(isBag(value) ? value[by] : '');
		const part = split !== undefined && isBag(value) ? value[split] : undefined;
		const chosen = part === undefined ? tag : `${tag}-${String(part)}`;
		this.found.push({
			...common,
			kind: 'choice',
			as: how.as === 'row' ? 'row' : 'list',
			chosen,
			choices,
			patch: (to) => {
				const { id, part } = to as { id: string; part?: string };
				const start = how.start?.[part === undefined ? id : `${id}-${part}`] ?? how.start?.[id];
				const shape = (ways.get(id)?.shape ?? {}) as Shape;
				const begun = Object.entries(start ? this.say<object>(start as never) : {}).map(
					([key, v]) => [key, fitted(shape[key], v)]
				);
				return common.patch({
					[by]: id,
					...Object.fromEntries(begun),
					...(split !== undefined && part !== undefined ? { [split]: part } : {})
				});
			}
		});
		const way = ways.get(tag);
		if (way) this.shape(way.shape as Shape, path, common.group, split ? [by, split] : [by]);
	}
}

/** The fewest or the most entries of a list. */
function lengthOf(list: z.ZodType, check: 'min_length' | 'max_length'): number | undefined {
	if (!(list instanceof z.ZodArray)) return undefined;
	for (const c of list.def.checks ?? []) {
		const def = c._zod.def as { check: string; minimum?: number; maximum?: number };
		if (def.check === check) return def.minimum ?? def.maximum;
	}
	return undefined;
}

/**
 * Everything a maker can set of a recipe's options, in the order of its schema, as it stands now. Only what applies is among
 * them. No range is made up here: all of them are the schema's.
 */
export function controlsOf(schema: z.ZodObject, options: Options, now: Now): readonly Control[] {
	const walk = new Walk(schema.shape as Shape, options, now);
	walk.shape(schema.shape as Shape, [], 'slip', ['recipe']);
	return walk.found;
}
