import { partLength, segmentRadius } from './form/toy';
import type { Thing, ThingOf } from './form/thing';
import type { Judgement, Rule as AnyRule } from '../../finding/facts';
import type {
	FoldedBagWish,
	GarlandWish,
	PomPomWish,
	ToyWish,
	TubeBlanketWish
} from '../../model/wish';
import { garlandCaution } from '../common-rules';
import { MOST_COUNTED } from '../../finding/fit-rules';

/** What fits in a cylinder so wide and deep can be swallowed (toy rules for under three; from memory). */
const SMALL_PART_CM = { across: 3.17, long: 5.71 };
/** A cord on a toy for the smallest is no longer than this (toy rules; from memory). */
const TOY_CORD_CM = 22;
/** Wraps under this share of what fills a pom-pom leave it thin (from memory). */
const THIN = 0.7;

type Rule<K extends Thing['kind'], W> = AnyRule<W, ThingOf<K>>;

const piece = (id: string) => ({ at: 'piece', piece: id }) as const;

const pieceTooLong: AnyRule = ({ pieces }) =>
	pieces.flatMap((p): Judgement[] =>
		p.mainRows > MOST_COUNTED
			? [
					{
						body: { code: 'too-long', rows: p.mainRows, most: MOST_COUNTED, counted: true },
						severity: 'stop',
						where: piece(p.id)
					}
				]
			: []
	);

/** Buttons and beads come off, and are swallowed: none under three. */
const smallParts: Rule<'stuffed', ToyWish> = (facts) => {
	const toy = facts.finished;
	if (toy.age !== 'under-3' || (toy.eyes.kind !== 'button' && toy.eyes.kind !== 'bead'))
		return null;
	return {
		body: { code: 'toy-small-parts', eyes: toy.eyes.kind, count: toy.eyes.count },
		severity: 'stop',
		where: { at: 'size' },
		fix: { do: 'eyes', kind: 'stitched' }
	};
};

const cordsOnToys: Rule<'stuffed', ToyWish> = (facts) => {
	const toy = facts.finished;
	if (toy.age !== 'under-3') return null;
	return toy.parts.flatMap((m): Judgement[] => {
		const cm = partLength(m);
		return m.part.cordPins !== null && cm > TOY_CORD_CM
			? [
					{
						body: { code: 'toy-cord', name: m.part.name, cm, most: TOY_CORD_CM },
						severity: 'stop',
						where: piece(m.piece)
					}
				]
			: [];
	});
};

/** A part that fits the cylinder: if it comes off it can be swallowed. */
const partSmall: Rule<'stuffed', ToyWish> = (facts) => {
	const toy = facts.finished;
	if (toy.age !== 'under-3') return null;
	return toy.parts.flatMap((m): Judgement[] => {
		const across = Math.max(...m.segments.map((s) => 2 * segmentRadius(m, s)));
		const long = partLength(m);
		const small = across < SMALL_PART_CM.across && long < SMALL_PART_CM.long;
		return m.part.to && small
			? [
					{
						body: { code: 'toy-part-small', name: m.part.name, across, long },
						severity: 'warn',
						where: piece(m.piece)
					}
				]
			: [];
	});
};

/** Sewn to nothing that is there, or round in a ring. */
const attachLost: Rule<'stuffed', ToyWish> = (facts) => {
	const toy = facts.finished;
	const rooted = (id: string, seen: readonly string[]): boolean => {
		const m = toy.parts.find((p) => p.part.id === id);
		if (!m || seen.includes(id)) return false;
		return m.part.to === null || rooted(m.part.to.part, [...seen, id]);
	};
	return toy.parts.flatMap((m): Judgement[] =>
		rooted(m.part.id, [])
			? []
			: [
					{
						body: { code: 'attach-lost', name: m.part.name },
						severity: 'warn',
						where: piece(m.piece)
					}
				]
	);
};

const willNotClose: Rule<'stuffed', ToyWish> = (facts) => {
	const toy = facts.finished;
	return toy.parts.flatMap((m): Judgement[] =>
		m.segments.flatMap((s, i): Judgement[] =>
			m.part.stuffed && !s.form.closes
				? [
						{
							body: {
								code: 'will-not-close',
								name: m.part.name,
								nth: i + 1,
								cm: s.flatCm,
								leastCm: (2 * s.form.radius) / (1 - 0.3 * s.puff)
							},
							severity: 'warn',
							where: piece(`${m.piece}-${i}`)
						}
					]
				: []
		)
	);
};

const partTooWide: Rule<'stuffed', ToyWish> = (facts) => {
	return facts.joints.flatMap((j): Judgement[] =>
		j.kind === 'attach' && j.verdict === 'off'
			? [
					{
						body: {
							code: 'part-too-wide',
							name: j.a.name,
							host: j.b.name,
							openCm: j.a.cm,
							hostCm: j.b.cm
						},
						severity: 'warn',
						where: piece(j.edges[0]?.piece ?? '')
					}
				]
			: []
	);
};

const bagMisses: Rule<'folded', FoldedBagWish> = (facts) => {
	const bag = facts.finished;
	if (bag.rows === bag.idealRows) return null;
	const off = bag.rows - bag.idealRows;
	const gauge = facts.gauges[0]!;
	const each = Math.abs(off) / 2;
	return {
		body: {
			code: 'bag-misses',
			rows: off,
			ideal: bag.idealRows,
			eachRows: each,
			cm: each / gauge.rowsPerCm.mean
		},
		severity: facts.joints.some((j) => j.verdict === 'off') ? 'warn' : 'tip',
		where: { at: 'size' },
		fix: { do: 'rows', rows: bag.idealRows }
	};
};

const bagLoads: Rule<'folded', FoldedBagWish> = () => ({
	body: { code: 'bag-loads' },
	severity: 'tip',
	where: { at: 'size' }
});

const toyRules: Rule<'stuffed', ToyWish> = ({ finished }) => ({
	body: { code: 'toy-rules', under3: finished.age === 'under-3' },
	severity: 'tip',
	where: { at: 'size' }
});

const cannotHang: Rule<'hung', GarlandWish> = (facts) => {
	const garland = facts.finished;
	if (garland.solved.fits) return null;
	const { sagCm, solve, spacingCm } = facts.wish;
	const { cord, number } = garland.solved;
	return solve === 'span'
		? {
				body: { code: 'cannot-hang', sagCm, cordCm: cord.lengthCm },
				severity: 'warn',
				where: { at: 'size' },
				fix: { do: 'sag', cm: Math.floor(cord.lengthCm * 0.3) }
			}
		: {
				body: {
					code: 'garland-count',
					number,
					spacingCm,
					cordCm: cord.lengthCm
				},
				severity: 'warn',
				where: { at: 'size' }
			};
};

const itemsTouch: Rule<'hung', GarlandWish> = (facts) => {
	const garland = facts.finished;
	const off = facts.joints.filter((j) => j.kind === 'hang');
	if (off.length === 0) return null;
	const needCm = Math.max(...off.map((j) => j.a.cm));
	return {
		body: { code: 'items-touch', times: off.length, needCm, spacingCm: garland.solved.spacingCm },
		severity: 'warn',
		where: { at: 'size' },
		fix: {
			do: 'garland-number',
			number: Math.max(1, Math.floor(garland.solved.cord.lengthCm / needCm) - 1)
		}
	};
};

const pomThin: Rule<'wound', PomPomWish> = (facts) => {
	const pom = facts.finished;
	if (pom.wraps >= THIN * pom.usual) return null;
	return {
		body: { code: 'pom-thin', wraps: pom.wraps, usual: pom.usual },
		severity: 'tip',
		where: { at: 'size' },
		fix: { do: 'wraps', wraps: null }
	};
};

const borderOff: Rule<'side-by-side', TubeBlanketWish> = (facts) => {
	const blanket = facts.finished;
	const border = facts.joints.find((j) => j.kind === 'border');
	if (!border || border.verdict === 'meets') return null;
	return {
		body: {
			code: 'border-off',
			loops: border.a.stitches,
			stitches: border.b.stitches,
			of: blanket.border.of,
			eases: border.verdict === 'eases'
		},
		severity: border.verdict === 'eases' ? 'tip' : 'warn',
		where: { at: 'size' }
	};
};

/** Parts made on another machine with a yarn that was never measured there. */
const noSwatchThere: AnyRule = ({ pieces, machine }) => {
	const guessed = new Map<string, { name: string; parts: string[] }>();
	for (const p of pieces) {
		const yarn = p.runs[0]?.yarn ?? 0;
		if (p.machine.id === machine.id || p.gauges[yarn]?.rowsPerCm.basis !== 'estimated') continue;
		const known = guessed.get(p.machine.id) ?? { name: p.machine.name, parts: [] };
		guessed.set(p.machine.id, { ...known, parts: [...known.parts, p.name] });
	}
	return [...guessed].map(([id, { name, parts }]): Judgement => ({
		body: { code: 'no-swatch-there', machine: name, parts: [...new Set(parts)] },
		severity: 'tip',
		where: piece(id)
	}));
};

/** In the order they are said, the gravest sorted first afterwards. */
export const bagRules = [pieceTooLong, bagMisses, noSwatchThere, bagLoads];
export const blanketRules = [pieceTooLong, borderOff, noSwatchThere];
export const toyRulesOf = [
	pieceTooLong,
	smallParts,
	cordsOnToys,
	partSmall,
	attachLost,
	willNotClose,
	partTooWide,
	noSwatchThere,
	toyRules
];
export const garlandRules = [pieceTooLong, cannotHang, itemsTouch, noSwatchThere, garlandCaution];
export const pomPomRules = [pomThin];
