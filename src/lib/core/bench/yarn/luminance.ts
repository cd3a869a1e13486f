/** A lining this much lighter than a dark outer shines through (from memory). */
export const SHINES = 0.35;

/** Relative luminance of #rrggbb, 0 to 1 (WCAG 2.2). */
export function luminance(hex: string): number {
	const channel = (at: number) => {
		const c = parseInt(hex.slice(at, at + 2), 16) / 255;
		return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
	};
	return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}
