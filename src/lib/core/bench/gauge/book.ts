import type { Swatch, Yarn } from '../../model/bench';
import type { Bench, Evidence } from '../../model/project';
import { twistKey } from '../yarn/tex';
import { predictor, type Predict } from './prior';
import type { Looked, Pairs } from './blocks';
import { teach, type Lessons } from './taught';

/** The part of a bench that gauges come from. */
export type Measured = Pick<Bench, 'yarns' | 'swatches' | 'evidence'>;

/** What was measured, sorted by machine and yarn, so that many gauges can be asked of one bench quickly. */
export interface GaugeBook {
	/** Swatches of this yarn or another colour of it, on this machine, with as many strands. */
	readonly swatches: (machineId: string, yarn: Yarn) => readonly Swatch[];
	/** What of finished things was knitted with this yarn on this machine: the look, and its place among what the look is on. */
	readonly evidence: (machineId: string, yarn: Yarn) => readonly Look[];
	/** What all finished things teach together; worked out when it is first asked for. `knownOf` as the pairs are known without. */
	readonly lessons: (knownOf: KnownOf, aside: () => readonly Looked[]) => Lessons;
	/** By which a pair is known in the lessons. */
	readonly pair: (machineId: string, yarn: Yarn) => string;
	readonly keyOf: (on: Evidence['on'][number]) => string;
	/** Every swatch, and a yarn by its id. */
	readonly all: () => readonly Swatch[];
	readonly yarn: (id: string) => Yarn | undefined;
	/** Swatches of this yarn with as many strands, on any machine. */
	readonly elsewhere: (yarn: Yarn) => readonly Swatch[];
	readonly predict: Predict;
	/** Where set, the spread that every gauge has, relative, in place of its own: see how a figure hangs on each. */
	readonly spread?: (machineId: string, yarn: Yarn) => Spreads;
}
export interface Look {
	readonly evidence: Evidence;
	readonly on: Evidence['on'][number];
}
export type KnownOf = (
	machineId: string,
	yarn: Yarn | undefined,
	on: Evidence['on'][number]
) => ReturnType<Pairs['knownOf']>;
export interface Spreads {
	readonly stitches: number;
	readonly rows: number;
	readonly loop: number;
}

function grouped<T>(items: readonly T[], key: (item: T) => string): Map<string, T[]> {
	const groups = new Map<string, T[]>();
	for (const item of items) {
		const k = key(item);
		const group = groups.get(k);
		if (group) group.push(item);
		else groups.set(k, [item]);
	}
	return groups;
}

const books = new WeakMap<Measured, GaugeBook>();

/**
 * Sorts a bench once, however often it is asked. Nothing is copied; the prediction is prepared, and what finished things teach
 * worked out, when it is first asked for. A bench is not changed after that: another is made.
 */
export function gaugeBook(measured: Measured): GaugeBook {
	const known = books.get(measured);
	if (known) return known;
	const book = sorted(measured);
	books.set(measured, book);
	return book;
}

function sorted(measured: Measured): GaugeBook {
	const byId = new Map<string, Yarn>(measured.yarns.map((y) => [y.id, y]));
	const key = (yarnId: string, strands: number) => {
		const yarn = byId.get(yarnId);
		return yarn ? `${twistKey(yarn)}|${strands}` : `${yarnId}|${strands}`;
	};
	const keyOf = (yarn: Yarn) => `${twistKey(yarn)}|${yarn.strands}`;
	const swatches = grouped(measured.swatches, (s) => `${s.machineId}|${key(s.yarnId, s.strands)}`);
	const anywhere = grouped(measured.swatches, (s) => key(s.yarnId, s.strands));
	const pairOf = (on: Evidence['on'][number]) => `${on.machineId}|${key(on.yarnId, on.strands)}`;
	const evidence = grouped(
		measured.evidence.flatMap((e) => e.on.map((on): Look => ({ evidence: e, on }))),
		({ on }) => pairOf(on)
	);
	let predict: Predict | undefined;
	let lessons: Lessons | undefined;
	const known = new Map<string, ReturnType<KnownOf>>();
	return {
		swatches: (machineId, yarn) => swatches.get(`${machineId}|${keyOf(yarn)}`) ?? [],
		evidence: (machineId, yarn) => evidence.get(`${machineId}|${keyOf(yarn)}`) ?? [],
		all: () => measured.swatches,
		yarn: (id) => byId.get(id),
		lessons: (knownOf, aside) =>
			(lessons ??= teach([...measured.evidence, ...aside()], {
				keyOf: (on) => ({ pair: pairOf(on), yarn: key(on.yarnId, on.strands) }),
				knownOf: (on) => {
					const name = `${on.machineId}|${on.yarnId}|${on.strands}`;
					const asked = known.get(name);
					if (asked) return asked;
					const yarn = byId.get(on.yarnId);
					const is = knownOf(on.machineId, yarn && { ...yarn, strands: on.strands }, on);
					known.set(name, is);
					return is;
				}
			})),
		keyOf: pairOf,
		pair: (machineId, yarn) => `${machineId}|${keyOf(yarn)}`,
		elsewhere: (yarn) => anywhere.get(keyOf(yarn)) ?? [],
		predict: (machineId, yarn) => (predict ??= predictor(measured.swatches, byId))(machineId, yarn)
	};
}
