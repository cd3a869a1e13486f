import { partLength, segmentRadius } from '../thing/toy';
import type { Thing, ThingOf } from '../thing/thing';
import type { Facts, Judgement, Rule } from './facts';
import { MOST_COUNTED } from './fit-rules';

/** What fits in a cylinder so wide and deep can be swallowed (toy rules for under three; from memory). */
const SMALL_PART_CM = { across: 3.17, long: 5.71 };
/** A cord on a toy for the smallest is no longer than this (toy rules; from memory). */
const TOY_CORD_CM = 22;
/** Wraps under this share of what fills a pom-pom leave it thin (from memory). */
const THIN = 0.7;

const toyOf = ({ thing }: Facts): ThingOf<'toy'> | null =>
	thing?.thing.kind === 'toy' ? thing.thing : null;
const is =
	<K extends Thing['kind']>(kind: K) =>
	({ thing }: Facts): ThingOf<K> | null =>
		thing?.thing.kind === kind ? (thing.thing as ThingOf<K>) : null;
const piece = (id: string) => ({ at: 'piece', piece: id }) as const;

export const pieceTooLong: Rule = ({ pieces }) =>
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
export const smallParts: Rule = (facts) => {
	const toy = toyOf(facts);
	if (toy?.age !== 'under-3' || (toy.eyes.kind !== 'button' && toy.eyes.kind !== 'bead'))
		return null;
	return {
		body: { code: 'toy-small-parts', eyes: toy.eyes.kind, count: toy.eyes.count },
		severity: 'stop',
		where: { at: 'size' },
		fix: { do: 'eyes', kind: 'stitched' }
	};
};

export const cordsOnToys: Rule = (facts) => {
	const toy = toyOf(facts);
	if (toy?.age !== 'under-3') return null;
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
export const partSmall: Rule = (facts) => {
	const toy = toyOf(facts);
	if (toy?.age !== 'under-3') return null;
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
export const attachLost: Rule = (facts) => {
	const toy = toyOf(facts);
	if (!toy) return null;
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

export const willNotClose: Rule = (facts) => {
	const toy = toyOf(facts);
	if (!toy) return null;
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

export const partTooWide: Rule = (facts) => {
	const toy = toyOf(facts);
	if (!toy) return null;
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

export const bagMisses: Rule = (facts) => {
	const bag = is('bag')(facts);
	if (!bag || bag.rows === bag.idealRows) return null;
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

export const bagLoads: Rule = (facts) =>
	is('bag')(facts) ? { body: { code: 'bag-loads' }, severity: 'tip', where: { at: 'size' } } : null;

export const toyRules: Rule = (facts) => {
	const toy = toyOf(facts);
	return toy
		? {
				body: { code: 'toy-rules', under3: toy.age === 'under-3' },
				severity: 'tip',
				where: { at: 'size' }
			}
		: null;
};

export const cannotHang: Rule = (facts) => {
	const garland = is('garland')(facts);
	if (!garland || garland.solved.fits || facts.thing?.wish.recipe !== 'garland') return null;
	const { sagCm, solve } = facts.thing.wish;
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
					spacingCm: facts.thing.wish.spacingCm,
					cordCm: cord.lengthCm
				},
				severity: 'warn',
				where: { at: 'size' }
			};
};

export const itemsTouch: Rule = (facts) => {
	const garland = is('garland')(facts);
	const off = facts.joints.filter((j) => j.kind === 'hang');
	if (!garland || off.length === 0) return null;
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

export const pomThin: Rule = (facts) => {
	const pom = is('pom-pom')(facts);
	if (!pom || pom.wraps >= THIN * pom.usual) return null;
	return {
		body: { code: 'pom-thin', wraps: pom.wraps, usual: pom.usual },
		severity: 'tip',
		where: { at: 'size' },
		fix: { do: 'wraps', wraps: null }
	};
};

export const borderOff: Rule = (facts) => {
	const blanket = is('blanket')(facts);
	const border = facts.joints.find((j) => j.kind === 'border');
	if (!blanket || !border || border.verdict === 'meets') return null;
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
export const noSwatchThere: Rule = ({ pieces, machine }) => {
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
