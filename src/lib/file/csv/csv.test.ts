import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	A,
	benchOf,
	B,
	M48,
	machineOf,
	readingOf,
	swatchOf,
	yarnOf
} from '../../../../tests/support/bench';
import { yarnArbitrary } from '../../../../tests/support/arbitrary';
import type { Swatch, YarnTest } from '../../core/model/bench';
import type { Bench } from '../../core/model/project';
import { bareCell, readCsv, safeCell, writeCsv } from './rfc4180';
import { readTable, writeTable, type TableRead } from './tables';

let n = 0;
const context = (bench: Bench) => ({ bench, newId: () => `new-${n++}`, now: 1000 });
const read = (text: string, bench = benchOf()) => readTable(text, context(bench));
const taken = (r: TableRead) => {
	if (!r.ok) throw new Error(JSON.stringify(r.troubles));
	return r.file.bench;
};
const troubles = (r: TableRead) => (r.ok ? [] : r.troubles);

describe('records by RFC 4180', () => {
	// The public acid tests of the registry package csv-spectrum (2.0.0), each with the JSON that it must read as.
	const folder = 'node_modules/csv-spectrum';
	// Its location_coordinates.json gives another phone number than its own csv, so that no reader can pass it.
	const cases = readdirSync(`${folder}/csvs`).filter(
		(f) => f.endsWith('.csv') && f !== 'location_coordinates.csv'
	);
	it.each(cases)('reads %s as its published JSON', (file) => {
		const csv = readCsv(readFileSync(`${folder}/csvs/${file}`, 'utf8'));
		if (!csv.ok) throw new Error(`refused at line ${csv.line}`);
		const [head, ...rows] = csv.records.map((r) => r.cells);
		const objects = rows.map((r) => Object.fromEntries(head!.map((h, i) => [h, r[i] ?? ''])));
		const json = file.replace('.csv', '.json');
		const wanted = JSON.parse(readFileSync(`${folder}/json/${json}`, 'utf8')) as unknown;
		// Line breaks within a cell come as the file has them.
		expect(
			JSON.parse(JSON.stringify(objects).replaceAll(String.raw`\r\n`, String.raw`\n`))
		).toEqual(JSON.parse(JSON.stringify(wanted).replaceAll(String.raw`\r\n`, String.raw`\n`)));
	});

	it('knows the line each record starts in, through quoted line breaks and empty lines', () => {
		const csv = readCsv('a,b\r\n1,"two\r\nlines"\r\n\r\n3,4\r\n');
		expect(csv.ok && csv.records.map((r) => r.line)).toEqual([1, 2, 5]);
	});

	it('takes semicolons and tabs, and a byte order mark', () => {
		expect(readCsv('\ufeffa;b\n1,5;2\n')).toMatchObject({
			ok: true,
			records: [{ cells: ['a', 'b'] }, { cells: ['1,5', '2'] }]
		});
		expect(readCsv('a\tb\n1\t2')).toMatchObject({ ok: true, records: [{}, { cells: ['1', '2'] }] });
	});

	it('refuses an open quote with its line', () => {
		expect(readCsv('a,b\n1,2\n3,"four\n5,6\n')).toEqual({ ok: false, line: 3 });
	});

	it('any text comes back as it was, and no cell starts with a formula sign', () => {
		fc.assert(
			fc.property(fc.array(fc.array(fc.string(), { minLength: 2, maxLength: 2 })), (rows) => {
				const text = writeCsv(['x', 'y'], [['head', 'er'], ...rows]);
				const csv = readCsv(text);
				const kept = rows.filter((r) => r.some((c) => c.trim() !== ''));
				expect(csv.ok && csv.records.slice(2).map((r) => r.cells)).toEqual(kept);
				for (const cell of rows.flat()) {
					expect(String(safeCell(cell))).not.toMatch(/^[=+\-@\t\r]/);
					expect(bareCell(String(safeCell(cell)))).toBe(cell);
				}
			}),
			{ seed: 4180 }
		);
	});
});

const test: YarnTest = {
	id: 't1' as YarnTest['id'],
	machineId: M48.id,
	yarnId: A.id,
	strands: 1,
	slot: 3,
	hand: 'crossed',
	rows: 25,
	faults: { dropped: 2, tuck: 0, split: 1, unseated: 0 },
	verdict: 'care',
	at: Date.UTC(2026, 10, 8, 9, 30),
	note: '=watch, the "first" rows\nand the last'
};
const swatch: Swatch = {
	...swatchOf(M48, A, [
		readingOf(12, 20),
		readingOf(11.9, 20.4, 'washed'),
		readingOf(9, 22, 'pulled')
	]),
	loops: [
		{ id: 'l1', by: 'unravelled', rows: 4, stitches: 48, metres: 5.31 },
		{ id: 'l2', by: 'weighed', stitches: 1920, grams: 26.5 }
	]
};

describe('tables of the bench', () => {
	it('yarns of every kind come back as they were', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(yarnArbitrary, { minLength: 1, maxLength: 6, selector: (y) => y.id }),
				(yarns) => {
					const bench = benchOf({ yarns });
					expect(taken(read(writeTable('yarns', bench), bench)).yarns).toEqual(yarns);
					// In a store that knows none of them, they come in by their ids.
					const empty = benchOf({ yarns: [], swatches: [] });
					expect(taken(read(writeTable('yarns', bench), empty)).yarns).toEqual(yarns);
				}
			),
			{ seed: 44, numRuns: 60 }
		);
	});

	it('swatches with every kind of reading, and tests, come back as they were', () => {
		const bench = benchOf({ swatches: [swatch], tests: [test] });
		expect(taken(read(writeTable('swatches', bench), bench)).swatches).toEqual([swatch]);
		expect(taken(read(writeTable('tests', bench), bench)).tests).toEqual([test]);
		const bare = benchOf({ swatches: [] });
		expect(taken(read(writeTable('swatches', bench), bare)).swatches).toEqual([swatch]);
	});

	it('headers carry units', () => {
		expect(writeTable('yarns', benchOf()).split('\r\n')[0]).toContain(
			'length of 100 g (m),fibres,on hand (g),ball (g)'
		);
		expect(writeTable('swatches', benchOf()).split('\r\n')[0]).toContain(
			'width (cm),rows,length (cm)'
		);
	});

	it('the unit of the header is read, and a unit in the cell goes before it', () => {
		const bench = taken(
			read(
				'Name,Colour name,Length of 100 g (yd),On hand (oz)\nTar,black,219,3.5\nTar,brown,200 m,80 g\n'
			)
		);
		expect(bench.yarns.map((y) => [y.metresPer100g, y.gramsOnHand])).toEqual([
			[expect.closeTo(200.25, 2), expect.closeTo(99.22, 2)],
			[200, 80]
		]);
	});

	it('a known yarn keeps what the table leaves out; a new one takes the class of its tex', () => {
		const [old, fresh] = taken(
			read('name,colour name,length of 100 g (m),on hand (g)\nBreakwater,A,200,0\nNew,one,400,50\n')
		).yarns;
		expect(old).toEqual({ ...A, colourName: 'A', gramsOnHand: 0 });
		expect(fresh).toMatchObject({ weightClass: 1, gramsOnHand: 50, ballGrams: 100 });
	});

	it('readings join the swatch that is there, are not doubled, and replace the one of their id', () => {
		const head =
			'machine,yarn,colour name,kind,state,stitches,width (in),rows,length (cm),reading id\n';
		const line = (rows: number, id: string) =>
			`48 pins,Breakwater,a,gauge,rested,12,${10 / 2.54},${rows},10,${id}\n`;
		const [s] = taken(
			read(head + line(20, '') + line(21, '') + line(22, 'r-12-20-rested'))
		).swatches;
		expect(s!.readings.map((r) => r.rows!.count)).toEqual([22, 21]);
		expect(s!.readings[0]!.stitches!.overCm).toBeCloseTo(10, 10);
		expect(s!.id).toBe(swatchOf(M48, A, []).id);
	});

	it('a machine is known by its name, or by its pins where only one has so many', () => {
		const head = 'machine,yarn,colour name,rows tried,verdict\n';
		const two = benchOf({ machines: [M48, machineOf(22, { name: 'the window' })] });
		expect(taken(read(`${head}22,Breakwater,a,20,runs\n`, two)).tests[0]).toMatchObject({
			machineId: 'm22',
			at: 1000,
			slot: 2
		});
		const twins = benchOf({
			machines: [M48, machineOf(48, { id: 'other' as never, name: 'other' })]
		});
		expect(troubles(read(`${head}48,Breakwater,a,20,runs\n`, twins))[0]!.what.code).toBe('no-such');
	});
});

describe('what cannot be read refuses the whole table', () => {
	it('each fault with its line and column', () => {
		const text = [
			'name,colour name,length of 100 g (m),on hand (g),wash,colour,fibres',
			'Tar,black,lots,10,hand,#000000,100 % wool',
			'"Tar\nrope",brown,200,-3,boil,brown,50 % seaweed',
			',grey,200,10,hand,#888888,100 % wool',
			'Tar,black,5,10,hand,#000000,100 % wool,over'
		].join('\r\n');
		expect(troubles(read(text)).map((t) => [t.line, t.column, t.what.code])).toEqual([
			[2, 3, 'not-understood'],
			[3, 4, 'not-positive'],
			[3, 5, 'choice'],
			[3, 6, 'not-understood'],
			[3, 7, 'not-understood'],
			[5, 1, 'empty'],
			[6, null, 'too-many-cells']
		]);
	});

	it('a table that is none, one too long, a yarn twice, and one that nobody has', () => {
		expect(troubles(read('a,b\n1,2\n'))[0]!.what.code).toBe('no-table');
		expect(troubles(read(''))[0]!.what.code).toBe('no-table');
		const long = `name,colour name,length of 100 g\n${'x,y,200\n'.repeat(5001)}`;
		expect(troubles(read(long))[0]!.what.code).toBe('too-many-lines');
		const twice = 'name,colour name,length of 100 g\nBreakwater,a,200\nBreakwater,A,200\n';
		expect(troubles(read(twice))).toMatchObject([{ line: 3, what: { code: 'twice', first: 2 } }]);
		const none =
			'machine,yarn,colour name,kind,stitches,width,rows,length\n9,Tar,x,gauge,12,10,20,10\n';
		expect(troubles(read(none)).map((t) => [t.column, t.what.code])).toEqual([
			[1, 'no-such'],
			[2, 'no-such']
		]);
	});

	it('a gauge out of reach is refused at its column', () => {
		const text =
			'machine,yarn,colour name,kind,stitches,width,rows,length\n48 pins,Breakwater,a,gauge,12,1,20,10\n';
		expect(troubles(read(text))).toMatchObject([{ line: 2, column: 5 }]);
	});

	it('no text whatever breaks it', () => {
		fc.assert(
			fc.property(
				fc.string({ unit: 'grapheme' }),
				fc.constantFrom('', 'name,colour name,length of 100 g\n'),
				(s, head) => {
					expect(typeof read(head + s, benchOf({ yarns: [yarnOf('a'), B] })).ok).toBe('boolean');
				}
			),
			{ seed: 9, numRuns: 300 }
		);
	});
});
