import { at as entryAt } from '../core/quantity/sure';
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage, type RGB } from 'pdf-lib';
import type { Sheet, SheetPiece, SheetRing, Template } from '../core/sheet/sheet';
import { printable } from './printable';

export const PAPERS = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

/** Points to the millimetre. */
const MM = 72 / 25.4;
const MARGIN = 15 * MM;
const INK = rgb(0.09, 0.13, 0.18);
const QUIET = rgb(0.36, 0.42, 0.47);
/** Of the bars that a printer is checked by: no other mark has this colour. */
export const BAR_COLOUR = { r: 0, g: 96, b: 160 };
const BAR = rgb(BAR_COLOUR.r / 255, BAR_COLOUR.g / 255, BAR_COLOUR.b / 255);
/** Rows of sections beyond this are told in one line: a sheet is no list of a thousand stripes. */
const MOST_SECTIONS = 200;

interface Faces {
	readonly plain: PDFFont;
	readonly bold: PDFFont;
}

/** Sets text down a page and on to the next. All in points; y grows upwards. */
class Setter {
	page!: PDFPage;
	y = 0;
	readonly width: number;
	readonly height: number;

	constructor(
		readonly doc: PDFDocument,
		readonly faces: Faces,
		paper: Paper
	) {
		this.width = PAPERS[paper][0] * MM;
		this.height = PAPERS[paper][1] * MM;
		this.turn();
	}

	turn(): void {
		this.page = this.doc.addPage([this.width, this.height]);
		this.y = this.height - MARGIN;
	}
	/** Goes on to the next page where there is less room than that. */
	room(points: number): void {
		if (this.y - points < MARGIN + 8 * MM) this.turn();
	}
	lines(said: string, font: PDFFont, size: number, wide: number): string[] {
		const out: string[] = [];
		let line = '';
		for (const word of printable(said).split(/\s+/)) {
			const longer = line === '' ? word : `${line} ${word}`;
			if (line !== '' && font.widthOfTextAtSize(longer, size) > wide) {
				out.push(line);
				line = word;
			} else line = longer;
		}
		return line === '' ? out : [...out, line];
	}
	/** A paragraph from `x` on; the page is turned between its lines where it must be. */
	say(
		said: string,
		{
			x = MARGIN,
			size = 9.5,
			bold = false,
			colour = INK,
			wide = this.width - x - MARGIN
		}: { x?: number; size?: number; bold?: boolean; colour?: RGB; wide?: number } = {}
	): void {
		const font = bold ? this.faces.bold : this.faces.plain;
		for (const line of this.lines(said, font, size, wide)) {
			this.room(size * 1.3);
			this.y -= size * 1.3;
			this.page.drawText(line, { x, y: this.y, size, font, color: colour });
		}
	}
	put(
		said: string,
		x: number,
		y: number,
		size: number,
		{ bold = false, right = false, colour = INK } = {}
	): void {
		const font = bold ? this.faces.bold : this.faces.plain;
		const clean = printable(said);
		const at = right ? x - font.widthOfTextAtSize(clean, size) : x;
		this.page.drawText(clean, { x: at, y, size, font, color: colour });
	}
	heading(said: string): void {
		this.room(40);
		this.y -= 8;
		this.rule();
		this.say(said, { size: 12, bold: true });
		this.y -= 3;
	}
	rule(): void {
		this.page.drawLine({
			start: { x: MARGIN, y: this.y },
			end: { x: this.width - MARGIN, y: this.y },
			thickness: 0.5,
			color: QUIET
		});
	}
	tick(x: number, y: number, size = 9): void {
		this.page.drawRectangle({
			x,
			y,
			width: size,
			height: size,
			borderWidth: 0.8,
			borderColor: INK
		});
	}
	swatch(x: number, y: number, hex: string): void {
		this.page.drawRectangle({
			x,
			y,
			width: 9,
			height: 9,
			color: fromHex(hex),
			borderWidth: 0.5,
			borderColor: INK
		});
	}
}

function fromHex(hex: string): RGB {
	const at = (i: number) => parseInt(hex.slice(i, i + 2), 16) / 255;
	return /^#[0-9a-f]{6}$/i.test(hex) ? rgb(at(1), at(3), at(5)) : rgb(0.5, 0.5, 0.5);
}

/** The ring from above, the feeder at the bottom: pin 1, the marker, pins kept off, and what is in work. */
function ring(s: Setter, r: SheetRing, cx: number, cy: number, radius: number): void {
	const way = r.turns === 'clockwise' ? -1 : 1;
	for (let pin = 1; pin <= r.pins; pin++) {
		// The feeder is towards the maker, at the bottom; the pins follow the way the ring turns.
		const a = -Math.PI / 2 - way * ((pin - 1) / r.pins) * 2 * Math.PI;
		const [x, y] = [cx + radius * Math.cos(a), cy + radius * Math.sin(a)];
		const work = pin >= r.low && pin <= r.high;
		const marker = pin === r.marker;
		s.page.drawCircle({
			x,
			y,
			size: marker ? 3.4 : 2,
			...(marker || work ? { color: marker ? INK : rgb(0.62, 0.68, 0.73) } : {}),
			borderWidth: 0.6,
			borderColor: INK
		});
		if (pin === 1 || pin % 10 === 0 || marker) {
			const [tx, ty] = [cx + (radius - 10) * Math.cos(a), cy + (radius - 10) * Math.sin(a)];
			const label = String(pin);
			s.put(label, tx - label.length * 1.7, ty - 2.4, 6.5);
		}
		if (r.off.includes(pin) && !marker)
			s.page.drawLine({
				start: { x: x - 2.4, y: y - 2.4 },
				end: { x: x + 2.4, y: y + 2.4 },
				thickness: 0.7,
				color: INK
			});
	}
	s.put('feeder', cx - 10, cy - radius - 13, 7, { colour: QUIET });
	s.put(r.name, cx - s.faces.bold.widthOfTextAtSize(printable(r.name), 8) / 2, cy - 3, 8, {
		bold: true
	});
}

function piece(s: Setter, p: SheetPiece, nth: number): void {
	s.heading(`${nth}. ${p.name}`);
	const on = `${p.stitches} stitches on ${p.machine}, ${p.rows} rows${p.waste.before > 0 ? `, after ${p.waste.before} of waste` : ''}${p.waste.after > 0 ? `, then ${p.waste.after} of waste` : ''}.`;
	s.say(on);
	if (p.copies > 1) {
		s.room(16);
		s.y -= 13;
		s.put(`${p.copies} of these:`, MARGIN, s.y, 9.5, { bold: true });
		let x = MARGIN + 62;
		for (let i = 0; i < p.copies; i++) {
			if (x > s.width - MARGIN - 12) {
				s.room(14);
				s.y -= 12;
				x = MARGIN + 62;
			}
			s.tick(x, s.y - 1);
			x += 13;
		}
	}
	s.room(30);
	s.y -= 14;
	const cols = [s.width * 0.52, s.width * 0.68, s.width - MARGIN];
	s.put('Section', MARGIN + 14, s.y, 8, { colour: QUIET });
	s.put('Rows', entryAt(cols, 0), s.y, 8, { right: true, colour: QUIET });
	s.put('Counter zeroed', entryAt(cols, 1), s.y, 8, { right: true, colour: QUIET });
	s.put('Left running', entryAt(cols, 2), s.y, 8, { right: true, colour: QUIET });
	for (const x of p.sections.slice(0, MOST_SECTIONS)) {
		s.room(15);
		s.y -= 14;
		s.tick(MARGIN, s.y - 1);
		s.swatch(MARGIN + 14, s.y - 1, x.colour);
		s.put(x.name, MARGIN + 28, s.y, 9.5);
		s.put(String(x.rows), entryAt(cols, 0), s.y, 9.5, { right: true, bold: true });
		s.put(String(x.zeroed), entryAt(cols, 1), s.y, 9.5, { right: true });
		s.put(String(x.running), entryAt(cols, 2), s.y, 9.5, { right: true });
	}
	if (p.sections.length > MOST_SECTIONS)
		s.say(`And ${p.sections.length - MOST_SECTIONS} sections more: count those at the screen.`);
	for (const w of p.work) {
		const rows = w.rows.slice(0, 60).join(', ');
		s.say(`${w.title} after row ${rows}${w.rows.length > 60 ? ' …' : ''}.`);
	}
	if (p.tails.length > 0) s.say(`Tails: ${p.tails.join('; ')}.`, { colour: QUIET });
}

/** Bars that tell whether the printer kept the size: 50 mm, and 2 in. */
function bars(s: Setter): void {
	s.room(50);
	s.y -= 18;
	s.page.drawRectangle({ x: MARGIN, y: s.y, width: 50 * MM, height: 2.5 * MM, color: BAR });
	s.put('50 mm', MARGIN + 50 * MM + 6, s.y, 9.5, { bold: true });
	s.page.drawRectangle({
		x: MARGIN + 85 * MM,
		y: s.y,
		width: 144,
		height: 2.5 * MM,
		borderWidth: 0.8,
		borderColor: INK
	});
	s.put('2 in', MARGIN + 85 * MM + 150, s.y, 9.5, { bold: true });
	s.y -= 4;
	s.say(
		'Lay a ruler on both. If they are not as long as they say, print at 100 %, without fitting to the page.',
		{
			size: 8.5,
			colour: QUIET
		}
	);
}

/** A shape in true size, its lower left corner at x, y. */
function template(s: Setter, t: Template, x: number, y: number): void {
	const [w, h] = [t.widthCm * 10 * MM, t.heightCm * 10 * MM];
	s.page.drawRectangle({ x, y, width: w, height: h, borderWidth: 0.9, borderColor: INK });
	const mid = x + w / 2;
	if (t.kind === 'pom-pom')
		s.page.drawLine({
			start: { x: mid, y: y + h / 2 - Math.min(12 * MM, h / 3) },
			end: { x: mid, y: y + h / 2 + Math.min(12 * MM, h / 3) },
			thickness: 1.6,
			color: INK
		});
	if (t.kind === 'tag')
		s.page.drawCircle({
			x: mid,
			y: y + h - 6 * MM,
			size: 2 * MM,
			borderWidth: 0.8,
			borderColor: INK
		});
	if (t.kind === 'extension')
		s.page.drawLine({
			start: { x, y: y + 12 * MM },
			end: { x: x + w, y: y + 12 * MM },
			thickness: 0.7,
			color: INK,
			dashArray: [5, 3]
		});
	s.put(t.title, x, y - 11, 8, { bold: true });
	s.put(t.note, x, y - 20, 7.5, { colour: QUIET });
}

function templates(s: Setter, sheet: Sheet): void {
	s.turn();
	s.say(`${sheet.title}: in true size`, { size: 14, bold: true });
	bars(s);
	let x = MARGIN;
	let tall = 0;
	for (const t of sheet.templates) {
		const said = s.faces.plain.widthOfTextAtSize(printable(t.note), 7.5);
		const named = s.faces.bold.widthOfTextAtSize(printable(t.title), 8);
		const [w, h] = [Math.max(t.widthCm * 10 * MM, said, named), t.heightCm * 10 * MM];
		if (x > MARGIN && x + w > s.width - MARGIN) {
			x = MARGIN;
			s.y -= tall + 40;
			tall = 0;
		}
		if (s.y - h - 40 < MARGIN) {
			s.turn();
			x = MARGIN;
			tall = 0;
		}
		template(s, t, x, s.y - h - 14);
		x += w + 20;
		tall = Math.max(tall, h);
	}
}

/** The plan sheet as a PDF (1.7), by pages of A4 or US Letter. Needs no clock: the same sheet gives the same pages. */
export async function planSheet(sheet: Sheet, paper: Paper): Promise<Uint8Array> {
	const doc = await PDFDocument.create();
	doc.setTitle(printable(sheet.title));
	doc.setCreationDate(new Date(0));
	doc.setModificationDate(new Date(0));
	const faces = {
		plain: await doc.embedFont(StandardFonts.Helvetica),
		bold: await doc.embedFont(StandardFonts.HelveticaBold)
	};
	const s = new Setter(doc, faces, paper);
	s.say(sheet.title, { size: 18, bold: true });
	s.say(sheet.kind, { colour: QUIET });
	s.y -= 4;
	const top = s.y;
	const radius = 19 * MM;
	const shown = sheet.rings.slice(0, 2);
	for (const [i, r] of shown.entries())
		ring(s, r, s.width - MARGIN - radius - i * (2 * radius + 22), top - radius + 14, radius);
	const beside = s.width - 2 * MARGIN - shown.length * (2 * radius + 22);
	for (const f of sheet.figures) {
		s.say(f.label, { size: 8, colour: QUIET, wide: beside });
		s.say(f.value, { size: 11, bold: true, wide: beside });
	}
	if (shown.length > 0) s.y = Math.min(s.y, top - 2 * radius - 6);
	for (const f of sheet.findings) s.say(`! ${f}`, { bold: true });
	if (sheet.yarns.length > 0) s.heading('Yarn');
	for (const y of sheet.yarns) {
		s.room(15);
		s.y -= 14;
		s.swatch(MARGIN, s.y - 1, y.colour);
		s.put(y.name, MARGIN + 14, s.y, 9.5);
		s.put(y.metres, s.width * 0.62, s.y, 9.5, { right: true });
		s.put(y.grams, s.width * 0.78, s.y, 9.5, { right: true, bold: true });
		s.put(`${y.onHand} on hand`, s.width - MARGIN, s.y, 9.5, { right: true, colour: QUIET });
	}
	for (const [i, p] of sheet.pieces.entries()) piece(s, p, i + 1);
	if (sheet.steps.length > 0) s.heading('After the machine');
	if (sheet.tools) s.say(`At hand: ${sheet.tools}`, { x: MARGIN, size: 9 });
	for (const [i, step] of sheet.steps.entries()) {
		s.room(34);
		s.y -= 5;
		s.tick(MARGIN, s.y - 11);
		s.say(`${i + 1}  ${step.title}`, { x: MARGIN + 15, bold: true });
		s.say(step.how, { x: MARGIN + 15, size: 9 });
		if (step.caution)
			s.say(`Take care: ${step.caution}`, { x: MARGIN + 15, size: 9, colour: QUIET });
	}
	templates(s, sheet);
	const pages = doc.getPages();
	for (const [i, page] of pages.entries())
		page.drawText(printable(`${sheet.title}, page ${i + 1} of ${pages.length}`), {
			x: MARGIN,
			y: 9 * MM,
			size: 8,
			font: faces.plain,
			color: QUIET
		});
	return doc.save();
}
