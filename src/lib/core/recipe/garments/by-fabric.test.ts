import { describe, expect, it } from 'vitest';
import { A, benchOf, machineOf } from '../../../../../tests/support/bench';
import { ARMHOLES, NECKS, SHOULDERS, type BodySize } from '../../model/kinds';
import type { GarmentOptions } from './options';
import { isSpare } from '../../program/program';
import { garmentDefaults } from './start';
import { LOOP, yarnRuns, type Fabric } from '../../simulate/fabric';
import { simulate } from '../../simulate/simulate';
import type { MadePiece } from './made-piece';
import { makePieces } from './make';

/**
 * The counts of a garment read off the knitted fabric alone, loop by loop, and held against what the plan says of its pieces:
 * a second way to the same numbers.
 */
const bench = benchOf({ yarns: [A] });
const density = { stitchesPerCm: 1.45, rowsPerCm: 1.95 };

interface Read {
	readonly rows: number;
	/** Lowest and highest pin in each main row. */
	readonly ends: readonly (readonly [number, number])[];
	/** Main row of the first loop chained off, and how many were chained off in all. */
	readonly firstOff: number | null;
	readonly chained: number;
}

function read(fabric: Fabric): Read {
	const main = yarnRuns(fabric).find((r) => !isSpare(r.yarn))!;
	const ends: [number, number][] = [];
	let firstOff: number | null = null;
	let chained = 0;
	for (let r = main.from; r < main.to; r++) {
		const pins: number[] = [];
		for (let i = fabric.rowStart[r]!; i < fabric.rowStart[r + 1]!; i++) {
			pins.push(fabric.pin[i]!);
			if (fabric.state[i] !== LOOP.castOff) continue;
			chained += 1;
			// A loop of this row is chained off before the next.
			firstOff ??= r - main.from + 1;
		}
		ends.push([Math.min(...pins), Math.max(...pins)]);
	}
	return { rows: main.to - main.from, ends, firstOff, chained };
}

const parts = (p: MadePiece, part: string, key: 'rows' | 'stitches') =>
	p.parts.filter((x) => x.part === part).reduce((t, x) => t + x[key], 0);

describe.each(['clockwise', 'anticlockwise'] as const)('on a ring that turns %s', (turns) => {
	const machine = machineOf(48, { turns });
	const bodies = (['woman-s', 'man-m', 'child-8'] as BodySize[]).flatMap((size) =>
		ARMHOLES.flatMap((armhole) =>
			NECKS.flatMap((neck) => SHOULDERS.map((shoulder) => ({ size, armhole, neck, shoulder })))
		)
	);
	it.each(bodies)('$size, $armhole armhole, $neck neck, $shoulder shoulder', (body) => {
		const options: GarmentOptions = { ...garmentDefaults('vest', bench)!, ...body };
		const { pieces } = makePieces(options, { machine, density });
		expect(pieces.length).toBeGreaterThanOrEqual(4);
		for (const p of pieces) {
			expect(p.problem).toBeNull();
			const { fabric, faults } = simulate(p.program, machine);
			expect(faults).toEqual([]);
			const knitted = read(fabric);
			expect(knitted.rows).toBe(p.rows);
			const [low, high] = knitted.ends[0]!;
			expect(high - low + 1).toBe(p.stitches);
			// What leaves each edge is what is scheduled there, on the side the ring puts it.
			const [lastLow, lastHigh] = knitted.ends.at(-1)!;
			const off = (side: 'left' | 'right') =>
				p.schedule![side].takes.reduce((t, x) => t + x.stitches, 0);
			const [lowSide, highSide] =
				turns === 'clockwise' ? (['right', 'left'] as const) : (['left', 'right'] as const);
			expect([lastLow - low, high - lastHigh]).toEqual([off(lowSide), off(highSide)]);
			const groups = [...p.schedule!.left.takes, ...p.schedule!.right.takes].filter(
				(t) => t.how === 'group'
			);
			expect(knitted.chained).toBe(groups.reduce((t, x) => t + x.stitches, 0));
			expect(knitted.firstOff).toBe(
				groups.length === 0 ? null : Math.min(...groups.map((t) => t.row))
			);
			// The underarm is cut where the side ends.
			const under = parts(p, 'armhole', 'stitches');
			if (p.of.startsWith('back') && under >= 3)
				expect(knitted.firstOff).toBe(parts(p, 'side', 'rows'));
		}
	});
});
