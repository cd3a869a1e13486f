import { entryAt } from '../quantity/sure';
import { sizeOf } from '../assembly/size';
import { metresPerRow, nineOfTen, rowsLeft } from '../bench/gauge/ball';
import type { MachineId, Yarn } from '../model/bench';
import type { Bench } from '../model/project';
import { HEAD_SIZES } from '../model/kinds';
import type { HeadSize } from '../bench/size/head';
import type { FinishedOf } from '../recipe/finished';
import type { HatProject, LinedHatOptions } from '../recipe/hats/options';
import { plan, type PlanOf } from '../plan';
import { exact, quotient, type Estimate } from '../quantity/estimate';
import { recipeOf } from '../recipe';

/** Something that could be made of one yarn. */
export interface Possible {
	readonly machineId: MachineId;
	readonly pins: number;
	readonly size: HeadSize;
	readonly brim: boolean;
	readonly options: LinedHatOptions;
	readonly rows: number;
	readonly tube: Estimate;
	readonly width: Estimate;
	readonly stretch: number;
	/** With the tails. */
	readonly grams: Estimate;
	/** `sure` in nine of ten cases, `close` by the mean, `short` otherwise. */
	readonly fits: 'sure' | 'close' | 'short';
	/** False where a finding says stop, or the tube sits loose or very tight: no hat for that head. */
	readonly sensible: boolean;
}

/** The longest tube a yarn gives on a machine, tails set aside. */
export interface Longest {
	readonly machineId: MachineId;
	readonly pins: number;
	/** Whole rows in nine of ten cases, and by the mean. */
	readonly safeRows: number;
	readonly rows: number;
	readonly tube: Estimate;
}

const ask = (
	bench: Bench,
	machineId: MachineId,
	options: LinedHatOptions
): PlanOf<'worn'> | undefined => {
	const project: HatProject = {
		id: 'ask' as HatProject['id'],
		name: 'ask',
		createdAt: 0,
		machineId,
		options,
		accepted: [],
		useFresh: false,
		holdsYarn: false,
		used: null,
		note: ''
	};
	const p = plan<FinishedOf<'worn'>>(project, bench);
	return p.ok ? p : undefined;
};

/** What a lined hat begins with; its recipe has to be loaded. */
const linedDefaults = (bench: Bench): LinedHatOptions | undefined =>
	recipeOf('lined-hat')?.defaults(bench) as LinedHatOptions | undefined;

const UNFIT = new Set(['loose', 'tight', 'too-tight', 'brim-too-high']);
const gramsOf = (p: PlanOf<'worn'>): Estimate => entryAt(p.amounts, 0).grams.value;

/**
 * All hats that could be made of `grams` of one yarn: every machine and head size, with and without a brim to turn up.
 * The reserve for tails is in every sum; waste is knitted with another yarn.
 */
export function makeWith(yarn: Yarn, grams: number, bench: Bench): Possible[] {
	const stocked = { ...bench, yarns: bench.yarns.map((y) => (y.id === yarn.id ? yarn : y)) };
	return bench.machines.flatMap((machine) =>
		HEAD_SIZES.flatMap((size) =>
			[true, false].flatMap((brim): Possible[] => {
				const first = linedDefaults({ ...stocked, yarns: [yarn] });
				if (!first) return [];
				const options: LinedHatOptions = {
					...first,
					head: { kind: 'table', size },
					brim: { ...first.brim, turnedUp: brim }
				};
				const p = ask(stocked, machine.id, options);
				if (!p) return [];
				const need = gramsOf(p);
				return [
					{
						machineId: machine.id,
						pins: machine.pins,
						size,
						brim,
						options,
						rows: entryAt(p.pieces, 0).mainRows,
						tube: p.finished.hat.tubeFlat,
						width: sizeOf(p, 'flat-width').value,
						stretch: p.finished.hat.stretch,
						grams: need,
						fits: nineOfTen(need) <= grams ? 'sure' : need.mean <= grams ? 'close' : 'short',
						sensible: !p.findings.some((f) => UNFIT.has(f.code) || f.severity === 'stop')
					}
				];
			})
		)
	);
}

/** The most rows of tube that `grams` of a yarn give on each machine, with both end tails of a gathered tube set aside. */
export function longestTubes(yarn: Yarn, grams: number, bench: Bench): Longest[] {
	return bench.machines.flatMap((machine): Longest[] => {
		const first = linedDefaults({ ...bench, yarns: [yarn] });
		const p = first && ask(bench, machine.id, { ...first, length: { by: 'rows', rows: 100 } });
		if (!p) return [];
		const gauge = entryAt(p.gauges, 0);
		const tails = entryAt(p.pieces, 0).tails.reduce((t, tail) => t + tail.lengthCm / 100, 0);
		const left = rowsLeft(grams, yarn, metresPerRow(machine, gauge), tails);
		return [
			{
				machineId: machine.id,
				pins: machine.pins,
				safeRows: left.safeRows,
				rows: left.rows,
				tube: quotient(exact(left.safeRows), gauge.rowsPerCm)
			}
		];
	});
}
