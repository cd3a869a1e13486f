import { entryAt, last } from '../../quantity/sure';
import type { AssemblyStep } from '../../assembly/assembly';
import type { FlatClosing, WasteWith } from '../../model/kinds';
import type { YarnId } from '../../model/bench';
import type { Bench } from '../../model/project';
import type { Gauge } from '../../bench/gauge/gauge';
import { worked, type Term, type Working } from '../../quantity/working';
import { tubeProgram, type Program } from '../../program/program';
import { joined, repeated, sectionsOf } from '../../stripes/sections';
import { readStripes } from '../../stripes/stripe-line';

/** What every thing of tubes says of its waste yarn and its closing. */
export interface Ends {
	readonly wasteStart: number;
	readonly wasteWith: WasteWith;
	readonly wasteEnd: number;
	readonly joinTails: 'tie' | 'weave';
}
export const USUAL_ENDS: Ends = {
	wasteStart: 4,
	wasteWith: 'yarn',
	wasteEnd: 0,
	joinTails: 'tie'
};
export const USUAL_CLOSING: FlatClosing = 'slip';

export interface Band {
	readonly yarn: number;
	readonly rows: number;
}

/** Rows of each yarn by a stripe line said again and again, by the yarns' places among those used; A where it does not read. */
export function bandsOf(line: string, yarns: readonly YarnId[], rows: number): Band[] {
	const ids = [...new Set(yarns)];
	const read = readStripes(line, yarns.length);
	const sections = read.ok ? sectionsOf(read.line) : [];
	const laid = sections.length > 0 ? repeated(sections, rows) : [{ yarn: 0, rows }];
	return joined(laid.map((s) => ({ rows: s.rows, yarn: ids.indexOf(entryAt(yarns, s.yarn)) })));
}

/** A tube of bands on all pins, or a cord on a few. */
export const tubeOf = (
	bands: readonly Band[],
	ends: Ends,
	pins?: { readonly from: number; readonly to: number }
): Program =>
	tubeProgram({
		sections: bands,
		wasteStart: pins ? 0 : ends.wasteStart,
		wasteWith: ends.wasteWith,
		wasteEnd: pins ? 0 : ends.wasteEnd,
		...(pins ? { pins } : {})
	});

export const densityTerm = (gauge: Gauge, of: 'rowsPerCm' | 'stitchesPerCm'): Term => {
	const own = gauge[of].basis !== 'estimated';
	return {
		value: gauge[of].mean,
		kind: of === 'rowsPerCm' ? 'row-density' : 'stitch-density',
		label: own ? 'your gauge' : 'guessed gauge',
		own
	};
};

/** So many cm of tube in rows. */
export const rowsFrom = (cm: number, gauge: Gauge, label: string): Working => [
	worked(cm, 'length', label),
	'×',
	densityTerm(gauge, 'rowsPerCm')
];

/** Yarns to begin with: as many as there are, up to `n`, and at least one. */
export const yarnsFor = (bench: Bench, n: number): YarnId[] =>
	bench.yarns.slice(0, Math.max(1, n)).map((y) => y.id);

/** The machine with fewest pins, for small parts; null where that is the only one. */
export const smallOn = (bench: Bench) => {
	const by = [...bench.machines].sort((a, b) => a.pins - b.pins);
	return by.length > 1 && entryAt(by, 0).pins < last(by).pins ? entryAt(by, 0).id : null;
};

/** How the work after the machine begins, whatever is made of several pieces, and how it ends. */
export const BEGUN: readonly AssemblyStep[] = [{ do: 'rest', as: 'piece' }, { do: 'join-tails' }];
export const ENDED: readonly AssemblyStep[] = [{ do: 'weave-in' }, { do: 'measure' }];

/** Both ends of a piece closed flat, the last row first. */
export const closedFlat = (
	piece: string,
	{ closing }: { readonly closing: FlatClosing }
): AssemblyStep[] =>
	(['cast-off', 'cast-on'] as const).map((edge) => ({
		do: 'close-flat',
		piece,
		edge,
		how: closing,
		brief: true
	}));
