import type { Swatch, Yarn } from '../../model/bench';
import type { Bench, Evidence } from '../../model/project';
import { twistKey } from '../yarn/tex';
import { predictor, type Predict } from './prior';

/** The part of a bench that gauges come from. */
export type Measured = Pick<Bench, 'yarns' | 'swatches' | 'evidence'>;

/** What was measured, sorted by machine and yarn, so that many gauges can be asked of one bench quickly. */
export interface GaugeBook {
	/** Swatches of this yarn or another colour of it, on this machine, with as many strands. */
	readonly swatches: (machineId: string, yarn: Yarn) => readonly Swatch[];
	readonly evidence: (machineId: string, yarn: Yarn) => readonly Evidence[];
	/** Swatches of this yarn with as many strands, on any machine. */
	readonly elsewhere: (yarn: Yarn) => readonly Swatch[];
	readonly predict: Predict;
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

/** Sorts a bench once. Nothing is copied; the prediction is prepared when it is first asked for. */
export function gaugeBook(measured: Measured): GaugeBook {
	const byId = new Map<string, Yarn>(measured.yarns.map((y) => [y.id, y]));
	const key = (yarnId: string, strands: number) => {
		const yarn = byId.get(yarnId);
		return yarn ? `${twistKey(yarn)}|${strands}` : `${yarnId}|${strands}`;
	};
	const keyOf = (yarn: Yarn) => `${twistKey(yarn)}|${yarn.strands}`;
	const swatches = grouped(measured.swatches, (s) => `${s.machineId}|${key(s.yarnId, s.strands)}`);
	const anywhere = grouped(measured.swatches, (s) => key(s.yarnId, s.strands));
	const evidence = grouped(measured.evidence, (e) => `${e.machineId}|${key(e.yarnId, e.strands)}`);
	let predict: Predict | undefined;
	return {
		swatches: (machineId, yarn) => swatches.get(`${machineId}|${keyOf(yarn)}`) ?? [],
		evidence: (machineId, yarn) => evidence.get(`${machineId}|${keyOf(yarn)}`) ?? [],
		elsewhere: (yarn) => anywhere.get(keyOf(yarn)) ?? [],
		predict: (machineId, yarn) => (predict ??= predictor(measured.swatches, byId))(machineId, yarn)
	};
}
