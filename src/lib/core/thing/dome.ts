import { entryAt, last as lastOf } from '../quantity/sure';
/** The outline of a hat on a head: a straight side and a rounded crown, by length along the surface. */
export interface DomeProfile {
	/** Length along the surface from the lower edge to the crown, cm. */
	readonly lengthCm: number;
	/** Height of the outline, cm. */
	readonly heightCm: number;
	/** Half the width at `s` cm along the surface, and the height above the lower edge. */
	readonly at: (s: number) => { half: number; up: number };
	/** How far the crown stands above the head because the hat is longer than it, cm. */
	readonly spareCm: number;
}

/** Crown height as a share of the radius: heads are rounder than half a ball. */
const CROWN = 0.95;
const SAMPLES = 160;

/** Points along a quarter of an ellipse, with their distance along it. */
function quarter(radius: number): { x: number; y: number; s: number }[] {
	const points = [{ x: radius, y: 0, s: 0 }];
	for (let i = 1; i <= SAMPLES; i++) {
		const t = (i / SAMPLES) * (Math.PI / 2);
		const x = radius * Math.cos(t);
		const y = radius * CROWN * Math.sin(t);
		const last = entryAt(points, i - 1);
		points.push({ x, y, s: last.s + Math.hypot(x - last.x, y - last.y) });
	}
	return points;
}

/** Profile of a hat `lengthCm` long over a head of radius `radius` (cm). A short hat is the crown's part alone. */
export function domeProfile(lengthCm: number, radius: number): DomeProfile {
	const curve = quarter(radius);
	const arc = lastOf(curve).s;
	const side = Math.max(0, lengthCm - arc);
	const start = Math.max(0, arc - lengthCm);
	const onArc = (s: number) => {
		const found = curve.findIndex((p) => p.s >= s);
		const i = found < 0 ? curve.length - 1 : Math.max(1, found);
		const a = entryAt(curve, i - 1);
		const b = entryAt(curve, i);
		const t = b.s === a.s ? 0 : Math.min(1, Math.max(0, (s - a.s) / (b.s - a.s)));
		return { half: a.x + t * (b.x - a.x), up: a.y + t * (b.y - a.y) };
	};
	const from = onArc(start);
	return {
		lengthCm,
		heightCm: side + radius * CROWN - from.up,
		at: (s) => {
			if (s < side) return { half: radius, up: s };
			const p = onArc(start + s - side);
			return { half: p.half, up: side + p.up - from.up };
		},
		// Past the brow-to-crown length of a head (about 1.15 x the arc) the crown stands up.
		spareCm: Math.max(0, side - arc * 0.75) * 0.5
	};
}

export interface Placing {
	readonly cx: number;
	readonly crownY: number;
	/** px per cm. */
	readonly px: number;
	/** How far outside the profile it lies, cm. */
	readonly out: number;
}

/** How much a level ring seen from a little above bulges down, as a share of its half width. */
const BULGE = 0.13;

/** The part of the hat between two lengths along its surface, as a closed SVG path. */
export function bandPath(profile: DomeProfile, from: number, to: number, p: Placing): string {
	const STEPS = 14;
	const y = (up: number) => p.crownY + (profile.heightCm - up) * p.px;
	const side: { half: number; y: number }[] = [];
	for (let i = 0; i <= STEPS; i++) {
		const at = profile.at(Math.min(profile.lengthCm, from + ((to - from) * i) / STEPS));
		side.push({ half: Math.max(0, at.half + p.out) * p.px, y: y(at.up) });
	}
	const low = entryAt(side, 0);
	const high = lastOf(side);
	const left = side.map((s) => `${p.cx - s.half} ${s.y}`);
	const right = [...side].reverse().map((s) => `${p.cx + s.half} ${s.y}`);
	return `M${left.join('L')}A${high.half || 0.1} ${high.half * BULGE || 0.1} 0 0 0 ${p.cx + high.half} ${high.y}L${right.join('L')}A${low.half} ${low.half * BULGE} 0 0 1 ${p.cx - low.half} ${low.y}Z`;
}

/** A head is so much of its girth high, chin to crown, as it is drawn. */
export const HEAD_HIGH = 0.44;

/** A plain head and neck. */
export function headPath(h: {
	cx: number;
	topY: number;
	radiusPx: number;
	heightPx: number;
}): string {
	const { cx, topY, radiusPx: r, heightPx } = h;
	const chin = topY + heightPx;
	const brow = topY + heightPx * 0.42;
	const jaw = topY + heightPx * 0.78;
	return [
		`M${cx - r} ${brow}`,
		`C${cx - r} ${topY - heightPx * 0.14} ${cx + r} ${topY - heightPx * 0.14} ${cx + r} ${brow}`,
		`c${r * 0.2} ${-heightPx * 0.02} ${r * 0.2} ${heightPx * 0.2} ${-r * 0.06} ${heightPx * 0.18}`,
		`C${cx + r * 0.92} ${jaw} ${cx + r * 0.72} ${chin - heightPx * 0.06} ${cx + r * 0.44} ${chin}`,
		`q${-r * 0.02} ${heightPx * 0.08} ${r * 0.16} ${heightPx * 0.13}H${cx - r * 0.6}q${r * 0.18} ${-heightPx * 0.05} ${r * 0.16} ${-heightPx * 0.13}`,
		`C${cx - r * 0.72} ${chin - heightPx * 0.06} ${cx - r * 0.92} ${jaw} ${cx - r * 0.94} ${brow + heightPx * 0.18}`,
		`c${-r * 0.26} ${heightPx * 0.02} ${-r * 0.26} ${-heightPx * 0.2} ${-r * 0.06} ${-heightPx * 0.18}Z`
	].join('');
}
