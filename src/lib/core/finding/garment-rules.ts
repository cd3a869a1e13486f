import { counted } from '../assembly/joint';
import { ARMHOLE_EASE_CM, armEaseOf, NECK_STRETCH } from '../garment/measures';
import { shoulderLoad } from '../garment/figures';
import type { Judgement, Rule } from './facts';

/** A sleeve closer to the arm than this binds, cm (from memory). */
const SLEEVE_EASE_CM = 2;
/** Depth that a curved neck takes for a cm of its edge, at most. */
const CURVE_GROWS = 1.6;
/** Of neck and both shoulders together, a neck of more than this slides off (from memory). */
const NECK_MOST_SHARE = 0.58;
/** Hem to underarm, and the yoke, at least, cm. */
const BODY_LEAST_CM = 6;
/** A bust beyond this takes up length, a twelfth of what is over (from memory). */
const BUST_FROM_CM = 92;
const BUST_SHARE = 1 / 12;
/** More grams on a centimetre of shoulder seam pull it long (from memory). */
const HEAVY_G_PER_CM = 22;
/** Rows off the line by more stitches than the rules ask for are named. */
const MISSED_STITCHES = 0.5;
/** Ends that stripes leave are named from so many on. */
const MANY_ENDS = 12;

export const cannotShape: Rule = ({ garment }) =>
	garment?.shape.made.pieces.flatMap((p): Judgement[] =>
		p.problem
			? [
					{
						body: { code: 'cannot-shape', name: p.name, problem: p.problem },
						severity: 'stop',
						where: { at: 'piece', piece: p.id }
					}
				]
			: []
	) ?? null;

export const seams: Rule = ({ garment, joints }) => {
	if (!garment) return null;
	return joints.flatMap((c): Judgement[] => {
		const where = { at: 'seam', seam: c.id } as const;
		const { kind, of } = c;
		if (c.verdict === 'missing')
			return [{ body: { code: 'seam-missing', kind }, severity: 'warn', where }];
		if (c.verdict === 'meets') return [];
		const by = c.by === 'rows' || c.by === 'length' ? c.by : 'stitches';
		const repair = garment.shape.repairs[c.id];
		const eases = c.verdict === 'eases';
		return [
			{
				body: {
					code: 'seam-off',
					kind,
					of,
					by,
					a: counted(c.a, c.by),
					b: counted(c.b, c.by),
					eases
				},
				severity: eases ? 'tip' : 'warn',
				where,
				...(repair ? { fix: repair } : {})
			}
		];
	});
};

const half = (cm: number): number => Math.ceil(2 * cm) / 2;

export const armholeSmall: Rule = ({ garment }) => {
	const body = garment?.shape.body;
	if (!garment || !body) return null;
	const leastCm = body.armCm + (garment.wish.from === 'flat' ? 0 : ARMHOLE_EASE_CM);
	if (body.armholeCm >= leastCm) return null;
	const now = garment.shape.measures.armhole.cm;
	return {
		body: { code: 'armhole-small', aroundCm: body.armholeCm, armCm: body.armCm, leastCm },
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'measure', measure: 'armhole', cm: half(now + (leastCm - body.armholeCm) / 2 + 0.5) }
	};
};

export const sleeveTight: Rule = ({ garment }) => {
	const body = garment?.shape.body;
	if (!garment || !body || body.sleeveCm === null) return null;
	const need = garment.wish.from === 'flat' ? 0 : SLEEVE_EASE_CM;
	if (body.sleeveCm >= body.armCm + need) return null;
	const tube = garment.wish.sleeves === 'tube';
	return {
		body: { code: 'sleeve-tight', sleeveCm: body.sleeveCm, armCm: body.armCm, tube },
		severity: 'warn',
		where: { at: 'size' },
		...(garment.wish.armhole === 'drop' && !tube
			? {
					fix: {
						do: 'measure' as const,
						measure: 'armhole' as const,
						cm: half((body.armCm + armEaseOf(garment.wish)) / 2)
					}
				}
			: {})
	};
};

export const neckSmall: Rule = ({ garment }) => {
	const body = garment?.shape.body;
	if (!garment || !body || !garment.shape.asked.includes('head')) return null;
	const headCm = garment.shape.measures.head.cm;
	const lacking = headCm - body.neckCm * NECK_STRETCH;
	if (lacking <= 0) return null;
	const now = garment.shape.measures.neckDrop.cm;
	return {
		body: { code: 'neck-small', neckCm: body.neckCm, headCm },
		severity: 'warn',
		where: { at: 'size' },
		// Both fronts get longer edges: half of what is lacking on each, and more, since a curve grows less than its depth.
		fix: {
			do: 'measure',
			measure: 'neckDrop',
			cm: half(now + (CURVE_GROWS * lacking) / NECK_STRETCH / 2 + 0.5)
		}
	};
};

export const neckWide: Rule = ({ garment }) => {
	const body = garment?.shape.body;
	if (!garment || !body) return null;
	const whole = body.neckWidthCm + 2 * body.shoulderCm;
	if (body.neckWidthCm <= NECK_MOST_SHARE * whole) return null;
	return {
		body: { code: 'neck-wide', neckCm: body.neckWidthCm, shoulderCm: body.shoulderCm },
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'measure', measure: 'neck', cm: Math.floor(2 * whole * 0.5) / 2 }
	};
};

export const bodyShort: Rule = ({ garment }) => {
	if (!garment?.shape.body) return null;
	const { length, armhole, shoulderDrop } = garment.shape.measures;
	const fall = garment.wish.shoulder === 'sloped' ? shoulderDrop.cm : 0;
	const leastCm = armhole.cm + fall + BODY_LEAST_CM;
	return length.cm >= leastCm
		? null
		: {
				body: { code: 'body-short', lengthCm: length.cm, leastCm },
				severity: 'warn',
				where: { at: 'size' },
				fix: { do: 'measure', measure: 'length', cm: half(leastCm) }
			};
};

export const overBust: Rule = ({ garment, gauges }) => {
	if (
		!garment?.shape.body ||
		!garment.wish.size.startsWith('woman') ||
		garment.wish.from === 'flat'
	)
		return null;
	const { chest, length } = garment.shape.measures;
	const cm = (chest.cm - BUST_FROM_CM) * BUST_SHARE;
	const rows = 2 * Math.round((cm * gauges[0]!.rowsPerCm.mean) / 2);
	// A length the maker has set was measured over the bust, or is wanted so.
	if (rows < 2 || length.from === 'own') return null;
	return {
		body: { code: 'over-bust', cm, rows, chestCm: chest.cm },
		severity: 'tip',
		where: { at: 'size' },
		fix: { do: 'measure', measure: 'length', cm: half(length.cm + cm) }
	};
};

export const heavyShoulders: Rule = ({ garment, amounts }) => {
	if (!garment) return null;
	const gramsPerCm = shoulderLoad(garment.shape, amounts);
	if (gramsPerCm === null || gramsPerCm <= HEAVY_G_PER_CM) return null;
	return {
		body: {
			code: 'heavy-shoulders',
			gramsPerCm,
			grams: amounts.reduce((t, a) => t + a.grams.value.mean, 0)
		},
		severity: 'tip',
		where: { at: 'size' }
	};
};

export const lineMissed: Rule = ({ garment }) => {
	if (!garment) return null;
	return garment.shape.made.pieces.flatMap((p): Judgement[] => {
		if (!p.schedule || p.mirrorOf) return [];
		return (['left', 'right'] as const).flatMap((side): Judgement[] => {
			const { row, stitches } = p.schedule![side].missed;
			if (Math.abs(stitches) < MISSED_STITCHES) return [];
			return [
				{
					body: { code: 'line-missed', name: p.name, side, row, stitches },
					severity: 'tip',
					where: { at: 'piece', piece: `${p.id}-${side}` }
				}
			];
		});
	});
};

export const laddersUneven: Rule = ({ garment, machine }) => {
	const shrug = garment?.shape.shrug;
	if (!shrug) return null;
	const [a, b] = shrug.between;
	if (a === b || (machine.pins % 2 === 1 && Math.abs(a - b) === 1)) return null;
	return {
		body: { code: 'ladders-uneven', a, b, pins: machine.pins },
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'ladder-pins', pins: [1, 1 + Math.floor(machine.pins / 2)] }
	};
};

export const neckBeyondSpan: Rule = ({ garment }) => {
	if (!garment?.shape.shrug) return null;
	const { span, neckOpen } = garment.shape.measures;
	return neckOpen.cm <= span.cm - 10
		? null
		: {
				body: { code: 'neck-beyond-span', neckCm: neckOpen.cm, spanCm: span.cm },
				severity: 'warn',
				where: { at: 'size' },
				fix: { do: 'measure', measure: 'neckOpen', cm: half(Math.max(0.5, span.cm * 0.3)) }
			};
};

export const stripeEnds: Rule = ({ garment }) => {
	const totals = garment?.shape.totals;
	if (!totals || totals.joinEnds < MANY_ENDS) return null;
	return {
		body: { code: 'stripe-ends', joins: totals.joinEnds, all: totals.ends },
		severity: 'tip',
		where: { at: 'size' }
	};
};
