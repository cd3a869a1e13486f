import { saidOnly, size, type Size } from '../../assembly/size';
import { flatWidth, type FinishedTube } from '../../assembly/finished-tube';
import type { Gauge } from '../../bench/gauge/gauge';
import { estimate, exact, quotient, scale } from '../../quantity/estimate';
import { CHAIN_CM, CHAIN_RELATIVE_SD } from '../../quantity/chain';
import type { Assembly } from '../../assembly/assembly';
import type { TubeAsks } from './options';
import { figure, own, worked, type Figure, type Term } from '../../quantity/working';

interface TubeFigures {
	readonly length: Figure;
	readonly width: Figure;
	/** Stretch round what it goes round; null where it goes round nothing. */
	readonly stretch: Figure | null;
}

interface Input {
	readonly tube: FinishedTube;
	readonly gauge: Gauge;
	readonly rows: number;
	/** Rows of a hem hung double; 0 for none. */
	readonly hemRows: number;
	readonly pins: number;
	/** A cord on a few pins, not a tube on all of them. */
	readonly cord: boolean;
}

/** Figures of a plain tube with the line of arithmetic behind each. */
function tubeFigures({ tube, gauge, rows, hemRows, pins, cord }: Input): TubeFigures {
	const term = (of: 'rowsPerCm' | 'stitchesPerCm', value: number): Term => {
		const measured = gauge[of].basis !== 'estimated';
		return {
			value,
			kind: of === 'rowsPerCm' ? 'row-density' : 'stitch-density',
			label: measured ? 'your gauge' : 'guessed gauge',
			own: measured
		};
	};
	const { round } = tube;
	const has = round?.by === 'length' ? tube.flatLength : tube.circumference;
	return {
		length: figure('Length, flat', 'length', tube.flatLength, [
			...(hemRows > 0
				? [
						'(',
						worked(rows, 'rows', 'rows'),
						'−',
						worked(hemRows / 2, 'rows', 'hidden in the hem'),
						')'
					]
				: [worked(rows, 'rows', 'rows')]),
			'÷',
			term('rowsPerCm', (rows - hemRows / 2) / tube.flatLength.mean)
		]),
		width: figure('Width, flat', 'length', flatWidth(tube), [
			own(pins, 'pins', cord ? 'of the cord' : 'your machine'),
			'÷',
			term('stitchesPerCm', gauge.stitchesPerCm.mean),
			'÷',
			worked(2, 'plain', 'front and back')
		]),
		stretch:
			round &&
			figure(
				'Stretch when worn',
				'percent',
				estimate(round.stretch, ((1 + round.stretch) * has.sd) / has.mean, has.basis),
				[
					own(round.cm, 'length', 'round it'),
					'÷',
					worked(has.mean, 'length', round.by === 'length' ? 'long' : 'round, relaxed'),
					'− 1'
				]
			)
	};
}

/** What can be measured of a plain tube. */
export function tubeSizes(input: Input): Size[] {
	const { length, width, stretch } = tubeFigures(input);
	return [
		size('length', length),
		size('width', width),
		...(stretch ? [size('stretch', stretch, 'worn')] : [])
	];
}

/** The length at each of the row counts that makers choose between, and how far that stretches round. */
export function compared(kind: TubeAsks, gauge: Gauge, { round }: FinishedTube): Size[] {
	if (!kind.counts || round?.by !== 'length') return [];
	return kind.counts.map((rows) => {
		const long = scale(quotient(exact(rows), gauge.rowsPerCm), 1);
		const stretch = Math.round(100 * (round.cm / long.mean - 1));
		const at = figure(`At ${rows} rows`, 'length', long, [
			worked(rows, 'rows', `stretched ${stretch} % round it`),
			'÷',
			worked(gauge.rowsPerCm.mean, 'row-density', 'gauge')
		]);
		return saidOnly(size(`at-${rows}`, at));
	});
}

/** How long its cord, strap or ties come, relaxed, as the assembly has them. */
export function cordsOf(kind: TubeAsks, assembly: Assembly): Size[] {
	const chains = assembly.flatMap((s) => ('chains' in s ? [s.chains] : []))[0];
	if (!kind.chains || chains === undefined) return [];
	const cm = chains * CHAIN_CM;
	return [
		size(
			'chain',
			figure(kind.chains.called, 'length', estimate(cm, cm * CHAIN_RELATIVE_SD, 'estimated'), [
				worked(chains, 'plain', 'chains'),
				'×',
				worked(CHAIN_CM, 'length', 'each, from memory')
			])
		)
	];
}
