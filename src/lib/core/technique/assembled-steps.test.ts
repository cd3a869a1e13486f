import { describe, expect, it } from 'vitest';
import { harbour } from '../../demo/harbour';
import type { Project } from '../model/project';
import type { GarlandOptions, AssembledOptions, ToyOptions } from '../recipe/assembled/options';
import { plan } from '../plan';
import type { AssembledPlan } from '../plan';
import { thingDefaults } from '../../../../tests/support/start';
import { TOY_PRESETS, toyFrom } from '../recipe/assembled/toy';
import { wordSequence, wordStep } from '../technique/say-step';
import type { WorkStep } from './technique';

const { bench } = harbour;
const planOf = (options: AssembledOptions): AssembledPlan => {
	const project: Project = { ...harbour.projects[0]!, options };
	const p = plan<AssembledPlan['finished']>(project, bench);
	if (!p.ok) throw new Error(options.recipe);
	return p;
};
const toy = (id: string): ToyOptions =>
	toyFrom(
		TOY_PRESETS.find((t) => t.id === id)!,
		bench
	)!;
const dos = (steps: readonly WorkStep[]) => steps.map((s) => s.do);
const at = (steps: readonly WorkStep[], find: (s: WorkStep) => boolean) => steps.findIndex(find);

describe('a toy after the machine', () => {
	const p = planOf(toy('caterpillar'));
	const body = p.steps.filter((s) => 'name' in s && s.name === 'Body');

	it('is closed at the last row, stuffed and tied from there back, and closed at the first row', () => {
		expect(dos(body)).toEqual([
			'gather-piece',
			'stuff',
			'tie-off',
			'stuff',
			'tie-off',
			'stuff',
			'tie-off',
			'stuff',
			'tie-off',
			'stuff',
			'tie-off',
			'stuff',
			'gather-piece'
		]);
		expect(body[0]).toMatchObject({ edge: 'cast-off' });
		expect(body.at(-1)).toMatchObject({ edge: 'cast-on' });
		// The swelling at the closed end is the last one knitted; ties go back towards the first row.
		expect(body.flatMap((s) => (s.do === 'stuff' ? [s.nth] : []))).toEqual([6, 5, 4, 3, 2, 1]);
		const ties = body.flatMap((s) => (s.do === 'tie-off' ? [s.atRow] : []));
		expect(ties).toEqual([...ties].sort((a, b) => b - a));
		expect(new Set(ties).size).toBe(5);
	});
	it('ties at the rows between its swellings', () => {
		if (p.finished.kind !== 'stuffed') throw new Error();
		const rows = p.finished.parts[0]!.segments.map((s) => s.rows);
		const sums = rows.slice(0, -1).map((_, i) => rows.slice(0, i + 1).reduce((t, r) => t + r, 0));
		const ties = body.flatMap((s) => (s.do === 'tie-off' ? [s.atRow] : []));
		expect(ties).toEqual(sums.reverse());
	});
	it('is put together when all parts are made, and its eyes come last before the ends', () => {
		const firstSewn = at(p.steps, (s) => s.do === 'attach');
		const lastStuffed = p.steps.findLastIndex((s) => s.do === 'stuff');
		expect(firstSewn).toBeGreaterThan(lastStuffed);
		const eyes = at(p.steps, (s) => s.do === 'eyes');
		expect(eyes).toBeGreaterThan(firstSewn);
		expect(dos(p.steps).slice(-2)).toEqual(['weave-in', 'measure']);
	});
	it('says grams that add up to all its stuffing', () => {
		const grams = p.steps.reduce((t, s) => t + (s.do === 'stuff' ? s.grams * s.copies : 0), 0);
		expect(grams).toBeCloseTo(p.fill!.value.mean, 6);
	});
	it('sews pairs left and right, a flat part along its width and a stuffed one round its opening', () => {
		const foot = p.steps.find((s) => s.do === 'attach' && s.name === 'Foot')!;
		const said = wordStep(foot, 'cm');
		expect(said.title).toContain('the left and the right foot');
		expect(said.title).toContain('8 in all');
		expect(said.how).toMatch(/Round its open end, 22 loops on a ring [\d.]+ cm across/);
		const fin = planOf(toy('seal')).steps.find((s) => s.do === 'attach' && s.name === 'Flipper')!;
		expect(wordStep(fin, 'cm').how).toMatch(/Flat, its 22 loops along [\d.]+ cm/);
	});
	it('takes care by the age: nothing may come off under three', () => {
		const young = planOf({ ...toy('seal'), age: 'under-3' });
		const cautions = young.steps.filter((s) => s.do === 'attach').map((s) => s.caution);
		expect(new Set(cautions)).toEqual(new Set(['under-three']));
		const older = planOf({ ...toy('seal'), age: 'from-3' });
		expect(older.steps.find((s) => s.do === 'attach')!.caution).toBe('hooks-and-scissors');
	});
});

describe('a bag after the machine', () => {
	const p = planOf(thingDefaults('folded-bag', bench)!);
	it('is closed at all four ends, folded, sewn twice, and given its handle', () => {
		expect(dos(p.steps).filter((d) => d !== 'join-tails')).toEqual([
			'rest',
			'close-flat',
			'close-flat',
			'close-flat',
			'close-flat',
			'fold-bag',
			'sew-bag',
			'handle',
			'weave-in',
			'measure'
		]);
		expect(p.steps.find((s) => s.do === 'handle')!.caution).toBe('light-loads');
	});
	it('says which loop goes with which, with what tail, and how long a strand a seam takes', () => {
		const close = p.steps.find((s) => s.do === 'close-flat')!;
		expect(wordSequence(close)).toMatch(/^Start at loop 1, at the marker: 1 with \d+, 2 with/);
		expect(wordStep(close, 'cm').how).toMatch(/With the tail of \d+ cm/);
		expect(wordStep(close, 'in').how).toMatch(/With the tail of [\d.]+ in/);
		expect(
			wordStep(
				p.steps.find((s) => s.do === 'sew-bag')!,
				'cm'
			).how
		).toMatch(/A strand of \d+ cm for each/);
	});
	it('says what stands over, or gapes, where the strip misses its fold', () => {
		const rows = p.pieces[0]!.mainRows;
		const options = thingDefaults('folded-bag', bench) as Extract<
			AssembledOptions,
			{ recipe: 'folded-bag' }
		>;
		const how = (n: number) =>
			wordStep(
				planOf({ ...options, length: { by: 'rows', rows: n } }).steps.find(
					(s) => s.do === 'fold-bag'
				)!,
				'cm'
			).how;
		expect(how(rows + 8)).toContain('4 rows stand over at each end');
		expect(how(rows - 6)).toContain('Each end lacks 3 rows');
		expect(how(rows)).not.toMatch(/stand over|lacks/);
	});
});

describe('a garland after the machine', () => {
	const start = thingDefaults('garland', bench) as GarlandOptions;
	const p = planOf({
		...start,
		items: [
			{ kind: 'bauble', on: null, size: null },
			{ kind: 'flag', on: null, size: 15 },
			{ kind: 'tube', on: null, size: 12 },
			{ kind: 'pom-pom', on: null, size: 30 }
		],
		number: 8
	});
	it('sees to each batch by what it is: stuffed balls, drawn tips, bound tubes, wound tufts', () => {
		const kinds = new Set(dos(p.steps));
		for (const d of ['gather-piece', 'stuff', 'draw-tip', 'bind', 'wind', 'hang'] as const)
			expect(kinds).toContain(d);
		// Hung only when everything that hangs is made.
		expect(at(p.steps, (s) => s.do === 'hang')).toBeGreaterThan(
			p.steps.findLastIndex((s) =>
				['gather-piece', 'stuff', 'draw-tip', 'bind', 'wind'].includes(s.do)
			)
		);
	});
	it('closes a ball only after it is stuffed', () => {
		for (const piece of p.pieces.filter((x) => x.name === 'Bauble')) {
			const closing = at(
				p.steps,
				(s) => s.do === 'gather-piece' && s.edge === 'cast-on' && s.id.endsWith(piece.id)
			);
			const stuffed = at(p.steps, (s) => s.do === 'stuff' && s.id.endsWith(piece.id));
			const first = at(
				p.steps,
				(s) => s.do === 'gather-piece' && s.edge === 'cast-off' && s.id.endsWith(piece.id)
			);
			expect(first).toBeLessThan(stuffed);
			expect(stuffed).toBeLessThan(closing);
		}
	});
	it('says how many wraps of which card, and how far apart along the cord', () => {
		expect(
			wordStep(
				p.steps.find((s) => s.do === 'wind')!,
				'cm'
			).title
		).toMatch(/2 pom-poms, 30 wraps round a card 6 cm long/);
		const hang = wordStep(
			p.steps.find((s) => s.do === 'hang')!,
			'cm'
		);
		expect(hang.title).toMatch(/^Tie 8 things on/);
		expect(hang.how).toContain('a loop of 12 cm at each end');
	});
});

describe('a blanket of tubes after the machine', () => {
	const start = thingDefaults('tube-blanket', bench) as Extract<
		AssembledOptions,
		{ recipe: 'tube-blanket' }
	>;
	it('has its border by repeats where that is asked for', () => {
		const p = planOf({ ...start, across: 2, border: 'repeat', repeatOf: 7 });
		const border = p.steps.find((s) => s.do === 'border')!;
		expect(border).toMatchObject({ stitches: 49, loops: 48, of: 7 });
		expect(wordStep(border, 'cm', 'uk').title).toContain('49 double crochet');
		expect(wordStep(border, 'cm').how).toContain('7 repeats of 7 over 48 loops');
		expect(p.findings.find((f) => f.code === 'border-off')).toMatchObject({ eases: true });
	});
	it('has no seam alone, and no border where none is wished', () => {
		const p = planOf({ ...start, across: 1, border: 'none' });
		expect(dos(p.steps)).not.toContain('side-by-side');
		expect(dos(p.steps)).not.toContain('border');
	});
});

it('tails at joins are seen to once, tied or woven, and not woven in again at the end', () => {
	const options = thingDefaults('folded-bag', bench)! as Extract<
		AssembledOptions,
		{ recipe: 'folded-bag' }
	>;
	const ends = (joinTails: 'tie' | 'weave') => {
		const p = planOf({ ...options, joinTails });
		const step = p.steps.find((s) => s.do === 'weave-in');
		const joins = p.steps.find((s) => s.do === 'join-tails');
		return {
			ends: step?.do === 'weave-in' ? step.ends : 0,
			joins: joins?.do === 'join-tails' ? joins.joins : 0
		};
	};
	expect(ends('tie').joins).toBeGreaterThan(5);
	expect(ends('tie')).toEqual(ends('weave'));
	// Strip and handle, two ends each; and the strands of two seams and of the handle.
	expect(ends('tie').ends).toBe(4 + 2 * 3);
});
