import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { harbour } from '$lib/demo/harbour';
import { plan } from '$lib/core/plan';
import type { ToyOptions } from '$lib/core/recipe/assembled/options';
import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
import { segmentLength, segmentRadius } from '$lib/core/recipe/assembled/form/toy';
import { hungPath, pomPath } from '$lib/core/thing/hung-path';
import { withEdit } from './toy-edit';

const project = harbour.projects.find((p) => p.id === 'project-seal')!;
const options = project.options as ToyOptions;

function made(parts: ToyOptions['parts']): AssembledOf<'stuffed'> {
	const p = plan({ ...project, options: { ...options, parts } }, harbour.bench);
	if (!p.ok || p.finished.kind !== 'stuffed') throw new Error();
	return p.finished;
}
const seal = made(options.parts);
const body = seal.parts[0]!;
/** The first swelling of the body, as seen, after a change. */
function after(edit: Parameters<typeof withEdit>[1]) {
	const next = made(withEdit(options, edit, body.roundCm)).parts[0]!;
	return {
		long: segmentLength(next, next.segments[0]!),
		thick: 2 * segmentRadius(next, next.segments[0]!)
	};
}

describe('proportions drawn on the picture', () => {
	it('come out as they were drawn, to the nearest row', () => {
		fc.assert(
			fc.property(fc.double({ min: 8, max: 60, noNaN: true }), (longCm) => {
				const rowCm = body.segments[0]!.flatCm / body.segments[0]!.rows;
				const { long } = after({ part: 'body', segment: 0, longCm });
				expect(Math.abs(long - longCm)).toBeLessThan(1.5 * rowCm + 0.2);
			}),
			{ seed: 111, numRuns: 25 }
		);
	});
	it('widen by stuffing, within what a tube gives', () => {
		const relaxed = body.roundCm / Math.PI;
		const drawn = relaxed * 1.3;
		expect(after({ part: 'body', segment: 0, thickCm: drawn }).thick).toBeCloseTo(drawn, 0);
		expect(after({ part: 'body', segment: 0, thickCm: 500 }).thick).toBeCloseTo(relaxed * 1.6, 6);
		expect(after({ part: 'body', segment: 0, thickCm: 0.1 }).thick).toBeCloseTo(relaxed, 6);
	});
	it('change one swelling of one part and nothing else', () => {
		const next = withEdit(options, { part: 'body', segment: 1, longCm: 12 }, body.roundCm);
		expect(next.slice(1)).toEqual(options.parts.slice(1));
		expect(next[0]!.segments[0]).toEqual(options.parts[0]!.segments[0]);
		expect(next[0]!.segments[1]).not.toEqual(options.parts[0]!.segments[1]);
		expect(withEdit(options, { part: 'gone', segment: 0, longCm: 9 }, 20)).toEqual(options.parts);
	});
	it('of a flat part are its tube, as long as drawn', () => {
		const next = withEdit(options, { part: 'flipper', segment: 0, longCm: 9.04 }, 20);
		expect(next.find((p) => p.id === 'flipper')!.segments[0]!.length).toEqual({
			by: 'cm',
			cm: 9
		});
		const least = withEdit(options, { part: 'flipper', segment: 0, longCm: -5 }, 20);
		expect(least.find((p) => p.id === 'flipper')!.segments[0]!.length).toEqual({ by: 'cm', cm: 1 });
	});
});

describe('what hangs on a garland', () => {
	const numbers = (d: string) => (d.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
	it.each(['bauble', 'pumpkin', 'flag', 'pom-pom', 'tube'] as const)(
		'a %s is drawn from where it hangs downwards, as large as it is',
		(kind) => {
			const item = { kind, piece: null, yarn: 0, widthCm: 6, heightCm: 4, wraps: 0, fillGrams: 0 };
			const d = hungPath(item, 100, 50, 10);
			expect(d).toMatch(/^M.*Z$/);
			const all = numbers(d);
			expect(all.every(Number.isFinite)).toBe(true);
			const ys = all.filter((_, i) => i % 2 === 1 && all.length % 2 === 0);
			if (kind !== 'pom-pom') expect(Math.max(...all)).toBeLessThanOrEqual(100 + 0.7 * 60 + 40);
			if (ys.length > 0) expect(Math.min(...ys)).toBeGreaterThanOrEqual(47);
		}
	);
	it('a pom-pom is ragged: its points lie on two rings', () => {
		const points = numbers(pomPath(0, 0, 100, 20));
		const away = Array.from({ length: points.length / 2 }, (_, i) =>
			Math.hypot(points[2 * i]!, points[2 * i + 1]!)
		);
		expect(away).toHaveLength(40);
		expect(Math.max(...away)).toBeCloseTo(100, 0);
		expect(Math.min(...away)).toBeCloseTo(93, 0);
	});
});
