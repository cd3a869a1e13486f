import { endsOf } from '../../technique/ends';
import { counted } from '../../assembly/joint';
import { ARMHOLE_EASE_CM, armEaseOf, NECK_STRETCH } from './measures';
import { shoulderLoad } from './figures';
import type { Facts as AnyFacts, Judgement, Rule as AnyRule } from '../../finding/facts';
import { tooLong } from '../../finding/fit-rules';
import type { GarmentWish } from '../../model/wish';
import type { FinishedOf } from '../finished';
import { cutContext } from './make';
import { MOST_CUT, repairOf, type Repair } from './seams';

type Facts = AnyFacts<GarmentWish, FinishedOf<'flat'>>;
type Rule = AnyRule<GarmentWish, FinishedOf<'flat'>>;

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

const cannotShape: Rule = ({ finished }) =>
	finished.made.pieces.flatMap((p): Judgement[] =>
		p.problem
			? [
					{
						body: { code: 'cannot-shape', name: p.name, problem: p.problem },
						severity: 'stop',
						where: { at: 'piece', piece: p.id }
					}
				]
			: []
	);

/** By the seam's id, where it does not meet and something mends it. */
function repairsOf({ wish, machine, gauges: [gauge], joints }: Facts): Map<string, Repair> {
	const found = new Map<string, Repair>();
	if (!gauge) return found;
	const density = { stitchesPerCm: gauge.stitchesPerCm.mean, rowsPerCm: gauge.rowsPerCm.mean };
	const context = cutContext(wish, { machine, density });
	// What ails both hands alike is mended alike, unless it is one piece that departs.
	const alike = new Map<string, Repair | null>();
	const tries = { left: MOST_CUT };
	for (const check of joints) {
		if (check.verdict !== 'off') continue;
		const ail = `${check.kind} ${check.by} ${check.diff.toFixed(3)}`;
		const known = alike.get(ail);
		const repair = known === undefined ? repairOf(wish, check, context, tries) : known;
		if (repair?.do !== 'together') alike.set(ail, repair);
		if (repair) found.set(check.id, repair);
	}
	return found;
}

const seams: Rule = (facts) => {
	const repairs = repairsOf(facts);
	return facts.joints.flatMap((c): Judgement[] => {
		const where = { at: 'seam', seam: c.id } as const;
		const { kind, of } = c;
		if (c.verdict === 'missing')
			return [{ body: { code: 'seam-missing', kind }, severity: 'warn', where }];
		if (c.verdict === 'meets') return [];
		const by = c.by === 'rows' || c.by === 'length' ? c.by : 'stitches';
		const repair = repairs.get(c.id);
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

const armholeSmall: Rule = ({ finished, wish }) => {
	const body = finished.body;
	if (!body) return null;
	const leastCm = body.armCm + (wish.from === 'flat' ? 0 : ARMHOLE_EASE_CM);
	if (body.armholeCm >= leastCm) return null;
	const now = finished.measures.armhole.cm;
	return {
		body: { code: 'armhole-small', aroundCm: body.armholeCm, armCm: body.armCm, leastCm },
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'measure', measure: 'armhole', cm: half(now + (leastCm - body.armholeCm) / 2 + 0.5) }
	};
};

const sleeveTight: Rule = ({ finished, wish }) => {
	const body = finished.body;
	if (!body || body.sleeveCm === null) return null;
	const need = wish.from === 'flat' ? 0 : SLEEVE_EASE_CM;
	if (body.sleeveCm >= body.armCm + need) return null;
	const tube = wish.sleeves === 'tube';
	return {
		body: { code: 'sleeve-tight', sleeveCm: body.sleeveCm, armCm: body.armCm, tube },
		severity: 'warn',
		where: { at: 'size' },
		...(wish.armhole === 'drop' && !tube
			? {
					fix: {
						do: 'measure' as const,
						measure: 'armhole' as const,
						cm: half((body.armCm + armEaseOf(wish)) / 2)
					}
				}
			: {})
	};
};

const neckSmall: Rule = ({ finished }) => {
	const body = finished.body;
	if (!body || !finished.asked.includes('head')) return null;
	const headCm = finished.measures.head.cm;
	const lacking = headCm - body.neckCm * NECK_STRETCH;
	if (lacking <= 0) return null;
	const now = finished.measures.neckDrop.cm;
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

const neckWide: Rule = ({ finished }) => {
	const body = finished.body;
	if (!body) return null;
	const whole = body.neckWidthCm + 2 * body.shoulderCm;
	if (body.neckWidthCm <= NECK_MOST_SHARE * whole) return null;
	return {
		body: { code: 'neck-wide', neckCm: body.neckWidthCm, shoulderCm: body.shoulderCm },
		severity: 'warn',
		where: { at: 'size' },
		fix: { do: 'measure', measure: 'neck', cm: Math.floor(2 * whole * 0.5) / 2 }
	};
};

const bodyShort: Rule = ({ finished, wish }) => {
	if (!finished.body) return null;
	const { length, armhole, shoulderDrop } = finished.measures;
	const fall = wish.shoulder === 'sloped' ? shoulderDrop.cm : 0;
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

const overBust: Rule = ({ finished, wish, gauges }) => {
	if (!finished.body || !wish.size.startsWith('woman') || wish.from === 'flat') return null;
	const { chest, length } = finished.measures;
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

const heavyShoulders: Rule = ({ finished, amounts }) => {
	const gramsPerCm = shoulderLoad(finished, amounts);
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

const lineMissed: Rule = ({ finished }) => {
	return finished.made.pieces.flatMap((p): Judgement[] => {
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

const laddersUneven: Rule = ({ finished, machine }) => {
	const shrug = finished.shrug;
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

const neckBeyondSpan: Rule = ({ finished }) => {
	if (!finished.shrug) return null;
	const { span, neckOpen } = finished.measures;
	return neckOpen.cm <= span.cm - 10
		? null
		: {
				body: { code: 'neck-beyond-span', neckCm: neckOpen.cm, spanCm: span.cm },
				severity: 'warn',
				where: { at: 'size' },
				fix: { do: 'measure', measure: 'neckOpen', cm: half(Math.max(0.5, span.cm * 0.3)) }
			};
};

const stripeEnds: Rule = ({ wish, pieces }) => {
	const { joins, others } = endsOf(pieces);
	// Tied at the crank, they are not woven in.
	if (wish.joinTails === 'tie' || joins < MANY_ENDS) return null;
	return {
		body: { code: 'stripe-ends', joins, all: others + joins },
		severity: 'tip',
		where: { at: 'size' }
	};
};

/** In the order they are said, the gravest sorted first afterwards. */
export const garmentRules: readonly Rule[] = [
	cannotShape,
	bodyShort,
	seams,
	armholeSmall,
	sleeveTight,
	neckSmall,
	neckWide,
	neckBeyondSpan,
	laddersUneven,
	overBust,
	heavyShoulders,
	lineMissed,
	stripeEnds,
	tooLong
];
