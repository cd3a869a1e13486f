import type { Gauge } from '../bench/gauge/gauge';
import { wrappedCm } from '../thing/pom-pom';
import type { HandYarn, Thing, ThingOf } from '../thing/thing';

/** Yarn in a single crochet, in knitted stitches of the same yarn (from memory). */
const CROCHET_LOOPS = 2.5;
/** Yarn in a chain, times its length (from memory). */
const CHAIN_TIMES = 3.5;
/** A strand ties each thing on a garland, m (from memory). */
const TIE_METRES = 0.3;
/** Yarn for one stitched eye, m (from memory). */
const EYE_METRES = 0.4;

/** A thread so many times round, or along, and its two ends, m. */
const thread = (cm: number, times: number): number => (times * cm + 30) / 100;

function ofToy({ parts, age, eyes }: ThingOf<'toy'>): HandYarn[] {
	// For the smallest children what is sewn on is sewn round twice.
	const rounds = age === 'under-3' ? 4 : 2;
	const stitched: HandYarn[] =
		eyes.kind === 'stitched' ? [{ what: 'eyes', yarn: 0, metres: eyes.count * EYE_METRES }] : [];
	return [
		...parts.flatMap((m): HandYarn[] => {
			const yarn = m.segments[0]!.bands[0]?.yarn ?? 0;
			const { count, to } = m.part;
			const ties = m.segments.length - 1;
			return [
				...(ties > 0
					? [{ what: 'running' as const, yarn, metres: count * ties * thread(m.roundCm, 2) }]
					: []),
				...(to
					? [{ what: 'sewing' as const, yarn, metres: count * thread(m.roundCm, rounds) }]
					: [])
			];
		}),
		...stitched
	];
}

function ofGarland({ items, cardCm, cord, cordCm, cordYarn }: ThingOf<'garland'>): HandYarn[] {
	const yarns = [...new Set(items.map((x) => x.yarn))].sort((a, b) => a - b);
	return [
		...yarns.flatMap((yarn): HandYarn[] => {
			const wraps = items.reduce((t, x) => t + (x.yarn === yarn ? x.wraps : 0), 0);
			return wraps > 0 ? [{ what: 'wraps', yarn, metres: wrappedCm(wraps, cardCm) / 100 }] : [];
		}),
		{ what: 'ties', yarn: cordYarn, metres: items.length * TIE_METRES },
		...(cord === 'chain'
			? [{ what: 'chain' as const, yarn: cordYarn, metres: (cordCm * CHAIN_TIMES) / 100 }]
			: [])
	];
}

/** Yarn that hands work into a thing, apart from the machine: wraps, ties, running threads, sewing, chains, borders. */
export function handYarn(thing: Thing, gauge: Gauge): HandYarn[] {
	switch (thing.kind) {
		case 'bag': {
			const { widthCm } = thing.bag;
			const metres = 2 * thread(widthCm, 2) + 2 * thread(widthCm, 1);
			return [{ what: 'sewing', yarn: thing.handleYarn, metres }];
		}
		case 'blanket': {
			const { across, lengthCm, border } = thing;
			const crochet = (2 * border.stitches * CROCHET_LOOPS * gauge.loopCm.mean) / 100;
			return [
				{ what: 'sewing', yarn: 0, metres: (across - 1) * thread(lengthCm, 1.5) },
				...(crochet > 0 ? [{ what: 'border' as const, yarn: 0, metres: crochet }] : [])
			];
		}
		case 'toy':
			return ofToy(thing);
		case 'garland':
			return ofGarland(thing);
		case 'pom-pom': {
			const { count, wraps, cardCm, tieCm, yarns } = thing;
			// Yarns are wound together: each takes its share of the wraps.
			const metres = (count * wrappedCm(wraps / yarns.length, cardCm)) / 100;
			return [
				...yarns.map((yarn): HandYarn => ({ what: 'wraps', yarn, metres })),
				{ what: 'ties', yarn: yarns[0]!, metres: (count * tieCm) / 100 }
			];
		}
	}
}
