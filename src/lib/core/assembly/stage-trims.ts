import { entryAt } from '../quantity/sure';
import type { AssemblyStep, Edge } from './assembly';
import { foldsOf, lay, type Laid } from './layers';
import { RING_DEPTH, type Point, type Rung, type StageInput, type Trim } from './stage';

const CHAIN_CM = 0.45;

export interface TrimContext {
	readonly across: (cm: number, l: Pick<Laid, 'at'>) => Pick<Rung, 'a' | 'b'>;
	readonly cmAt: (row: number) => number;
	readonly lengthCm: number;
	readonly folds: ReturnType<typeof foldsOf>;
	readonly input: StageInput;
}

const along = (a: Point, b: Point, t: number): Point => ({
	x: a.x + (b.x - a.x) * t,
	y: a.y + (b.y - a.y) * t
});

/** A chain from one point to another, what it is longer than the way bowed out towards `out`. */
function bowed([from, to]: readonly [Point, Point], cm: number, out: Point): Point[] {
	const span = Math.hypot(to.x - from.x, to.y - from.y);
	const bow = Math.sqrt(Math.max(0, cm * cm - span * span)) * 0.45;
	return Array.from({ length: 17 }, (_, i) => {
		const p = along(from, to, i / 16);
		const far = bow * (1 - (2 * (i / 16) - 1) ** 2);
		return { x: p.x + out.x * far, y: p.y + out.y * far };
	});
}

type Across = Pick<Rung, 'a' | 'b'>;
const acrossAt = (c: TrimContext, cm: number): Across =>
	c.across(cm, entryAt(lay([cm], c.folds), 0));
const acrossEnd = (c: TrimContext, edge: Edge): Across =>
	acrossAt(c, edge === 'cast-on' ? 0 : c.lengthCm);
const middle = ({ a, b }: Across): Point[] => [along(a, b, 0.5)];

/** At the back of a ring only what looks out over the front is seen of its seam. */
function ringSeam(c: TrimContext, whole: boolean): Trim {
	const { a, b } = acrossAt(c, 0);
	const inside = (c.lengthCm / Math.PI) * RING_DEPTH;
	return {
		kind: 'seam',
		points: [a, { x: b.x, y: whole ? b.y : Math.min(b.y, a.y + inside) }]
	};
}

function tie(c: TrimContext, cm: number, chains: number): Trim {
	const { a, b } = acrossAt(c, cm);
	const ends = [along(a, b, 0.4), along(a, b, 0.6)] as const;
	return { kind: 'chain', points: bowed(ends, chains * CHAIN_CM, { x: cm === 0 ? -1 : 1, y: 0 }) };
}

function strap(c: TrimContext, chains: number): Trim {
	const { a, b } = acrossAt(c, 0);
	const ends = [along(a, b, 0.25), along(a, b, 0.75)] as const;
	return { kind: 'chain', points: bowed(ends, chains * CHAIN_CM, { x: 0, y: -1 }) };
}

function drawstring(c: TrimContext, chains: number): Trim[] {
	const hem = c.folds.find((f) => f.id === 'hem');
	const { a, b } = acrossAt(c, hem ? hem.line * 1.5 : 1);
	const loose = (chains * CHAIN_CM - 2 * Math.abs(b.x - a.x)) / 2;
	const knot: Point = { x: b.x + Math.max(1, loose * 0.6), y: b.y + Math.max(1, loose * 0.5) };
	return [
		{ kind: 'chain', points: [a, b, knot] },
		{ kind: 'chain', points: [b, { x: knot.x - 0.8, y: knot.y + 1 }] }
	];
}

function slit(c: TrimContext, atRow: number, stitches: number): Trim {
	const { a, b } = acrossAt(c, c.cmAt(atRow));
	const half = stitches / Math.max(2, c.input.widthCm) / 4;
	return {
		kind: 'slit',
		points: [along(a, b, Math.max(0.1, 0.5 - half)), along(a, b, Math.min(0.9, 0.5 + half))]
	};
}

/** What a step leaves to be seen: seams, bound edges, chains, a slit. */
export function trimsOf(s: AssemblyStep, c: TrimContext): Trim[] {
	switch (s.do) {
		case 'close-flat':
			return [{ kind: 'seam', points: Object.values(acrossEnd(c, s.edge)) }];
		case 'close-crown':
			return [{ kind: 'seam', points: Object.values(acrossEnd(c, s.edges[0])) }];
		case 'bind':
			return [{ kind: 'bound', points: Object.values(acrossEnd(c, s.edge)) }];
		case 'gather':
			return [{ kind: 'gather', points: middle(acrossEnd(c, s.edge)) }];
		case 'zip':
			return [{ kind: 'gather', points: middle(acrossEnd(c, s.edges[0])) }];
		case 'join-ring':
			return [ringSeam(c, s.twist)];
		case 'hook-ends':
			return [ringSeam(c, false)];
		case 'ties':
			return [0, c.lengthCm].map((cm) => tie(c, cm, s.chains));
		case 'straps':
			return [strap(c, s.chains)];
		case 'drawstring':
			return drawstring(c, s.chains);
		case 'thumb':
			return [slit(c, s.atRow, s.stitches)];
		default:
			return [];
	}
}
