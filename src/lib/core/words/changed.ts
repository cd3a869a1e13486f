import type { Say } from '../quantity/say';
import { uncapital } from '../quantity/say';
import type { QuantityKind } from '../quantity/units';

interface Moved {
	readonly label: string;
	readonly kind: QuantityKind;
	readonly before: number;
	readonly after: number;
}
interface Ring {
	readonly name: string;
	readonly pins: number;
}

/** A ring so little larger or smaller is taken for a closer or looser fit, or for none (common practice: by school). */
const NEARLY_ALIKE = 0.06;

/** What another ring changes: `On 46 pins in place of 48 pins: width, flat: 18.8 cm, was 19.6 cm; yarn: 82 g, was 86 g.` */
export function wordRing(moved: readonly Moved[], from: Ring, to: Ring, s: Say): string {
	const print = (x: number, kind: QuantityKind) =>
		kind === 'length' ? s.length(x) : s.of(kind === 'minutes' ? Math.round(x) : x, kind);
	const each = moved
		.map((m) => [m, print(m.after, m.kind), print(m.before, m.kind)] as const)
		.filter(([, now, was]) => now !== was)
		.map(([m, now, was]) => `${uncapital(m.label)}: ${now}, was ${was}`);
	const off = to.pins / from.pins - 1;
	const fit =
		off !== 0 && Math.abs(off) <= NEARLY_ALIKE
			? ` Some makers take it for a ${off < 0 ? 'closer' : 'looser'} fit, others find no difference.`
			: '';
	return `On ${to.name} in place of ${from.name}: ${each.length > 0 ? each.join('; ') : 'nothing that shows'}.${fit}`;
}
