import type { Template } from '../core/sheet/sheet';

const escape = (s: string): string =>
	s.replace(/\p{Cc}/gu, ' ').replace(/[&<>"']/g, (c) => `&#${c.codePointAt(0)};`);
const n = (x: number): string => String(Math.round(x * 1000) / 1000);

/** The strip of a piece as it lies, cast-on at the left. Lengths in cm. */
export interface RibbonSvg {
	readonly title: string;
	readonly widthCm: number;
	/** In order, each so long. */
	readonly bands: readonly {
		readonly cm: number;
		readonly colour: string;
		readonly rows: number;
	}[];
}

/** One ribbon in true proportion with its rows above and a 10 cm bar: SVG 1.1, as large as the piece when printed at 100 %. */
export function ribbonSvg({ title, widthCm, bands }: RibbonSvg): string {
	const long = bands.reduce((t, b) => t + b.cm, 0);
	let x = 0;
	let rows = 0;
	const parts = bands.map((b) => {
		const rect = `<rect x="${n(x)}" y="1" width="${n(b.cm)}" height="${n(widthCm)}" fill="${b.colour}"/>`;
		x += b.cm;
		rows += b.rows;
		return `${rect}<text x="${n(x)}" y="0.8" font-size="0.6" text-anchor="end">${rows}</text>`;
	});
	const high = widthCm + 3;
	return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="${n(long + 0.4)}cm" height="${n(high)}cm" viewBox="-0.2 0 ${n(long + 0.4)} ${n(high)}">
<title>${escape(title)}</title>
<g font-family="sans-serif" fill="#16222b">${parts.join('')}
<rect x="0" y="1" width="${n(long)}" height="${n(widthCm)}" fill="none" stroke="#16222b" stroke-width="0.05"/>
<path d="M0 ${n(widthCm + 1.6)}v0.4h10v-0.4" fill="none" stroke="#16222b" stroke-width="0.05"/>
<text x="10.3" y="${n(widthCm + 2)}" font-size="0.6">10 cm</text></g>
</svg>
`;
}

/** Templates in true size with both bars, one below the other: SVG 1.1. */
export function templatesSvg(title: string, templates: readonly Template[]): string {
	const wide = Math.max(9, ...templates.map((t) => t.widthCm)) + 1;
	let y = 3.2;
	const parts = templates.map((t) => {
		const [w, h] = [t.widthCm, t.heightCm];
		const mid = 0.5 + w / 2;
		const own =
			t.kind === 'pom-pom'
				? `<path d="M${n(mid)} ${n(y + h / 2 - Math.min(1.2, h / 3))}v${n(2 * Math.min(1.2, h / 3))}" stroke-width="0.08"/>`
				: t.kind === 'tag'
					? `<circle cx="${n(mid)}" cy="${n(y + 0.6)}" r="0.2"/>`
					: `<path d="M0.5 ${n(y + h - 1.2)}h${n(w)}" stroke-dasharray="0.2 0.12"/>`;
		const out = `<g fill="none" stroke="#16222b" stroke-width="0.035"><rect x="0.5" y="${n(y)}" width="${n(w)}" height="${n(h)}"/>${own}</g><text x="0.5" y="${n(y + h + 0.5)}">${escape(`${t.title}: ${t.note}`)}</text>`;
		y += h + 1.4;
		return out;
	});
	return `<?xml version="1.0" encoding="UTF-8"?>
<svg xmlns="http://www.w3.org/2000/svg" version="1.1" width="${n(wide)}cm" height="${n(y)}cm" viewBox="0 0 ${n(wide)} ${n(y)}">
<title>${escape(title)}</title>
<g font-family="sans-serif" font-size="0.4" fill="#16222b">
<rect x="0.5" y="0.6" width="5" height="0.25" fill="rgb(0,96,160)"/><text x="5.7" y="0.9">50 mm</text>
<rect x="0.5" y="1.5" width="5.08" height="0.25" fill="none" stroke="#16222b" stroke-width="0.03"/><text x="5.78" y="1.8">2 in</text>
${parts.join('\n')}
</g>
</svg>
`;
}
