import { isKnitted } from '../../crank/piece';
import type { FabricUse } from '../../model/kinds';
import { rule } from '../rule';

interface Off {
	readonly yarn: number;
	readonly use: FabricUse;
	readonly cover: number;
	readonly least: number;
	readonly most: number;
	/** The maker's own word, or a judgement that may be wrong. */
	readonly by: 'own' | 'sure' | 'maybe';
	/** Slot that is planned; 0 where the machine has none. */
	readonly slot: number;
	readonly slots: number;
}
declare module '../finding' {
	interface FindingBodies {
		'fabric-open': Off;
		'fabric-stiff': Off;
	}
}

/** What a fabric is for, as it is said. */
export const USE_WORDS: Readonly<Record<FabricUse, string>> = {
	hat: 'a hat',
	garment: 'a garment',
	wrap: 'what is wrapped or hung',
	pouch: 'a pouch',
	bag: 'a bag',
	toy: 'a toy that has to hold its stuffing'
};
const IS = { own: 'is', sure: 'is', maybe: 'may be' } as const;
const because = (f: Off): string =>
	f.by === 'own'
		? 'So you said of its swatch.'
		: `Its cover factor is ${f.cover.toFixed(1)}; ${f.least.toFixed(1)} to ${f.most.toFixed(1)} suits ${USE_WORDS[f.use]}.`;
const closer = (f: Off): string =>
	f.slot > 1
		? `Slot ${f.slot - 1}, or the yarn crossed over a finger, makes it closer`
		: 'The yarn crossed over a finger makes it closer';
const softer = (f: Off): string =>
	f.slot > 0 && f.slot < f.slots
		? `Slot ${f.slot + 1} makes it softer`
		: 'Less tension through the fingers makes it softer';

/** A fabric too open or too stiff for what it is for. */
export const fabric = rule({
	says: {
		'fabric-open': (f, _s, yarn) => ({
			what: `The fabric of ${yarn(f.yarn)} ${IS[f.by]} too open for ${USE_WORDS[f.use]}.`,
			why: `${because(f)} ${closer(f)}: swatch it again, since its size changes with it.`
		}),
		'fabric-stiff': (f, _s, yarn) => ({
			what: `The fabric of ${yarn(f.yarn)} ${IS[f.by]} too stiff for ${USE_WORDS[f.use]}.`,
			why: `${because(f)} ${softer(f)}: swatch it again, since its size changes with it.`
		})
	},
	test: ({ fabrics, pieces, machine }) =>
		fabrics.flatMap((f, yarn) => {
			if (f.verdict === 'right' || !isKnitted(pieces, yarn)) return [];
			const body = {
				code: `fabric-${f.verdict}` as const,
				yarn,
				use: f.use,
				cover: f.cover.mean,
				...f.band,
				by: f.by === 'own' ? ('own' as const) : f.sure ? ('sure' as const) : ('maybe' as const),
				slot: pieces[0]?.feeds[yarn]?.slot ?? 0,
				slots: machine.slots
			};
			const severity = body.by === 'maybe' ? ('tip' as const) : ('warn' as const);
			return [{ body, severity, where: { at: 'yarn' as const, yarn } }];
		})
});
