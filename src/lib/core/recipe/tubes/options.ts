import * as z from 'zod';
import { yarnId } from '../../model/bench';
import { TUBE_ENDS, TUBES, type TubeEnd, type TubeKindId, type WasteWith } from '../../model/kinds';
import { MOST_CHAINS, MOST_STRIPE_LETTERS } from '../../quantity/bounds';
import type { FinishedTube } from '../../assembly/finished-tube';
import { option, type Now as NowOf } from '../option';
import { flatClosing, waste } from '../waste';
import { cuffRounds, heightCm, holds, legCm } from './particular';

type Now = NowOf<{ readonly tube: FinishedTube }>;

const byRows = (choices?: readonly number[]) =>
	z.object({
		by: z.literal('rows'),
		rows: option(z.int().min(4).max(600), {
			label: 'Rows',
			what: 'rows…',
			unit: 'rows',
			...(choices && { named: () => choices.map((n) => ({ label: `${n} rows`, value: n })) })
		})
	});
const length = [
	z.object({ by: z.literal('line') }).describe('just the rows of the stripe line'),
	z.object({
		by: z.literal('cm'),
		cm: option(z.number().min(3).max(400), {
			label: 'Length, flat',
			what: 'length…',
			unit: 'length'
		})
	}),
	byRows(),
	z.object({ by: z.literal('yarn') }).describe('as long as the yarn on hand lasts')
] as const;
const fit = z.object({ by: z.literal('fit') });

const START = {
	rows: (_: unknown, now: Now) => ({ rows: now.pieces[0]?.mainRows ?? 0 }),
	cm: (_: unknown, now: Now) => ({ cm: Math.round(now.finished.tube.flatLength.mean * 2) / 2 })
};
const WORDS = {
	line: { label: 'the stripe line, once', says: 'as long as the line once' },
	cm: { label: 'a length, flat', says: '{cm} long' },
	rows: { label: 'a row count', says: '{rows} long' },
	yarn: { label: 'the yarn on hand', says: 'as long as the yarn lasts' }
};
const END_WORDS: Record<TubeEnd, string> = {
	flat: 'closed flat',
	gather: 'gathered',
	bind: 'bound, left open'
};
const end = (label: string) => option(z.enum(TUBE_ENDS), { label, words: END_WORDS });

const tube = z.object({
	recipe: z.enum(TUBES),
	yarns: option(z.array(yarnId).min(1).max(12).describe('A, B, C … of the stripe line'), {
		label: '',
		what: 'colours',
		editor: 'yarns'
	}),
	length: z.discriminatedUnion('by', [fit, ...length]),
	stripes: option(
		z.string().min(1).max(MOST_STRIPE_LETTERS).describe('a stripe line, docs/stripe-line.md'),
		{ label: 'Stripe line', editor: 'ribbon' }
	),
	fill: option(
		z
			.enum(['repeat', 'stretch'])
			.describe('how the line comes to the length: said again and again, or stretched to it'),
		{
			label: 'The line comes to the length',
			what: 'how the line fills',
			words: {
				repeat: { label: 'said again and again', says: '' },
				stretch: { label: 'stretched to it', says: 'stretched' }
			},
			when: (o: { length: { by: string } }) => o.length.by !== 'line'
		}
	)
});

/** What only some tubes have: each kind takes of these what means something to it. */
const aroundCm = () =>
	z
		.number()
		.min(5)
		.max(150)
		.nullable()
		.describe('what it goes round; null takes the usual of its kind');
const hemRows = () =>
	z
		.int()
		.min(2)
		.max(200)
		.nullable()
		.describe('rows of a hem hung on the machine, half of them high; null takes the usual');
const chains = () =>
	z.int().min(5).max(MOST_CHAINS).nullable().describe('of ties and straps; null takes the usual');
const thumbCm = option(
	z
		.number()
		.min(2)
		.max(12)
		.nullable()
		.describe('a gap for the thumb in a warmer, so wide; null for none'),
	{
		label: 'Gap for the thumb',
		what: 'thumb…',
		unit: 'length',
		usual: () => 'none',
		usualSays: '',
		says: (o: { thumbCm?: number | null }) =>
			o.thumbCm === null ? 'no gap for the thumb' : 'a gap of {} for the thumb'
	}
);
const pins = option(z.int().min(2).max(4).describe('of a cord'), {
	label: 'Pins of the cord',
	what: 'pins',
	choices: [2, 3, 4],
	words: Object.fromEntries([2, 3, 4].map((n) => [n, { label: `${n}`, says: `${n} pins` }]))
});
const twist = option(z.boolean().describe('a cowl closed with a half turn'), {
	label: 'Closed to a ring',
	what: 'twist',
	words: { false: 'plain', true: 'with a half turn' }
});
const purlOut = option(z.boolean().describe('turned inside out: the rougher purl side is seen'), {
	label: 'Face',
	words: { true: 'purl side out', false: 'knit side out' }
});
const ends = z.object({ castOn: end('First end'), castOff: end('Last end') });
interface More {
	readonly aroundCm: number | null;
	readonly hemRows: number | null;
	readonly chains: number | null;
	readonly thumbCm: number | null;
	readonly pins: number;
	readonly holds: z.infer<typeof holds>;
	readonly legCm: number | null;
	readonly cuffRounds: 1 | 2;
	readonly heightCm: number | null;
	readonly twist: boolean;
	readonly purlOut: boolean;
	readonly ends: z.infer<typeof ends>;
	readonly closing: z.infer<typeof flatClosing>;
	readonly wasteStart: number;
	readonly wasteWith: WasteWith;
	readonly wasteEnd: number;
	readonly joinTails: 'tie' | 'weave';
}
/** What a maker can ask of a plain tube: its colours as a stripe line, and the one figure that sets its length. */
export type PlainTubeOptions = z.infer<typeof tube> & Partial<More>;

export interface NamedSize {
	readonly name: string;
	readonly cm: number;
}
/** What of a kind of tube its options follow from. */
export interface TubeAsks {
	readonly id: TubeKindId;
	/** What it goes round and the usual of that, cm; null for what goes round nothing. */
	readonly around: {
		readonly what: string;
		readonly usualCm: number;
		/** Whether its length lies round it, or along it, or its width goes round. */
		readonly by: 'length' | 'along' | 'width';
	} | null;
	/** Sizes by name, with what it then goes round, cm; empty where there is no table. */
	readonly sizes?: readonly NamedSize[];
	/** Rows of the hem hung on the machine; left out where there is none. */
	readonly hem?: { readonly what: string; readonly usualRows: number };
	readonly purlOut?: true;
	/** It is closed to a ring, plain or with a half turn. */
	readonly twists?: true;
	/** What becomes of either end is the maker's own choice; it fits nothing. */
	readonly ownEnds?: true;
	/** An end or both are closed flat, by the maker's way. */
	readonly closes?: true;
	/** Chains of its ties or straps; by its circumference, cm, where that decides. */
	readonly chains?: {
		readonly what: string;
		readonly called: string;
		readonly usual: number | ((roundCm: number) => number);
	};
	/** Sized by what goes in. */
	readonly holds?: true;
	/** Two measures in one tube: a leg beside what it is laid along, and a crocheted cuff. */
	readonly leg?: true;
	/** What it goes round has a height, which its width has to suit. */
	readonly high?: true;
	/** Row counts that makers choose between. */
	readonly counts?: readonly number[];
	/** Worked on a few pins, there and back: a cord. */
	readonly cord?: { readonly usualPins: 2 | 3 | 4 };
	readonly thumb?: true;
}

/** Chains that are usual for a kind of tube so far round, cm. */
export const chainsOf = ({ chains }: TubeAsks, roundCm: number): number =>
	typeof chains?.usual === 'function' ? chains.usual(roundCm) : (chains?.usual ?? 0);

/** What only some kinds are asked. */
function particulars(kind: TubeAsks) {
	const { around, hem } = kind;
	return {
		...(kind.twists && { twist }),
		...(hem && {
			hemRows: option(hemRows(), {
				label: hem.what,
				what: 'hem…',
				unit: 'rows',
				usual: () => hem.usualRows
			})
		}),
		...(kind.thumb && { thumbCm }),
		...(kind.holds && { holds }),
		...(kind.leg && {
			legCm: option(legCm(), {
				label: 'Leg',
				what: 'leg…',
				unit: 'length',
				usual: (o: { aroundCm?: number | null }) => o.aroundCm ?? around?.usualCm ?? 0,
				usualSays: 'as the foot'
			}),
			cuffRounds
		}),
		...(kind.high && { heightCm }),
		...(kind.chains && {
			chains: option(chains(), {
				label: kind.chains.what,
				what: 'chains…',
				unit: 'chains',
				usual: (_: unknown, now: Now) => chainsOf(kind, now.finished.tube.circumference.mean)
			})
		}),
		...(kind.cord && { pins }),
		...(kind.purlOut && { purlOut }),
		...(kind.ownEnds && { ends })
	};
}

/** The options of one kind of tube, with only what means something to it. */
export function tubeOptions(kind: TubeAsks): z.ZodObject {
	const { around, sizes, counts } = kind;
	const lengths = counts ? ([length[0], length[1], byRows(counts), length[3]] as const) : length;
	return z.object({
		recipe: z.literal(kind.id),
		yarns: tube.shape.yarns,
		length: option(z.discriminatedUnion('by', kind.ownEnds ? lengths : [fit, ...lengths]), {
			label: 'Length is set by',
			what: 'what sets the length',
			words: {
				fit: kind.holds
					? { label: 'what goes in', says: 'as long as what goes in' }
					: around
						? { label: 'what it is to fit', says: 'as long as it fits' }
						: { label: 'the usual', says: 'as long as usual' },
				...WORDS
			},
			start: START
		}),
		...(around && {
			aroundCm: option(aroundCm(), {
				label: sizes ? 'For' : around.what,
				what: 'what it goes round…',
				unit: 'length',
				own: around.what,
				usual: () => around.usualCm,
				...(sizes && {
					named: () => sizes.map(({ name, cm }) => ({ label: `${name},`, cm, value: cm }))
				})
			})
		}),
		stripes: tube.shape.stripes,
		fill: tube.shape.fill,
		...particulars(kind),
		...(kind.closes && { closing: flatClosing }),
		...(kind.cord ? {} : waste)
	});
}
