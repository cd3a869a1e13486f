import { isSpare } from '../../program/program';
import { entryAt } from '../../quantity/sure';
import { FACE } from '../../simulate/fabric';
import { LAID } from '../../simulate/hand/hand';
import { line, patch, n, text, tool, yarn, type Ink, type Tone } from '../../technique/drawing/ink';
import { numberOf } from '../acts';
import { sayState } from '../say';
import { columnOf } from './column';
import { atEdges, tailsOf } from './edges';
import {
	BASE_Y,
	baseOf,
	DOWN_Y,
	HIGH_Y,
	HOOK_Y,
	LABEL_Y,
	OFF_Y,
	placesOf,
	stands,
	type Looked,
	type Near,
	type Place
} from './looked';
import { loopOn, PITCH, STITCH, stitch } from './marks';

/** A pin with its hook; one out of work stands low. */
function post(x: number, works: boolean): Ink {
	const top = works ? HOOK_Y : HOOK_Y + 34;
	return patch(
		`M${n(x - 4)} ${BASE_Y}V${top + 6}C${n(x - 4)} ${top - 3} ${n(x + 9)} ${top - 4} ${n(x + 9)} ${top + 6}q0 3-3 3q-2 0-2-3V${BASE_Y}Z`,
		works ? 'rest' : 'second'
	);
}

/** The yarn of the weave, the stretches behind pins or before them. */
function woven({ hand }: Looked, places: readonly Place[], side: 'before' | 'behind'): Ink[] {
	if (hand.bed.made > 0) return [];
	const y = side === 'before' ? 92 : 84;
	return places
		.filter(({ pin }) => hand.laid[pin] === LAID[side])
		.map(({ x }) =>
			yarn(
				`M${n(x - PITCH / 2)} 88C${n(x - 12)} ${y} ${n(x + 12)} ${y} ${n(x + PITCH / 2)} 88`,
				'work'
			)
		);
}

/** The yarn once round each pin: crossed where it leaves, or open. */
function wrapped({ hand }: Looked, places: readonly Place[]): Ink[] {
	if (hand.bed.made > 0) return [];
	return places.flatMap(({ pin, x }) => {
		const how = hand.laid[pin];
		if (how !== LAID.crossed && how !== LAID.open) return [];
		const end =
			how === LAID.crossed
				? `${n(x - 4)} 100 ${n(x + 8)} 96 ${n(x + PITCH / 2)} 88`
				: `${n(x + 14)} 96 ${n(x + 16)} 90 ${n(x + PITCH / 2)} 88`;
		return [
			yarn(
				`M${n(x - PITCH / 2)} 88C${n(x - 8)} 96 ${n(x + 14)} 100 ${n(x + 12)} 84C${n(x + 8)} 76 ${n(x - 8)} 76 ${n(x - 12)} 84C${end}`,
				'work',
				4
			)
		];
	});
}

/** Loops on the pins, each from the column it grew in. */
function onPins(seen: Looked, places: readonly Place[]): Ink[] {
	const { hand } = seen;
	const { fabric, top } = hand.bed;
	const xOf = new Map(places.map((p) => [p.pin, p.x]));
	return places.flatMap(({ pin, x }) => {
		if (entryAt(top, pin) === -1 && hand.laid[pin] === LAID.none)
			return [yarn(`M${n(x - 15)} 96C${n(x - 7)} 84 ${n(x + 7)} 84 ${n(x + 15)} 96`, 'waste', 4)];
		const high = hand.high[pin] === 1;
		return [...hand.stack(pin)].reverse().flatMap((loop, i) => {
			const home = xOf.get(entryAt(fabric.pin, loop)) ?? x;
			const tone: Tone = isSpare(entryAt(fabric.yarn, loop)) ? 'waste' : 'fabric';
			const bow = (high ? HIGH_Y : DOWN_Y) - 7 * i;
			const over = loopOn(x, { top: bow, base: BASE_Y, homeX: home }, tone);
			// Part of the yarn passed by the hook: it stands off in front.
			const split = (entryAt(fabric.face, loop) & FACE.split) !== 0;
			return split
				? [
						over,
						yarn(
							`M${n(x + 9)} ${bow + 4}C${n(x + 20)} ${bow + 12} ${n(x + 18)} ${bow + 26} ${n(x + 8)} ${bow + 32}`,
							tone,
							2
						)
					]
				: [over];
		});
	});
}

function fabricBelow(seen: Looked, places: readonly Place[]): Ink[] {
	const { hand, rows } = seen;
	const xOf = new Map(places.map((p) => [p.pin, p.x]));
	const off = hand.bed.ends() === undefined;
	// On the table the last row of the main yarn is looked at, with a row of the waste that holds it.
	const shown = (pin: number) => {
		if (!off) return columnOf(hand, pin, rows);
		const all = columnOf(hand, pin, 10_000);
		const waste = all.findIndex((c) => !c.waste);
		return all.slice(Math.max(0, waste - 1), Math.max(0, waste - 1) + rows);
	};
	return places.flatMap(({ pin, x }) =>
		shown(pin)
			.flatMap((cell, k) =>
				stitch(
					cell,
					x,
					baseOf(hand) + k * STITCH,
					cell.leansTo === null ? x : (xOf.get(cell.leansTo) ?? x)
				)
			)
			.reverse()
	);
}

/** The feeder with its gate, and the yarn from it to the last loop. */
function feeder({ hand, m }: Looked, places: readonly Place[]): Ink[] {
	const here = places.find((p) => p.pin === hand.pos % hand.pins);
	const { bed } = hand;
	if (!here || (!bed.ends() && bed.made > 0)) return [];
	const way = m.turns === 'clockwise' ? -1 : 1;
	const x = here.x + (way * PITCH) / 2;
	const gate = hand.gateOpen ? `M${n(x + 7)} 16L${n(x + 22)} 12` : `M${n(x - 7)} 16H${n(x + 7)}`;
	const guide = [
		patch(`M${n(x - 13)} 0H${n(x + 13)}L${n(x + 7)} 16H${n(x - 7)}Z`, 'second'),
		line(gate),
		...(hand.gateOpen || hand.pick.length > 0 ? [] : [text(x + 18, 11, 'feeder', 'start')])
	];
	if (bed.feeder === null) return guide;
	const tone: Tone = isSpare(bed.feeder) ? 'waste' : 'work';
	const d = hand.aside
		? `M${n(x)} 70C${n(x - 40 * way)} 60 ${n(x - 54 * way)} 30 ${n(x - 60 * way)} 4`
		: `M${n(x)} 0V20C${n(x)} 44 ${n(x + 4 * way)} 66 ${n(here.x + way * PITCH)} ${DOWN_Y}`;
	// Yarn that lies loose hangs in a bow before the feeder; taut it does not.
	const bow =
		hand.slack !== null && hand.slack > 0
			? [
					yarn(
						`M${n(x)} 2C${n(x - 30)} 2 ${n(x - 40)} 22 ${n(x - 22)} 22S${n(x - 14)} 4 ${n(x - 2)} 6`,
						tone,
						3
					)
				]
			: [];
	return [yarn(d, tone, 4), ...bow, ...guide];
}

function lifted({ hand }: Looked, places: readonly Place[]): Ink[] {
	return hand.pick.flatMap(({ from }) => {
		const at = places.find((p) => p.pin === from);
		if (!at) return [];
		return [
			tool(`M${n(at.x - 2)} 0L${n(at.x - 2)} 24L${n(at.x)} 30L${n(at.x + 2)} 24L${n(at.x + 2)} 0Z`),
			yarn(
				`M${n(at.x - 9)} 42C${n(at.x - 10)} 30 ${n(at.x - 7)} 20 ${n(at.x)} 20C${n(at.x + 7)} 20 ${n(at.x + 10)} 30 ${n(at.x + 9)} 42`,
				'work',
				5
			)
		];
	});
}

/** The needle's yarn through loops, on their pins or off them. */
function threaded({ hand }: Looked, places: readonly Place[]): Ink[] {
	const through = places.filter((p) => hand.passedBy('cast-off', p.pin) > 0);
	// Through the last main row: below what is left of the waste.
	const waste = hand.wasteGone.has('cast-off') ? 0 : STITCH;
	const y = stands(hand) ? 92 : OFF_Y + waste + 6;
	const d = through.map((p) => `M${n(p.x - PITCH / 2)} ${y}H${n(p.x + PITCH / 2)}`).join('');
	return d === '' ? [] : [yarn(d, 'work', 4)];
}

/** The ring from the feeder, low down: pins, what hangs on them, the yarn, the tools, and the fabric below. */
export function nearOf(seen: Looked): Near {
	const { hand, m, rows, pins } = seen;
	const places = placesOf(seen);
	const { bed } = hand;
	const standing = stands(hand);
	const inks: Ink[] = [
		...woven(seen, places, 'behind'),
		...tailsOf(seen, places, 'inside'),
		...fabricBelow(seen, places),
		...(standing
			? places.map(({ pin, x }) => post(x, bed.inWork[pin] === 1 || bed.made === 0))
			: []),
		...onPins(seen, places),
		...woven(seen, places, 'before'),
		...wrapped(seen, places),
		...threaded(seen, places),
		...tailsOf(seen, places, 'outside'),
		...atEdges(seen, places),
		...feeder(seen, places),
		...lifted(seen, places),
		...[...hand.ladders].flatMap(([pin, ladder]) => {
			const p = places.find((x) => x.pin === pin);
			return p && ladder.marked && ladder.latched === 0
				? [line(`M${n(p.x - 10)} ${baseOf(hand) - 4}h20`)]
				: [];
		}),
		...places.map(({ pin, x }) => text(x, standing ? LABEL_Y : 20, String(numberOf(m, pin))))
	];
	return {
		width: PITCH * (pins + 0.5),
		height: baseOf(hand) + rows * STITCH + 8,
		inks,
		says: sayState(hand, m),
		places
	};
}
