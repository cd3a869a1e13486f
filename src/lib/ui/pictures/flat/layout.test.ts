import { describe, expect, it } from 'vitest';
import { A, B, benchOf, M48 } from '../../../../../tests/support/bench';
import { ring } from '../../../core/recipe/garments/flat';
import { makePieces } from '../../../core/recipe/garments/make';
import { GARMENTS, type GarmentKindId } from '../../../core/model/kinds';
import { garmentDefaults, wholeGarment } from '../../../core/recipe/garments/start';
import { placePieces } from './layout';

const bench = benchOf({ yarns: [A, B] });
const density = { stitchesPerCm: 1.6, rowsPerCm: 2.1 };
const placed = (kind: GarmentKindId) =>
	placePieces(makePieces(wholeGarment(garmentDefaults(kind, bench)!), { machine: M48, density }));

/** From where to where a piece lies on the drawing. */
const span = (p: ReturnType<typeof placed>['placed'][number]): [number, number] => {
	const xs = ring(p.piece.outline).map((q) => q.x + p.x);
	return [Math.min(...xs), Math.max(...xs)];
};

describe('pieces on the drawing', () => {
	it('lie side by side, none over another, all within its width', () => {
		for (const kind of GARMENTS) {
			const { placed: pieces, width, height } = placed(kind);
			const spans = pieces.map(span);
			for (const [i, [from, to]] of spans.entries()) {
				expect(to).toBeLessThanOrEqual(width + 1e-6);
				expect(from).toBeGreaterThanOrEqual(i === 0 ? -1e-6 : spans[i - 1]![1]);
				expect(pieces[i]!.height).toBeLessThanOrEqual(height);
				expect(to - from).toBeCloseTo(pieces[i]!.width, 9);
			}
		}
	});

	it('halves of a back and of a front stand together, as they are seen on a body', () => {
		const { placed: pieces } = placed('cardigan');
		expect(pieces.slice(0, 4).map((p) => p.piece.id)).toEqual([
			'back-left',
			'back-right',
			'front-right',
			'front-left'
		]);
		const gap = (i: number) => span(pieces[i + 1]!)[0] - span(pieces[i]!)[1];
		expect(gap(0)).toBeLessThan(gap(1));
		expect(gap(2)).toBeLessThan(gap(1));
	});

	it('a sleeve knitted from the shoulder down is shown with its cuff below', () => {
		const sleeve = placed('sweater').placed.find((p) => p.piece.id === 'sleeve')!;
		expect(sleeve.flip).toBe(true);
	});
});
