/** A cord hanging between two hooks at one height. Lengths in cm. */
export interface Catenary {
	readonly spanCm: number;
	readonly sagCm: number;
	/** Of cord from hook to hook. */
	readonly lengthCm: number;
	/** Radius of curvature at its lowest point; infinite for a taut cord. */
	readonly a: number;
}

/** Below this share of the span a cord is drawn as taut. */
const TAUT = 1e-9;

/** The cord over a span, above 0, with a sag of at least 0: sag = a (cosh(d / 2a) - 1), length = 2a sinh(d / 2a). */
export function hang(spanCm: number, sagCm: number): Catenary {
	if (sagCm <= TAUT * spanCm) return { spanCm, sagCm: 0, lengthCm: spanCm, a: Infinity };
	// (cosh u - 1) / 2u grows with u from 0.
	const target = sagCm / spanCm;
	const f = (u: number) => (Math.cosh(u) - 1) / (2 * u);
	let low = 0;
	let high = 1;
	while (f(high) < target) high *= 2;
	for (let i = 0; i < 100; i++) {
		const mid = (low + high) / 2;
		if (f(mid) < target) low = mid;
		else high = mid;
	}
	const u = (low + high) / 2;
	const a = spanCm / (2 * u);
	return { spanCm, sagCm, lengthCm: 2 * a * Math.sinh(u), a };
}

/** The span that a cord of `lengthCm` reaches with so much sag; null where it is too short for it. */
export function spanOf(lengthCm: number, sagCm: number): Catenary | null {
	const half = lengthCm / 2;
	if (sagCm >= half) return null;
	if (sagCm <= TAUT * lengthCm) return { spanCm: lengthCm, sagCm: 0, lengthCm, a: Infinity };
	const a = (half * half - sagCm * sagCm) / (2 * sagCm);
	return { spanCm: 2 * a * Math.asinh(half / a), sagCm, lengthCm, a };
}

/** Where a point of the cord hangs, `along` cm from the left hook: x from that hook, y below the hooks. */
export function hangsAt(
	{ a, lengthCm, spanCm, sagCm }: Catenary,
	along: number
): { x: number; y: number } {
	if (a === Infinity) return { x: along, y: 0 };
	const s = along - lengthCm / 2;
	return { x: spanCm / 2 + a * Math.asinh(s / a), y: sagCm - a * (Math.hypot(1, s / a) - 1) };
}
