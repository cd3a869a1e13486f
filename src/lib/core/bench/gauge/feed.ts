import type { Fed, MachineId } from '../../model/bench';
import type { Side } from './density';

/**
 * What the way of feeding changes in a density before anything is known of it (one sd of the log, from memory): a slot further,
 * no slot at all, and a yarn crossed over a finger beside one that runs lightly through them.
 */
const SLOT_SD = 0.04;
const NO_SLOT_SD = 0.06;
const CROSSED_SD = 0.03;

/** Something that a density hangs by, and how often. `variance` as it is before anything is known of it. */
export interface Term {
	readonly name: string;
	readonly times: number;
	readonly variance: number;
}

/** A slot is a machine's own: what it does there it does to every yarn. The fingers are the maker's, on any machine. */
function termsOf(fed: Fed, machineId: MachineId, side: Side): Term[] {
	const at = `fed ${machineId} ${side}`;
	return [
		fed.slot > 0
			? { name: `${at} slot`, times: fed.slot, variance: SLOT_SD ** 2 }
			: { name: `${at} none`, times: 1, variance: NO_SLOT_SD ** 2 },
		...(fed.hand === 'crossed'
			? [{ name: `fed crossed ${side}`, times: 1, variance: CROSSED_SD ** 2 }]
			: [])
	];
}

/** As far as both say it: a hand that is not noted says nothing. */
const comparable = (a: Fed, b: Fed): Fed => (b.hand === 'none' ? { ...a, hand: 'none' } : a);

/** What a density fed one way has more than one fed another, in logs; nothing where they are fed alike or one is not known. */
export function fedApart(
	machineId: MachineId,
	side: Side,
	from: Fed | null | undefined,
	to: Fed | null | undefined
): Term[] {
	if (!from || !to) return [];
	const terms = new Map<string, Term>();
	for (const t of termsOf(comparable(to, from), machineId, side)) terms.set(t.name, t);
	for (const t of termsOf(comparable(from, to), machineId, side)) {
		const times = (terms.get(t.name)?.times ?? 0) - t.times;
		terms.set(t.name, { ...t, times });
	}
	return [...terms.values()].filter((t) => t.times !== 0);
}

/** Whether two ways of feeding are the same, as far as both say it. */
export const fedAlike = (a: Fed, b: Fed): boolean =>
	a.slot === b.slot && (a.hand === b.hand || a.hand === 'none' || b.hand === 'none');
