import { rgb, type PDFDocument, type PDFFont, type PDFPage, type RGB } from 'pdf-lib';
import { printable } from './printable';

export const PAPERS = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

/** Points to the millimetre. */
export const MM = 72 / 25.4;
export const MARGIN = 15 * MM;
export const INK = rgb(0.09, 0.13, 0.18);
export const QUIET = rgb(0.36, 0.42, 0.47);
interface Faces {
	readonly plain: PDFFont;
	readonly bold: PDFFont;
}

/** Sets text down a page and on to the next. All in points; y grows upwards. */
export class Setter {
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
		{ size = 9.5, bold = false, right = false, colour = INK } = {}
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
