import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { harbour } from '../demo/harbour';
import { plan } from '../core/plan';
import type { Plan } from '../core/plan/types';
import { sheetOf, type Sheet } from '../core/sheet/sheet';
import { planSheet } from './pdf';
import { PAPERS, type Paper } from './setter';
import { BAR_COLOUR } from './templates';
import { printable } from './printable';
import { ribbonSvg, templatesSvg } from './svg';

const planned = (id: string): Plan => {
	const p = plan(
		harbour.projects.find((x) => x.id === `project-${id}`)!,
		harbour.bench
	);
	if (!p.ok) throw new Error(id);
	return p;
};
const sheet = (id: string, title = id): Sheet =>
	sheetOf(planned(id), { title, kind: 'Thing', units: 'cm', terms: 'us' });

const DPI = 300;
const mm = (px: number) => (px / DPI) * 25.4;

interface Picture {
	readonly width: number;
	readonly height: number;
	readonly at: (x: number, y: number) => readonly [number, number, number];
}
/** A portable pixmap (P6) as poppler writes it. */
function pixmap(bytes: Buffer): Picture {
	const head = /^P6\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'))!;
	const [width, height] = [Number(head[1]), Number(head[2])];
	const from = head[0].length;
	return {
		width,
		height,
		at: (x, y) => {
			const i = from + 3 * (y * width + x);
			return [bytes[i]!, bytes[i + 1]!, bytes[i + 2]!];
		}
	};
}

let dir = '';
beforeAll(() => (dir = mkdtempSync(join(tmpdir(), 'sheet-'))));
afterAll(() => rmSync(dir, { recursive: true }));

function rendered(bytes: Uint8Array, name: string): Picture[] {
	writeFileSync(join(dir, `${name}.pdf`), bytes);
	execFileSync('pdftoppm', ['-r', String(DPI), join(dir, `${name}.pdf`), join(dir, name)]);
	return readdirSync(dir)
		.filter((f) => f.startsWith(`${name}-`) && f.endsWith('.ppm'))
		.sort()
		.map((f) => pixmap(readFileSync(join(dir, f))));
}

/** The widest run of the bar's colour on a page, px. */
function barOn(p: Picture): number {
	let widest = 0;
	for (let y = 0; y < p.height; y++) {
		let run = 0;
		for (let x = 0; x < p.width; x++) {
			const [r, g, b] = p.at(x, y);
			const near =
				Math.abs(r - BAR_COLOUR.r) + Math.abs(g - BAR_COLOUR.g) + Math.abs(b - BAR_COLOUR.b) < 40;
			run = near ? run + 1 : 0;
			widest = Math.max(widest, run);
		}
	}
	return widest;
}

describe('the plan sheet', () => {
	it.each(['a4', 'letter'] as Paper[])(
		'on %s is of that size, and its bar is 50 mm within 0.3 mm',
		async (paper) => {
			const pages = rendered(await planSheet(sheet('seal'), paper), paper);
			for (const p of pages) {
				expect(Math.abs(mm(p.width) - PAPERS[paper][0])).toBeLessThan(0.2);
				expect(Math.abs(mm(p.height) - PAPERS[paper][1])).toBeLessThan(0.2);
			}
			const bars = pages.map(barOn).filter((px) => px > 0);
			expect(bars).toHaveLength(1);
			expect(Math.abs(mm(bars[0]!) - 50)).toBeLessThan(0.3);
		}
	);
	it('holds each piece with both counter readings, tails, yarn and every finishing step', async () => {
		writeFileSync(join(dir, 'words.pdf'), await planSheet(sheet('bag', 'Ferry bag'), 'a4'));
		const said = execFileSync('pdftotext', ['-layout', join(dir, 'words.pdf'), '-'], {
			encoding: 'utf8'
		});
		const p = planned('bag');
		for (const s of p.pieces[0]!.sections)
			expect(said).toMatch(new RegExp(`${s.rows}\\s+${s.zeroed}\\s+${s.running}\\b`));
		expect(said).toContain('Counter zeroed');
		expect(said).toContain('Tails:');
		expect(said).toContain('slate roof, Breakwater');
		for (let i = 1; i <= p.steps.length; i++)
			expect(said).toMatch(new RegExp(`^\\s*${i} [A-Z]`, 'm'));
		expect(said).toContain('Take care:');
		expect(said).toContain('page 1 of');
	});
	it('says every step, finding and tail word for word as the sheet does', async () => {
		for (const id of ['bag', 'cardigan', 'garland']) {
			const own = sheet(id, 'Words');
			writeFileSync(join(dir, 'said.pdf'), await planSheet(own, 'a4'));
			const raw = execFileSync('pdftotext', ['-raw', join(dir, 'said.pdf'), '-'], {
				encoding: 'utf8'
			});
			// Lines and pages break anywhere, and each page has its foot.
			const plain = (text: string) =>
				text.replace(/Words, page \d+ of \d+/g, ' ').replace(/\s+/g, '');
			const said = plain(raw);
			for (const s of own.steps)
				for (const words of [s.title, s.how]) expect(said, id).toContain(plain(words));
			for (const words of own.findings) expect(said, id).toContain(plain(words));
			for (const piece of own.pieces)
				for (const tail of piece.tails) expect(said, id).toContain(plain(tail));
		}
	});
	it('is made for every project of the fair, in inches as well', async () => {
		for (const project of harbour.projects) {
			const p = plan(project, harbour.bench);
			if (!p.ok) throw new Error(project.name);
			const made = sheetOf(p, { title: project.name, kind: 'x', units: 'in', terms: 'uk' });
			expect(JSON.stringify(made)).not.toMatch(/NaN|undefined|single crochet/);
			const bytes = await planSheet(made, 'letter');
			expect(Buffer.from(bytes.subarray(0, 5)).toString()).toBe('%PDF-');
		}
	});
	it('sets any name a maker may type', async () => {
		expect(printable('Łódź – 3 × ½ “x” −2 漢\u0000')).toBe('Lódz – 3 × ½ “x” -2 ? ');
		await expect(
			planSheet({ ...sheet('seal'), title: '漢字 ✂ Ż\n<b>' }, 'a4')
		).resolves.toBeTruthy();
	});
	it('lays the ring with its marker and the pins in work', () => {
		const s = sheet('flags');
		expect(s.rings[0]).toMatchObject({ pins: 48, marker: 1 });
		expect(s.rings[0]!.high - s.rings[0]!.low + 1).toBe(planned('flags').pieces[0]!.stitches.first);
	});
});

describe('drawings as SVG', () => {
	it('are as large as the thing, and no name breaks out of them', () => {
		const svg = ribbonSvg({
			title: '<script>"A&B"</script>',
			widthCm: 9.5,
			bands: [
				{ cm: 12, colour: '#1f4e63', rows: 24 },
				{ cm: 3, colour: '#e6a63a', rows: 6 }
			]
		});
		expect(svg).toContain('width="15.4cm"');
		expect(svg).not.toContain('<script>');
		expect(svg).toContain('>30</text>');
	});
	it('hold the bars in true size', () => {
		const svg = templatesSvg('x', sheet('garland').templates);
		expect(svg).toContain('width="5" height="0.25"');
		expect(svg).toContain('width="5.08" height="0.25"');
		expect(svg).toContain('Pom-pom card');
		expect(svg.match(/<rect/g)!.length).toBe(2 + sheet('garland').templates.length);
	});
});

/** Sides of the largest outlined rectangle on a page, px: long dark runs across and down. */
function outlineOn(p: Picture): { wide: number; tall: number } {
	const dark = (x: number, y: number) => p.at(x, y).every((c) => c < 110);
	let wide = 0;
	for (let y = 0; y < p.height; y++) {
		let run = 0;
		for (let x = 0; x < p.width; x++) {
			run = dark(x, y) ? run + 1 : 0;
			wide = Math.max(wide, run);
		}
	}
	let tall = 0;
	for (let x = 0; x < p.width; x++) {
		let run = 0;
		for (let y = 0; y < p.height; y++) {
			run = dark(x, y) ? run + 1 : 0;
			tall = Math.max(tall, run);
		}
	}
	return { wide, tall };
}

describe('what is cut out', () => {
	it('is in true size on the page: a card within 0.3 mm', async () => {
		const base = sheet('garland');
		const card = base.templates.find((t) => t.kind === 'pom-pom')!;
		const pages = rendered(
			await planSheet({ ...base, templates: [{ ...card, widthCm: 9, heightCm: 12 }] }, 'a4'),
			'card'
		);
		const last = pages.at(-1)!;
		// Wider than either bar, and taller.
		const { wide, tall } = outlineOn(last);
		expect(Math.abs(mm(wide) - 90)).toBeLessThan(0.6);
		expect(Math.abs(mm(tall) - 120)).toBeLessThan(0.6);
	});
	it('goes on to another page where one has no room for it', async () => {
		const base = sheet('garland');
		const tag = base.templates.find((t) => t.kind === 'tag')!;
		const many = Array.from({ length: 14 }, () => tag);
		const few = rendered(await planSheet({ ...base, templates: [tag] }, 'letter'), 'few');
		const more = rendered(await planSheet({ ...base, templates: many }, 'letter'), 'more');
		expect(more.length).toBeGreaterThan(few.length);
	});
});

describe('a long sheet', () => {
	const base = sheet('bag');
	const long = (sections: number): Sheet => ({
		...base,
		pieces: [
			{
				...base.pieces[0]!,
				copies: 60,
				sections: Array.from({ length: sections }, (_, i) => ({
					name: `Colour ${i + 1}`,
					colour: i % 2 ? '#1f4e63' : 'not a colour',
					rows: 2,
					zeroed: 2,
					running: 2 * i + 2
				}))
			}
		]
	});
	const words = async (s: Sheet, name: string) => {
		writeFileSync(join(dir, `${name}.pdf`), await planSheet(s, 'a4'));
		return execFileSync('pdftotext', ['-layout', join(dir, `${name}.pdf`), '-'], {
			encoding: 'utf8'
		});
	};
	it('turns its pages between rows, and loses none', async () => {
		const said = await words(long(150), 'long');
		for (let i = 1; i <= 150; i++) expect(said).toMatch(new RegExp(`Colour ${i}\\s`));
		const pages = Number(/page 1 of (\d+)/.exec(said)![1]);
		expect(pages).toBeGreaterThan(3);
		for (let k = 1; k <= pages; k++) expect(said).toContain(`page ${k} of ${pages}`);
	});
	it('of more sections than a table holds says how many are left out', async () => {
		expect(await words(long(260), 'longer')).toContain('And 60 sections more');
	});
	it('breaks a long name into lines that stay on the page', async () => {
		const name = 'A very long name of a thing that goes on and on '.repeat(6).trim();
		const said = await words({ ...base, title: name }, 'named');
		expect(said.replace(/\s+/g, ' ')).toContain(name);
	});
});
