import { entryAt } from '../../quantity/sure';
import { saidOnly, size, type Size } from '../../assembly/size';
import type { FinishedHat } from '../../assembly/finished';
import type { Gauge } from '../../bench/gauge/gauge';
import type { Machine } from '../../model/bench';
import { estimate, scale } from '../../quantity/estimate';
import { figure, own, worked, type Figure, type Term } from '../../quantity/working';

interface HatFigures {
	readonly tubeFlat: Figure;
	readonly layerFlat: Figure;
	readonly layerWorn: Figure;
	readonly heightWorn: Figure;
	readonly circumference: Figure;
	readonly flatWidth: Figure;
	readonly stretch: Figure;
}

interface Input {
	readonly hat: FinishedHat;
	readonly machine: Machine;
	readonly gauges: readonly Gauge[];
	readonly mainRows: number;
	readonly head: number;
}

/** Every size of a hat with the line of arithmetic behind it, in the maker's own values. */
function hatFigures({ hat, machine, gauges, mainRows, head }: Input): HatFigures {
	const main = entryAt(gauges, 0);
	const { wear } = main;
	const measured = (g: Gauge['rowsPerCm']) => g.basis !== 'estimated';
	const rowDensity: Term = {
		value: mainRows / hat.tubeFlat.mean,
		kind: 'row-density',
		label: measured(main.rowsPerCm) ? 'your gauge' : 'guessed gauge',
		own: measured(main.rowsPerCm)
	};
	const stitchDensity: Term = {
		value: main.stitchesPerCm.mean,
		kind: 'stitch-density',
		label: measured(main.stitchesPerCm) ? 'your gauge' : 'guessed gauge',
		own: measured(main.stitchesPerCm)
	};
	const circumferenceTerm = worked(hat.circumference.mean, 'length', 'round, relaxed');
	const strain = Math.max(0, hat.stretch);
	const stretchSd = (head / hat.circumference.mean ** 2) * hat.circumference.sd;
	return {
		tubeFlat: figure('Tube, flat', 'length', hat.tubeFlat, [
			worked(mainRows, 'rows', 'rows'),
			'÷',
			rowDensity
		]),
		layerFlat: figure('One layer, flat', 'length', hat.layerFlat, [
			worked(hat.tubeFlat.mean, 'length', 'tube'),
			'÷',
			worked(2, 'plain', 'layers')
		]),
		layerWorn: figure('One layer, worn', 'length', hat.layerWorn, [
			worked(hat.layerFlat.mean, 'length', 'flat'),
			'× ( 1 −',
			{ ...worked(wear.shortening.mean, 'plain', 'shorter per wider'), own: wear.readings > 0 },
			'×',
			worked(strain, 'percent', 'stretch'),
			')'
		]),
		heightWorn: figure('Height on the head', 'length', hat.heightWorn, [
			worked(hat.layerWorn.mean, 'length', 'layer, worn'),
			...(hat.brimCm > 0 ? ['−', own(hat.brimCm, 'length', 'brim turned up')] : [])
		]),
		circumference: figure('Round, relaxed', 'length', hat.circumference, [
			own(machine.pins, 'pins', 'your machine'),
			'÷',
			stitchDensity
		]),
		flatWidth: figure('Width, flat', 'length', scale(hat.circumference, 0.5), [
			circumferenceTerm,
			'÷',
			worked(2, 'plain', 'front and back')
		]),
		stretch: figure(
			'Stretch on the head',
			'percent',
			estimate(hat.stretch, stretchSd, hat.circumference.basis),
			[own(head, 'length', 'head'), '÷', circumferenceTerm, '− 1']
		)
	};
}

/** What can be measured of a hat, flat and worn. */
export function hatSizes(input: Input): Size[] {
	const f = hatFigures(input);
	return [
		size('tube-flat', f.tubeFlat),
		size('height-worn', f.heightWorn, 'worn'),
		size('layer-flat', f.layerFlat),
		size('layer-worn', f.layerWorn, 'worn'),
		size('flat-width', f.flatWidth),
		// Twice the width: nobody measures it apart.
		saidOnly(size('round', f.circumference)),
		size('stretch', f.stretch, 'worn')
	];
}
