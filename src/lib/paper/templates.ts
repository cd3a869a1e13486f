import { rgb } from 'pdf-lib';
import type { Sheet, Template } from '../core/sheet/sheet';
import { printable } from './printable';
import { INK, MARGIN, MM, QUIET, type Setter } from './setter';

/** Of the bars that a printer is checked by: no other mark has this colour. */
export const BAR_COLOUR = { r: 0, g: 96, b: 160 };
const BAR = rgb(BAR_COLOUR.r / 255, BAR_COLOUR.g / 255, BAR_COLOUR.b / 255);
/** Bars that tell whether the printer kept the size: 50 mm, and 2 in. */
function bars(s: Setter): void {
	s.room(50);
	s.y -= 18;
	s.page.drawRectangle({ x: MARGIN, y: s.y, width: 50 * MM, height: 2.5 * MM, color: BAR });
	s.put('50 mm', MARGIN + 50 * MM + 6, s.y, { bold: true });
	s.page.drawRectangle({
		x: MARGIN + 85 * MM,
		y: s.y,
		width: 144,
		height: 2.5 * MM,
		borderWidth: 0.8,
		borderColor: INK
	});
	s.put('2 in', MARGIN + 85 * MM + 150, s.y, { bold: true });
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
	s.put(t.title, x, y - 11, { size: 8, bold: true });
	s.put(t.note, x, y - 20, { size: 7.5, colour: QUIET });
}

export function templates(s: Setter, sheet: Sheet): void {
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
