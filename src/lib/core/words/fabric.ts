import { isKnitted } from '../crank/piece';
import { COVER_FOR, type Fabric } from '../bench/gauge/fabric';
import { sentences } from '../quantity/say';
import { wordFeed } from './feed';
import { USE_WORDS } from '../finding/rules/fabric';
import { FABRIC_USES, type FabricUse, type FabricVerdict } from '../model/kinds';
import type { Feed } from '../bench/machine/slot';
import type { Machine } from '../model/bench';
import type { Estimate } from '../quantity/estimate';

/** What makers say of a fabric. */
export const FABRIC_WORDS: Readonly<Record<FabricVerdict, string>> = {
	open: 'too open',
	right: 'right',
	stiff: 'too stiff'
};
const one = (x: number): string => x.toFixed(1);
const cover = (e: Estimate): string => `cover ${one(e.mean)} ± ${one(e.sd)}`;

const BY: Readonly<Record<Fabric['by'], (f: Fabric) => string>> = {
	own: () => 'by your own word of its swatch',
	'own-others': (f) =>
		`${cover(f.cover)}, where by your own words ${one(f.band.least)} to ${one(f.band.most)} suits`,
	usual: (f) => `${cover(f.cover)}, where ${one(f.band.least)} to ${one(f.band.most)} suits`
};

/** `right for a hat: cover 7.9 ± 0.5, where 6.5 to 10.5 suits`. */
export const wordFabric = (f: Fabric): string =>
	`${f.sure || f.verdict === 'right' ? '' : 'perhaps '}${FABRIC_WORDS[f.verdict]} for ${USE_WORDS[f.use]}: ${BY[f.by](f)}`;

/** Of a swatch, whatever it is for: its cover, and what it is right, too open or too stiff for. */
export function wordCover(e: Estimate): string {
	const least = (u: FabricUse) => COVER_FOR[u].least;
	const most = (u: FabricUse) => COVER_FOR[u].most;
	const uses = (is: (u: FabricUse) => boolean) =>
		FABRIC_USES.filter(is)
			.map((u) => USE_WORDS[u])
			.join(', ');
	if (FABRIC_USES.every((u) => e.mean >= least(u) && e.mean <= most(u)))
		return `Cover factor ${one(e.mean)} ± ${one(e.sd)}; right for any use, close or open`;
	const said = [
		['right for', uses((u) => e.mean >= least(u) && e.mean <= most(u))],
		['too open for', uses((u) => e.mean < least(u))],
		['too stiff for', uses((u) => e.mean > most(u))]
	] as const;
	return [
		`Cover factor ${one(e.mean)} ± ${one(e.sd)}`,
		...said.filter(([, of]) => of !== '').map(([how, of]) => `${how} ${of}`)
	].join('; ');
}

/** What of a plan says how its yarns are fed. */
interface FedHere {
	readonly machine: Machine;
	readonly pieces: readonly {
		readonly machine: Machine;
		readonly feeds: readonly Feed[];
		readonly loops: readonly number[];
	}[];
	readonly fabrics: readonly Fabric[];
}

/** How a yarn of a plan is fed and what its fabric is, in two sentences; empty where nothing is cranked of it. */
export function wordFedHere({ pieces, fabrics, machine }: FedHere, yarn: number): string {
	const feed = pieces.find((p) => p.machine.id === machine.id)?.feeds[yarn];
	const fabric = fabrics[yarn];
	if (!feed || !fabric || !isKnitted(pieces, yarn)) return '';
	return sentences(wordFeed(feed, machine), `Fabric ${wordFabric(fabric)}.`);
}
