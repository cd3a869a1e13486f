import * as z from 'zod';
import { HEAD_CM, headCm, isAdult, VISIBLE_SHARE } from '../../bench/size/head';
import { headCmRange, type HeadFor } from '../../model/head';
import type { Project } from '../../model/project';
import type { YarnId } from '../../model/bench';
import { CLOSINGS, HATS, HEAD_SIZES, type HatKindId } from '../../model/kinds';
import type { FinishedHat } from '../../assembly/finished';
import { CLOSING_WORDS } from '../closings';
import { option, type Now as NowOf } from '../option';
import { inScheme } from './in-scheme';
import { colourScheme, LINING_LONGER_ROWS, type ColourScheme } from './scheme';
import { waste } from '../waste';

type Now = NowOf<{ readonly hat: FinishedHat }>;

/** What the options ask of one another. */
interface OfHat {
	readonly head: HeadFor;
	readonly scheme: ColourScheme;
	readonly length: HatLength;
	readonly brim: { readonly turnedUp: boolean };
}
/** How a length that was set lies. */
const lies = ({ length }: { readonly length: { readonly as?: string } }): string =>
	length.as === 'worn' ? 'as worn' : 'flat';

/** The one figure the maker sets; the others follow. Flat is off the machine and relaxed, worn is on the head. */
const byRows = (choices?: readonly number[]) =>
	z.object({
		by: z.literal('rows'),
		rows: option(z.int().min(8).max(600), {
			label: 'A row count',
			what: 'rows…',
			unit: 'rows',
			...(choices && { named: () => choices.map((n) => ({ label: `${n} rows`, value: n })) })
		})
	});
const hatLength = (choices?: readonly number[]) =>
	z.discriminatedUnion('by', [
		z.object({ by: z.literal('fit') }),
		z.object({
			by: z.literal('layer'),
			cm: option(z.number().min(3).max(80), {
				label: (o: Parameters<typeof lies>[0]) => `One layer, ${lies(o)}`,
				what: 'length…',
				unit: 'length'
			}),
			as: z.enum(['flat', 'worn'])
		}),
		z.object({
			by: z.literal('tube'),
			cm: option(z.number().min(6).max(160), {
				label: (o: Parameters<typeof lies>[0]) => `The whole tube, ${lies(o)}`,
				what: 'length…',
				unit: 'length'
			}),
			as: z.enum(['flat', 'worn'])
		}),
		byRows(choices),
		z.object({ by: z.literal('yarn') }).describe('as long as the yarn on hand lasts')
	]);
export type HatLength = z.infer<ReturnType<typeof hatLength>>;

/** The two first yarns of a scheme; the second from the bench where it has but one. */
function pairOf({ scheme }: { scheme: ColourScheme }, { bench }: Now): [YarnId, YarnId] {
	const [a, b] = inScheme(scheme);
	const other = bench.yarns.find((y) => y.id !== a)?.id ?? a!;
	return [a!, b ?? other];
}

const WORN = (now: Now) => now.finished.hat.tubeFlat.mean * now.finished.hat.wornFactor;
const half = (cm: number): number => Math.round(cm * 2) / 2;

const head = z.discriminatedUnion('kind', [
	z.object({ kind: z.literal('table'), size: z.enum(HEAD_SIZES) }),
	z.object({
		kind: z.literal('measured'),
		cm: option(headCmRange, { label: 'Round the head', what: 'head…', unit: 'length' })
	})
]);

const length = (choices?: readonly number[]) =>
	option(hatLength(choices), {
		label: 'Length is set by',
		what: 'what sets the length',
		split: 'as',
		words: {
			fit: { label: 'the head: what fits', says: 'as long as fits' },
			'layer-flat': { label: 'one layer, flat', says: 'one layer {cm} flat' },
			'layer-worn': { label: 'one layer, as worn', says: 'one layer {cm} as worn' },
			'tube-flat': { label: 'the whole tube, flat', says: 'its tube {cm} flat' },
			'tube-worn': { label: 'the whole tube, as worn', says: 'its tube {cm} as worn' },
			rows: { label: 'a row count', says: '{rows} long' },
			yarn: { label: 'the yarn on hand', says: 'as long as the yarn lasts' }
		},
		start: {
			rows: (_: OfHat, now: Now) => ({ rows: now.pieces[0]?.mainRows ?? 0 }),
			'layer-flat': (_: OfHat, now: Now) => ({ cm: half(now.finished.hat.tubeFlat.mean / 2) }),
			'layer-worn': (_: OfHat, now: Now) => ({ cm: half(WORN(now) / 2) }),
			'tube-flat': (_: OfHat, now: Now) => ({ cm: half(now.finished.hat.tubeFlat.mean) }),
			'tube-worn': (_: OfHat, now: Now) => ({ cm: half(WORN(now)) })
		},
		sets: ({ length }: OfHat) =>
			length.by === 'rows'
				? 'rows'
				: length.by === 'tube'
					? 'tube-flat'
					: length.by === 'layer'
						? `layer-${length.as}`
						: null
	});

const hat = z.object({
	recipe: z.enum(HATS),
	head: option(head, {
		label: 'For',
		what: 'head',
		split: 'size',
		words: {
			...Object.fromEntries(
				HEAD_SIZES.map((s) => [
					`table-${s}`,
					{ label: `${s}, head`, says: `a ${s}, head`, cm: HEAD_CM[s] }
				])
			),
			measured: { label: 'a head I measured', says: 'a head of {cm}' }
		},
		start: {
			table: () => ({}),
			measured: (o: OfHat) => ({ cm: headCm(o.head) })
		}
	}),
	scheme: option(colourScheme, {
		label: 'Colours',
		as: 'row',
		// A false brim is seen as it is: nothing is turned up over it.
		also: (o: OfHat, _: unknown, value: ColourScheme) =>
			value.kind === 'false-brim' && o.scheme.kind !== 'false-brim'
				? { brim: { ...o.brim, turnedUp: false } }
				: {},
		words: {
			one: { label: 'One', says: '{yarn}' },
			'outer-lining': {
				label: 'Outer and lining',
				says: '{outer} with a lining of {lining}, {liningExtraRows} longer'
			},
			'false-brim': {
				label: 'False brim a b a',
				says: '{main} with a false brim of {brim}, {brimRows}'
			},
			stripes: { label: 'Stripes', says: 'stripes of {yarns}, {stripeRows} each' }
		},
		start: {
			one: (o: OfHat, now: Now) => ({ yarn: pairOf(o, now)[0] }),
			'outer-lining': (o: OfHat, now: Now) => {
				const [outer, lining] = pairOf(o, now);
				return { outer, lining, liningExtraRows: LINING_LONGER_ROWS };
			},
			'false-brim': (o: OfHat, now: Now) => {
				const [main, brim] = pairOf(o, now);
				return { main, brim, brimRows: 24 };
			},
			stripes: (o: OfHat, now: Now) => ({ yarns: pairOf(o, now), stripeRows: 5 })
		}
	}),
	length: length(),
	visibleCm: option(
		z
			.number()
			.min(5)
			.max(60)
			.nullable()
			.describe('height seen on the head, worn; null takes the usual share of the head'),
		{
			label: 'Height on the head',
			what: 'height…',
			says: '{} high',
			unit: 'length',
			when: (o: OfHat) => o.length.by === 'fit',
			// An adult's hat is made by flat rules; how high that stands follows.
			usual: (o: OfHat, now: Now) =>
				isAdult(o.head) ? now.finished.hat.heightWorn.mean : VISIBLE_SHARE * headCm(o.head)
		}
	),
	brim: option(
		z.object({
			turnedUp: option(z.boolean(), {
				label: 'Brim',
				words: { true: 'turned up', false: 'not turned' }
			}),
			heightCm: option(z.number().min(1).max(20).describe('turned up, as worn'), {
				label: 'Brim height, as worn',
				what: 'brim…',
				unit: 'length',
				when: (o: OfHat) => o.brim.turnedUp
			})
		}),
		{ label: 'Brim' }
	),
	...waste,
	closing: option(z.enum(CLOSINGS), {
		label: 'Crown closed by',
		what: 'closing',
		words: Object.fromEntries(
			CLOSINGS.map((c) => [
				c,
				{
					label: CLOSING_WORDS[c].label,
					hint: CLOSING_WORDS[c].goodFor,
					says: CLOSING_WORDS[c].says
				}
			])
		)
	})
});
/** What a maker can ask of a hat tucked into itself. Lengths in cm, counts in rows. */
export type LinedHatOptions = z.infer<typeof hat>;
export type HatProject = Project & { readonly options: LinedHatOptions };
export const hatOptions = (id: HatKindId, counts?: readonly number[]) =>
	hat.extend({ recipe: z.literal(id), ...(counts && { length: length(counts) }) });
