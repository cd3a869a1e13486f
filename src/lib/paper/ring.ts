import { rgb } from 'pdf-lib';
import type { SheetRing } from '../core/sheet/sheet';
import { printable } from './printable';
import { INK, QUIET, type Setter } from './setter';

/** The ring from above, the feeder at the bottom: pin 1, the marker, pins kept off, and what is in work. */
export function ring(
	s: Setter,
	r: SheetRing,
	{ cx, cy, radius }: { cx: number; cy: number; radius: number }
): void {
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
			s.put(label, tx - label.length * 1.7, ty - 2.4, { size: 6.5 });
		}
		if (r.off.includes(pin) && !marker)
			s.page.drawLine({
				start: { x: x - 2.4, y: y - 2.4 },
				end: { x: x + 2.4, y: y + 2.4 },
				thickness: 0.7,
				color: INK
			});
	}
	s.put('feeder', cx - 10, cy - radius - 13, { size: 7, colour: QUIET });
	s.put(r.name, cx - s.faces.bold.widthOfTextAtSize(printable(r.name), 8) / 2, cy - 3, {
		size: 8,
		bold: true
	});
}
