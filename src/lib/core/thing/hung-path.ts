import type { HungItem } from '../recipe/assembled/form/assembled';

/** The ragged edge of a pom-pom. */
export function pomPath(cx: number, cy: number, r: number, tufts: number): string {
	const points = Array.from({ length: tufts * 2 }, (_, i) => {
		const a = (i / (tufts * 2)) * 2 * Math.PI;
		const q = r * (i % 2 === 0 ? 1 : 0.93);
		return `${(cx + q * Math.cos(a)).toFixed(1)} ${(cy + q * Math.sin(a)).toFixed(1)}`;
	});
	return `M${points.join('L')}Z`;
}

/** The outline of a hung thing, its top at x, y; px to the cm. */
export function hungPath(item: HungItem, x: number, y: number, px: number): string {
	const w = (item.widthCm * px) / 2;
	const h = item.heightCm * px;
	switch (item.kind) {
		case 'flag':
			return `M${x - w} ${y}H${x + w}L${x} ${y + h}Z`;
		case 'tube':
			return `M${x - w * 0.5} ${y}Q${x} ${y - 2} ${x + w * 0.5} ${y}L${x + w} ${y + h * 0.25}V${y + h}H${x - w}V${y + h * 0.25}Z`;
		case 'pom-pom':
			return pomPath(x, y + h / 2, h / 2, 22);
		case 'bauble':
		case 'pumpkin':
			return `M${x} ${y}C${x + w * 1.34} ${y} ${x + w * 1.34} ${y + h} ${x} ${y + h}C${x - w * 1.34} ${y + h} ${x - w * 1.34} ${y} ${x} ${y}Z`;
	}
}
