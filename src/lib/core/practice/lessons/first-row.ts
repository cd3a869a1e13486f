import { castOn, knitOn, somePins, turn } from '../acts';
import type { Lesson } from '../lesson';
import { gate, lift, pushDown } from '../tools';

const LOOSE = 3;

export const lesson: Lesson = {
	id: 'first-row',
	name: 'The first row',
	why: 'A loop that is not down on its pin is not knitted off in the next row: it tucks, or falls.',
	watch:
		'After the first row look once round before you turn on; light downward pressure on the fabric helps.',
	caution: 'pinch',
	pictured: 0,
	tries: [
		{
			id: 'seat',
			name: 'Seat every loop',
			asks: ({ pins }) =>
				`Turn one row slowly, ${pins} pins. Three loops will not be down: find them, push them down, and turn a second row.`,
			setup: (m) => [castOn, ...somePins(m, LOOSE).map((pin) => ({ op: 'rise', pin }) as const)],
			perfect: (m) => [
				{ says: 'One row, slowly', acts: [turn(m.pins)], pin: somePins(m, LOOSE)[0] ?? 0 },
				...somePins(m, LOOSE).map((pin, i) => ({
					says: ['This loop stands high: push it down', 'And this one', 'And the third'][i] ?? '',
					acts: [{ op: 'push-down', pin } as const],
					pin
				})),
				{ says: 'The second row, slowly', acts: [turn(m.pins)], pin: 0 }
			],
			tools: [pushDown, lift, gate],
			finish: (hand) =>
				hand.bed.row < 2 && hand.bed.made > 0 ? [turn(hand.pins - (hand.pos % hand.pins))] : [],
			ends: [
				(hand) => (hand.bed.row < 2 ? { code: 'not-finished', pin: hand.pos % hand.pins } : null)
			],
			later: knitOn,
			counts: {
				what: 'loops seated',
				good: (hand) => {
					const off = new Set(hand.slips.map((x) => x.pin));
					return hand.bed.top.reduce(
						(t, l, p) => t + (l >= 0 && hand.high[p] === 0 && !off.has(p) ? 1 : 0),
						0
					);
				},
				of: (hand) => hand.pins
			}
		}
	]
};
