import { size, type Size } from '../../assembly/size';
import type { Gauge } from '../../bench/gauge/gauge';
import { figure, own, worked, type Figure, type Term } from '../../quantity/working';
import type { Flag } from '../../assembly/flag';

interface FlagFigures {
	readonly width: Figure;
	readonly height: Figure;
	readonly string: Figure;
}

/** Sizes of a flag with the line of arithmetic behind each. */
function flagFigures(flag: Flag, gauge: Gauge, rows: number): FlagFigures {
	const term = (of: 'rowsPerCm' | 'stitchesPerCm'): Term => {
		const measured = gauge[of].basis !== 'estimated';
		return {
			value: gauge[of].mean,
			kind: of === 'rowsPerCm' ? 'row-density' : 'stitch-density',
			label: measured ? 'your gauge' : 'guessed gauge',
			own: measured
		};
	};
	return {
		width: figure('Top edge, flat', 'length', flag.width, [
			worked(flag.stitches, 'stitches', 'cast on'),
			'÷',
			term('stitchesPerCm')
		]),
		height: figure('From edge to tip, flat', 'length', flag.height, [
			worked(rows, 'rows', 'rows'),
			'÷',
			term('rowsPerCm')
		]),
		string: figure('All flags, side by side', 'length', flag.string, [
			worked(flag.width.mean, 'length', 'one'),
			'×',
			own(flag.flags, 'plain', 'flags')
		])
	};
}

/** What can be measured of a string of flags. */
export function flagSizes(flag: Flag, gauge: Gauge, rows: number): Size[] {
	const f = flagFigures(flag, gauge, rows);
	return [size('height', f.height), size('width', f.width), size('string', f.string, 'hung')];
}
