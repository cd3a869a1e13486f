import { describe, expect, it } from 'vitest';
import { A, B, benchOf, M48, projectOf } from '../../../tests/support/bench';
import { GARMENTS } from '../core/model/kinds';
import { garmentOptions, type GarmentOptions } from '../core/recipe/garments/options';
import { project as projectSchema } from '../core/model/project';
import { plan } from '../core/plan';
import { garmentDefaults } from '../core/recipe/garments/start';
import { recipeFor } from '../core/recipe';
import { yarnsOf, withYarn } from '../core/recipe/uses';
import { openProject, readProject, VERSION, writeProject } from './project-file';

const bench = benchOf({ yarns: [A, B] });
const fileOf = (options: GarmentOptions) => ({
	format: 'tomble-project' as const,
	version: VERSION,
	project: projectSchema.parse({ ...projectOf(), options }),
	bench,
	events: [],
	results: []
});

describe('a garment in a file', () => {
	it('comes back as it was written, and plans the same', () => {
		for (const kind of GARMENTS) {
			const options: GarmentOptions = garmentOptions(kind).parse({
				...garmentDefaults(kind, bench)!,
				measures: { chest: 91.5, width: 33 },
				alone: [{ piece: 'front-left', measure: 'length', cm: 55 }]
			}) as GarmentOptions;
			const file = fileOf(options as never);
			const opened = readProject(writeProject(file as never));
			if (!opened.ok) throw new Error(opened.refusal.path);
			expect(opened.value.project.options).toEqual(options);
			expect(plan(opened.value.project, opened.value.bench)).toEqual(plan(file.project, bench));
		}
	});

	it('holds nothing that is worked out', () => {
		const written = JSON.parse(
			writeProject(fileOf(garmentDefaults('cardigan', bench)!) as never)
		) as { project: object };
		const text = JSON.stringify(written.project);
		expect(text).not.toMatch(/schedule|takes|"rows"|verdict|stitches"/);
	});

	it('is refused with the path where it is not a garment', () => {
		const good = garmentDefaults('free-garment', bench)!;
		const vest = garmentDefaults('vest', bench)!;
		const blanket = garmentDefaults('blanket', bench)!;
		const bad: [object, RegExp, GarmentOptions?][] = [
			[{ measures: { chest: -4 } }, /measures/, vest],
			[{ measures: { elbow: 40 } }, /measures/, vest],
			[{ ease: 900 }, /ease/, vest],
			[{ size: 'giant' }, /size/, vest],
			[{ layout: { ...blanket.layout, across: 500 } }, /layout/, blanket],
			[{ pieces: [{ ...good.pieces[0]!, left: [{ x: 0, y: 0 }] }] }, /pieces/],
			[
				{
					pieces: [
						{
							...good.pieces[0]!,
							right: [
								{ x: 1e9, y: 0 },
								{ x: 0, y: 5 }
							]
						}
					]
				},
				/pieces/
			],
			[{ pieces: Array.from({ length: 13 }, () => good.pieces[0]!) }, /pieces/],
			[{ seams: [{ a: { piece: '', part: 'side' }, b: { piece: 'x', part: 'y' } }] }, /seams/],
			[{ card: { ...good.card, every: 0 } }, /card/]
		];
		for (const [patch, path, whole = good] of bad) {
			const file = {
				...fileOf(good),
				project: { ...projectOf(), options: { ...whole, ...patch } }
			};
			const opened = openProject(file);
			if (opened.ok) throw new Error(`taken: ${JSON.stringify(patch)}`);
			expect(opened.refusal.code).toBe('damaged');
			expect(opened.refusal.path).toMatch(path);
		}
	});

	it('never throws, however odd the outline', () => {
		const good = garmentDefaults('free-garment', bench)!;
		const piece = good.pieces[0]!;
		const odd = [
			[
				{ x: 0, y: 0 },
				{ x: 0, y: 0 }
			],
			[
				{ x: 30, y: 0 },
				{ x: -30, y: 5 },
				{ x: 30, y: 38 }
			],
			Array.from({ length: 60 }, (_, i) => ({ x: i % 2, y: i }))
		];
		for (const left of odd) {
			const options = { ...good, pieces: [{ ...piece, left }], seams: [] };
			const p = plan({ ...projectOf(), machineId: M48.id, options }, bench);
			expect(p.ok).toBe(true);
			expect(p.findings.some((f) => f.severity === 'stop')).toBe(true);
		}
	});

	it('a yarn is put in the place of another wherever it stands', () => {
		const options = { ...garmentDefaults('blanket', bench)!, yarns: [A.id, B.id, A.id] };
		expect(withYarn(options, A.id, B.id).yarns).toEqual([B.id, B.id, B.id]);
		expect(yarnsOf(options)).toEqual([A.id, B.id]);
		// Its rows follow from its measures.
		expect(recipeFor(options)!.withRows).toBeUndefined();
	});
});
