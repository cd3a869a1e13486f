import { entryAt } from '../../quantity/sure';
import type { Gauge } from '../../bench/gauge/gauge';
import type { Machine } from '../../model/bench';
import { size, type Size } from '../../assembly/size';
import type { GarlandOptions } from './options';
import type { Design } from '../recipe';
import { estimate, exact, quotient, relative, scale, type Estimate } from '../../quantity/estimate';
import { figure, own, worked, type Figure } from '../../quantity/working';
import { densityTerm } from './common';
import type { AssembledOf, HungItem } from './form/assembled';
import { partLength, segmentRadius } from './form/toy';

interface On {
	readonly machine: Machine;
	readonly gauge: Gauge;
}

/** Sizes, stuffing and handwork of a thing of several pieces. */
interface AssembledFigures {
	readonly size: readonly Figure[];
}

/** What a design says of itself in figures. */
type Said = Pick<Design, 'sizes'>;
const said = ({ size: list }: AssembledFigures, lies: Size['lies']): Said => ({
	sizes: list.map((f, i) => size(`size-${i + 1}`, f, lies))
});

const laid = (cm: number, density: Estimate): Estimate =>
	estimate(cm, cm * relative(density), density.basis);

function bagFigures(
	finished: AssembledOf<'folded'>,
	{ gauge: main, machine }: On
): AssembledFigures {
	const { bag } = finished;
	const across = densityTerm(main, 'stitchesPerCm');
	const half = worked(machine.pins / 2, 'stitches', 'across the flat tube');
	const counted = (label: string, cm: number, times: number) =>
		figure(label, 'length', laid(cm, main.stitchesPerCm), [
			half,
			'÷',
			across,
			'×',
			worked(times, 'plain', 'of a square and its diagonal')
		]);
	return {
		size: [
			counted('Wide and high, to its points', bag.sideCm, Math.SQRT2),
			counted('Deep, at the middle', bag.depthCm, Math.SQRT1_2),
			figure('Strip before folding', 'length', laid(bag.lengthCm, main.rowsPerCm), [
				worked(finished.rows, 'rows', 'rows'),
				'÷',
				densityTerm(main, 'rowsPerCm')
			]),
			figure('Handle, long', 'length', laid(finished.handle.longCm, main.stitchesPerCm), [
				half,
				'÷',
				across,
				'×',
				worked(finished.handle.longCm / bag.widthCm, 'plain', 'as closings give')
			]),
			figure('Handle, wide', 'length', laid(finished.handle.wideCm, main.rowsPerCm), [
				own(finished.handle.rows, 'rows', 'rows'),
				'÷',
				densityTerm(main, 'rowsPerCm')
			])
		]
	};
}

function blanketFigures(
	finished: AssembledOf<'side-by-side'>,
	{ gauge: main, machine }: On
): AssembledFigures {
	return {
		size: [
			figure(
				'Width',
				'length',
				scale(quotient(exact(machine.pins / 2), main.stitchesPerCm), finished.across),
				[
					own(finished.across, 'plain', 'tubes'),
					'×',
					worked(machine.pins / 2, 'stitches', 'across each, flat'),
					'÷',
					densityTerm(main, 'stitchesPerCm')
				]
			),
			figure('Length', 'length', quotient(exact(finished.rows), main.rowsPerCm), [
				worked(finished.rows, 'rows', 'rows'),
				'÷',
				densityTerm(main, 'rowsPerCm')
			])
		]
	};
}

/** A rounded end swallows length, stuffing widens: how much differs with the hand that stuffs it (one sd, from memory). */
const STUFFED_SD = 0.05;
const stuffedSpread = (cm: number, density: Estimate): Estimate =>
	estimate(cm, cm * Math.hypot(STUFFED_SD, relative(density)), 'estimated');

function toyFigures(finished: AssembledOf<'stuffed'>, gauge: Gauge): AssembledFigures {
	const root = entryAt(finished.parts, 0);
	const thick = Math.max(...root.segments.map((s) => 2 * segmentRadius(root, s)));
	const flat = root.segments.reduce((t, s) => t + s.flatCm, 0);
	return {
		size: [
			figure(
				`${root.part.name}, end to end`,
				'length',
				stuffedSpread(partLength(root), gauge.rowsPerCm),
				[
					worked(flat, 'length', 'of flat tube'),
					'×',
					worked(partLength(root) / flat, 'plain', 'stuffed to half an ellipse')
				]
			),
			figure(`${root.part.name}, thick`, 'length', stuffedSpread(thick, gauge.stitchesPerCm), [
				worked(root.roundCm, 'length', 'round, relaxed'),
				'×',
				worked((thick * Math.PI) / root.roundCm, 'plain', 'as stuffing widens it'),
				'÷',
				worked(Math.PI, 'plain', 'round to across')
			])
		]
	};
}

function garlandFigures(finished: AssembledOf<'hung'>, options: GarlandOptions): AssembledFigures {
	const { solved } = finished;
	const { solve } = options;
	const given = (value: number, what: 'number' | 'spacing' | 'span', label: string) =>
		solve === what ? worked(value, 'length', label) : own(value, 'length', label);
	const { cord } = solved;
	return {
		size: [
			figure('Things on it', 'things', exact(solved.number), [
				worked(cord.lengthCm, 'length', 'of cord, hook to hook'),
				'÷',
				given(solved.spacingCm, 'spacing', 'from middle to middle'),
				'−',
				worked(1, 'plain', 'gap more than things')
			]),
			figure('From middle to middle', 'length', exact(solved.spacingCm), [
				worked(cord.lengthCm, 'length', 'of cord, hook to hook'),
				'÷ (',
				worked(solved.number, 'plain', 'things'),
				'+',
				worked(1, 'plain', ''),
				')'
			]),
			figure('Span, hook to hook', 'length', exact(cord.spanCm), [
				given(cord.spanCm, 'span', solve === 'span' ? 'worked out' : 'set by you'),
				'with',
				own(cord.sagCm, 'length', 'of sag')
			]),
			figure('Cord, loops and all', 'length', exact(finished.cordCm), [
				worked(cord.lengthCm, 'length', 'hanging'),
				'+',
				worked(2, 'plain', 'loops'),
				'×',
				own(finished.loopCm, 'length', 'in each')
			])
		]
	};
}

function pomPomFigures(finished: AssembledOf<'wound'>): AssembledFigures {
	return {
		size: [
			figure('Across, trimmed', 'length', estimate(finished.cm, 0.08 * finished.cm, 'estimated'), [
				own(finished.cardCm, 'length', 'long card'),
				'×',
				worked(finished.cm / finished.cardCm, 'plain', 'left by trimming')
			]),
			figure('Wraps of each', 'things', exact(finished.wraps), [
				worked(
					finished.wraps,
					'plain',
					finished.wraps === finished.usual ? 'that fill it' : 'set by you'
				)
			])
		]
	};
}

export const bagSaid = (finished: AssembledOf<'folded'>, on: On): Said =>
	said(bagFigures(finished, on), 'flat');
export const blanketSaid = (finished: AssembledOf<'side-by-side'>, on: On): Said =>
	said(blanketFigures(finished, on), 'flat');
/** `gauge` is that of its first part. */
export const toySaid = (finished: AssembledOf<'stuffed'>, gauge: Gauge): Said =>
	said(toyFigures(finished, gauge), 'stuffed');
/** `widest` is the widest thing that is knitted, with the gauge it is knitted at. */
export const garlandSaid = (
	finished: AssembledOf<'hung'>,
	options: GarlandOptions,
	widest: { readonly item: HungItem; readonly gauge: Gauge } | null
): Said => {
	const { sizes } = said(garlandFigures(finished, options), 'hung');
	if (!widest) return { sizes };
	const { item, gauge } = widest;
	const spread = item.fillGrams > 0 ? stuffedSpread : laid;
	const value = spread(item.widthCm, gauge.stitchesPerCm);
	const working = [worked(item.widthCm, 'length', 'by its stitches')];
	return {
		sizes: [
			...sizes,
			size('widest', figure('Widest thing, across', 'length', value, working), 'hung')
		]
	};
};
export const pomPomSaid = (finished: AssembledOf<'wound'>): Said =>
	said(pomPomFigures(finished), 'flat');
