import { entryAt } from '../../quantity/sure';
import type { Gauge } from '../../bench/gauge/gauge';
import type { Machine } from '../../model/bench';
import { size, type Size } from '../../assembly/size';
import type { GarlandOptions } from './options';
import type { Design } from '../recipe';
import { estimate, exact, quotient, relative, scale, type Estimate } from '../../quantity/estimate';
import { figure, own, worked, type Figure } from '../../quantity/working';
import { densityTerm } from './common';
import type { ThingOf } from './form/thing';
import { partLength, segmentRadius } from './form/toy';

interface On {
	readonly machine: Machine;
	readonly gauge: Gauge;
}

/** Sizes, stuffing and handwork of a thing of several pieces. */
interface ThingFigures {
	readonly size: readonly Figure[];
}

/** What a design says of itself in figures. */
type Said = Pick<Design, 'sizes'>;
const said = ({ size: list }: ThingFigures, lies: Size['lies']): Said => ({
	sizes: list.map((f, i) => size(`size-${i + 1}`, f, lies))
});

const spread = (cm: number, density: Estimate): Estimate =>
	estimate(cm, cm * relative(density), density.basis);

function bagFigures(thing: ThingOf<'folded'>, { gauge: main, machine }: On): ThingFigures {
	const { bag } = thing;
	const across = densityTerm(main, 'stitchesPerCm');
	const half = worked(machine.pins / 2, 'stitches', 'across the flat tube');
	const counted = (label: string, cm: number, times: number) =>
		figure(label, 'length', spread(cm, main.stitchesPerCm), [
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
			figure('Strip before folding', 'length', spread(bag.lengthCm, main.rowsPerCm), [
				worked(thing.rows, 'rows', 'rows'),
				'÷',
				densityTerm(main, 'rowsPerCm')
			]),
			figure('Handle, long', 'length', spread(thing.handle.longCm, main.stitchesPerCm), [
				half,
				'÷',
				across,
				'×',
				worked(thing.handle.longCm / bag.widthCm, 'plain', 'as closings give')
			]),
			figure('Handle, wide', 'length', spread(thing.handle.wideCm, main.rowsPerCm), [
				own(thing.handle.rows, 'rows', 'rows'),
				'÷',
				densityTerm(main, 'rowsPerCm')
			])
		]
	};
}

function blanketFigures(
	thing: ThingOf<'side-by-side'>,
	{ gauge: main, machine }: On
): ThingFigures {
	return {
		size: [
			figure(
				'Width',
				'length',
				scale(quotient(exact(machine.pins / 2), main.stitchesPerCm), thing.across),
				[
					own(thing.across, 'plain', 'tubes'),
					'×',
					worked(machine.pins / 2, 'stitches', 'across each, flat'),
					'÷',
					densityTerm(main, 'stitchesPerCm')
				]
			),
			figure('Length', 'length', quotient(exact(thing.rows), main.rowsPerCm), [
				worked(thing.rows, 'rows', 'rows'),
				'÷',
				densityTerm(main, 'rowsPerCm')
			])
		]
	};
}

function toyFigures(thing: ThingOf<'stuffed'>): ThingFigures {
	const root = entryAt(thing.parts, 0);
	const thick = Math.max(...root.segments.map((s) => 2 * segmentRadius(root, s)));
	const flat = root.segments.reduce((t, s) => t + s.flatCm, 0);
	return {
		size: [
			figure(
				`${root.part.name}, end to end`,
				'length',
				// A rounded end swallows length: how much differs with the hand that stuffs it.
				estimate(partLength(root), 0.05 * partLength(root), 'estimated'),
				[
					worked(flat, 'length', 'of flat tube'),
					'×',
					worked(partLength(root) / flat, 'plain', 'stuffed to half an ellipse')
				]
			),
			figure(`${root.part.name}, thick`, 'length', estimate(thick, 0.05 * thick, 'estimated'), [
				worked(root.roundCm, 'length', 'round, relaxed'),
				'×',
				worked((thick * Math.PI) / root.roundCm, 'plain', 'as stuffing widens it'),
				'÷',
				worked(Math.PI, 'plain', 'round to across')
			])
		]
	};
}

function garlandFigures(thing: ThingOf<'hung'>, options: GarlandOptions): ThingFigures {
	const { solved } = thing;
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
			figure('Cord, loops and all', 'length', exact(thing.cordCm), [
				worked(cord.lengthCm, 'length', 'hanging'),
				'+',
				worked(2, 'plain', 'loops'),
				'×',
				own(thing.loopCm, 'length', 'in each')
			])
		]
	};
}

function pomPomFigures(thing: ThingOf<'wound'>): ThingFigures {
	return {
		size: [
			figure('Across, trimmed', 'length', estimate(thing.cm, 0.08 * thing.cm, 'estimated'), [
				own(thing.cardCm, 'length', 'long card'),
				'×',
				worked(thing.cm / thing.cardCm, 'plain', 'left by trimming')
			]),
			figure('Wraps of each', 'things', exact(thing.wraps), [
				worked(thing.wraps, 'plain', thing.wraps === thing.usual ? 'that fill it' : 'set by you')
			])
		]
	};
}

export const bagSaid = (thing: ThingOf<'folded'>, on: On): Said =>
	said(bagFigures(thing, on), 'flat');
export const blanketSaid = (thing: ThingOf<'side-by-side'>, on: On): Said =>
	said(blanketFigures(thing, on), 'flat');
export const toySaid = (thing: ThingOf<'stuffed'>): Said => said(toyFigures(thing), 'stuffed');
export const garlandSaid = (thing: ThingOf<'hung'>, options: GarlandOptions): Said =>
	said(garlandFigures(thing, options), 'hung');
export const pomPomSaid = (thing: ThingOf<'wound'>): Said => said(pomPomFigures(thing), 'flat');
