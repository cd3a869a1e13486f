import { entryAt } from '../core/quantity/sure';
import { PDFDocument, StandardFonts } from 'pdf-lib';
import type { Sheet, SheetPiece } from '../core/sheet/sheet';
import { printable } from './printable';
import { ring } from './ring';
import { MARGIN, MM, QUIET, Setter, type Paper } from './setter';
import { templates } from './templates';

/** Rows of sections beyond this are told in one line: a sheet is no list of a thousand stripes. */
const MOST_SECTIONS = 200;

function piece(s: Setter, p: SheetPiece, nth: number): void {
	s.heading(`${nth}. ${p.name}`);
	const on = `${p.stitches} stitches on ${p.machine}, ${p.rows} rows${p.waste.before > 0 ? `, after ${p.waste.before} of waste` : ''}${p.waste.after > 0 ? `, then ${p.waste.after} of waste` : ''}.`;
	s.say(on);
	if (p.copies > 1) {
		s.room(16);
		s.y -= 13;
		s.put(`${p.copies} of these:`, MARGIN, s.y, { bold: true });
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
	s.put('Section', MARGIN + 14, s.y, { size: 8, colour: QUIET });
	s.put('Rows', entryAt(cols, 0), s.y, { size: 8, right: true, colour: QUIET });
	s.put('Counter zeroed', entryAt(cols, 1), s.y, { size: 8, right: true, colour: QUIET });
	s.put('Left running', entryAt(cols, 2), s.y, { size: 8, right: true, colour: QUIET });
	for (const x of p.sections.slice(0, MOST_SECTIONS)) {
		s.room(15);
		s.y -= 14;
		s.tick(MARGIN, s.y - 1);
		s.swatch(MARGIN + 14, s.y - 1, x.colour);
		s.put(x.name, MARGIN + 28, s.y);
		s.put(String(x.rows), entryAt(cols, 0), s.y, { right: true, bold: true });
		s.put(String(x.zeroed), entryAt(cols, 1), s.y, { right: true });
		s.put(String(x.running), entryAt(cols, 2), s.y, { right: true });
	}
	if (p.sections.length > MOST_SECTIONS)
		s.say(`And ${p.sections.length - MOST_SECTIONS} sections more: count those at the screen.`);
	for (const w of p.work) {
		const rows = w.rows.slice(0, 60).join(', ');
		s.say(`${w.title} after row ${rows}${w.rows.length > 60 ? ' …' : ''}.`);
	}
	if (p.tails.length > 0) s.say(`Tails: ${p.tails.join('; ')}.`, { colour: QUIET });
}

/** Title and figures, the rings beside them, and what there is to know before. */
function header(s: Setter, sheet: Sheet): void {
	s.say(sheet.title, { size: 18, bold: true });
	s.say(sheet.kind, { colour: QUIET });
	s.y -= 4;
	const top = s.y;
	const radius = 19 * MM;
	const shown = sheet.rings.slice(0, 2);
	for (const [i, r] of shown.entries())
		ring(s, r, {
			cx: s.width - MARGIN - radius - i * (2 * radius + 22),
			cy: top - radius + 14,
			radius
		});
	const beside = s.width - 2 * MARGIN - shown.length * (2 * radius + 22);
	for (const f of sheet.figures) {
		s.say(f.label, { size: 8, colour: QUIET, wide: beside });
		s.say(f.value, { size: 11, bold: true, wide: beside });
	}
	if (shown.length > 0) s.y = Math.min(s.y, top - 2 * radius - 6);
	for (const f of sheet.findings) s.say(`! ${f}`, { bold: true });
}

function yarns(s: Setter, sheet: Sheet): void {
	if (sheet.yarns.length > 0) s.heading('Yarn');
	for (const y of sheet.yarns) {
		s.room(15);
		s.y -= 14;
		s.swatch(MARGIN, s.y - 1, y.colour);
		s.put(y.name, MARGIN + 14, s.y);
		s.put(y.metres, s.width * 0.62, s.y, { right: true });
		s.put(y.grams, s.width * 0.78, s.y, { right: true, bold: true });
		s.put(y.onHand, s.width - MARGIN, s.y, { right: true, colour: QUIET });
		if (y.fed) s.say(y.fed, { x: MARGIN + 14, size: 8.5, colour: QUIET });
	}
}

/** What is done after the machine, a box to tick at each. */
function steps(s: Setter, sheet: Sheet): void {
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
	header(s, sheet);
	yarns(s, sheet);
	for (const [i, p] of sheet.pieces.entries()) piece(s, p, i + 1);
	steps(s, sheet);
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
