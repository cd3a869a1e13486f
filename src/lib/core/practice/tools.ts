import type { Act, RowEnd } from '../program/hand';
import { MAIN, tailOf } from './acts';
import type { At, Learner, Tool } from './lesson';

type Named = string | ((m: Learner) => string);
const named = (name: Named) => (m: Learner) => (typeof name === 'function' ? name(m) : name);
const onPin = (id: string, name: Named, act: (pin: number, at: At) => Act, moves = 0): Tool => ({
	id,
	name: named(name),
	on: 'pin',
	moves,
	act: (at) => act(at.pin, at)
});
const here = (id: string, name: Named, act: Act | ((at: At) => Act)): Tool => ({
	id,
	name: named(name),
	on: 'here',
	act: (at) => (typeof act === 'function' ? act(at) : act)
});

export const before = onPin(
	'before',
	'Yarn before',
	(pin) => ({ op: 'lay', pin, side: 'before' }),
	1
);
export const behind = onPin(
	'behind',
	'Yarn behind',
	(pin) => ({ op: 'lay', pin, side: 'behind' }),
	1
);
export const wrap = (loop: 'crossed' | 'open'): Tool =>
	onPin(
		`wrap-${loop}`,
		loop === 'crossed' ? 'Wrap it, the loop crossed' : 'Lay it round, not crossed',
		(pin) => ({ op: 'wrap', pin, loop }),
		1
	);
export const rag = onPin('rag', 'Hang a rag loop', (pin) => ({ op: 'rag-loop', pin }), 1);
export const gate = here('gate', 'Open or close the gate', ({ hand }) => ({
	op: 'gate',
	to: hand.gateOpen ? 'closed' : 'open'
}));
export const guide = here('guide', 'Yarn into or out of the guide', ({ hand }) => ({
	op: 'guide',
	yarn: hand.aside ? 'in' : 'aside'
}));
export const slack = here('slack', 'Pull yarn off the ball', { op: 'slack' });
export const roll = here('roll', 'Roll the fabric up', { op: 'roll' });
export const untwist = here('untwist', 'Untwist the middle', { op: 'untwist' });
export const tie = here('tie', 'Tie the two tails', { op: 'tie' });
export const pushDown = onPin('push-down', 'Push the loop down', (pin) => ({
	op: 'push-down',
	pin
}));
export const underBar = here('under-bar', 'Slip it under the bar', { op: 'bar', how: 'under' });
export const offBar = here('off-bar', 'Lift it off the bar', { op: 'bar', how: 'off' });
export const snug = here('snug', 'Draw it snug', { op: 'snug' });
export const lift = onPin('lift', 'Lift onto the pick', (pin) => ({ op: 'lift', pin }), 1);
export const set = onPin('set', 'Set the loop down here', (pin, { hand, chosen }) => ({
	op: 'set',
	from: chosen ?? hand.pick.at(-1)?.from ?? pin,
	pin
}));
export const idle = onPin('idle', 'Push the pin out of work', (pin) => ({ op: 'idle', pin }));
export const strand = (way: 'from-edge' | 'to-edge'): Tool =>
	onPin(
		`strand-${way}`,
		way === 'from-edge' ? 'Onto the strand, from the edge' : 'Onto the strand, towards the edge',
		(pin) => ({ op: 'onto-strand', pin, way }),
		1
	);
export const mark = onPin('mark', 'Marker through the loop', (pin) => ({ op: 'mark-loop', pin }));
export const rung = onPin('rung', 'Latch the next rung', (pin) => ({
	op: 'rung',
	pin,
	face: 'knit',
	over: 0
}));
export const rungOver = onPin('rung-over', 'Latch the rung after it', (pin) => ({
	op: 'rung',
	pin,
	face: 'knit',
	over: 1
}));
export const rungPurl = onPin('rung-purl', 'Latch it from the purl side', (pin) => ({
	op: 'rung',
	pin,
	face: 'purl',
	over: 0
}));
export const ontoPin = onPin('onto-pin', 'Top loop onto its pin', (pin) => ({
	op: 'onto-pin',
	pin
}));
export const free = onPin('free', 'Free it with the pick', (pin) => ({ op: 'repair', pin }));
export const clear = here('clear', 'Take all off', { op: 'clear' });
export const thread = (
	end: RowEnd,
	from: 'inside' | 'outside' = 'inside',
	needle: 'blunt' | 'sharp' = 'blunt'
): Tool =>
	onPin(
		`thread-${end}-${from}-${needle}`,
		`${needle === 'sharp' ? 'Sharp needle' : 'Needle'} through, ${end === 'cast-on' ? 'first row' : 'last row'}${from === 'outside' ? ', from outside' : ''}`,
		(pin) => ({ op: 'thread', end, pin, from, needle }),
		1
	);
export const ease = onPin('ease', 'Ease the loop off its pin', (pin) => ({ op: 'ease', pin }));
export const pull = (strandNo: 1 | 2, name = 'Draw up'): Tool =>
	here(`pull-${strandNo}`, name, { op: 'draw-up', strand: strandNo });
export const hookThrough = onPin('hook-through', 'Draw this loop through', (pin, { hand }) => ({
	op: 'hook',
	pin,
	draw: hand.onHook === 0 ? 'beside' : 'through'
}));
export const hookBeside = onPin('hook-beside', 'Take this loop on the hook', (pin) => ({
	op: 'hook',
	pin,
	draw: 'beside'
}));
export const chain = onPin(
	'chain',
	'Draw it through the one before',
	(pin) => ({ op: 'chain', pin }),
	1
);
export const drawYarn = here('draw-yarn', 'Yarn through all on the hook', { op: 'draw-yarn' });
export const fasten = here('fasten', 'Fasten it', { op: 'fasten' });
export const wasteOff = (end: RowEnd): Tool =>
	here(
		`waste-off-${end}`,
		end === 'cast-on' ? 'Waste off the first row' : 'Waste off the last row',
		{
			op: 'waste-off',
			end
		}
	);
export const zero = here('zero', 'Counter to nought', { op: 'zero' });
export const tell: Tool = {
	id: 'tell',
	name: () => 'Say the count',
	on: 'number',
	act: (_, rows) => ({ op: 'tell', rows })
};
export const cut = (cm: number): Tool =>
	here(`cut-${cm}`, (m) => `Cut, a tail of ${tailOf(m, cm)}`, { op: 'yarn-out', cm });
/** Cut so long as the machine asks for. */
export const cutBy = (id: string, cm: (m: Learner) => number): Tool =>
	here(
		id,
		(m) => `Cut, a tail of ${tailOf(m, cm(m))}`,
		({ m }) => ({ op: 'yarn-out', cm: cm(m) })
	);
export const feed = (
	id: string,
	name: Named,
	yarn: { yarn?: number; tail?: 'inside' | 'outside'; cm?: number } = {}
): Tool => here(id, name, { op: 'yarn-in', yarn: MAIN, tail: 'inside', cm: 20, ...yarn });
export const hang = (id: string, name: string, row: number, off: number): Tool =>
	onPin(id, name, (pin, { hand }) => ({ op: 'hang', row, from: (pin + off) % hand.pins, pin }), 1);
export const drop = (rows: number): Tool =>
	onPin('drop', 'Let the stitch run', (pin) => ({ op: 'fall', pin, rows }));
export const cross = (rungs: number, name: string): Tool =>
	onPin(`cross-${rungs}`, name, (pin) => ({ op: 'cross', pin, rungs }));
export const card = (wide: number, name: string): Tool =>
	onPin(`card-${wide}`, name, (pin) => ({ op: 'card', pin, wide }));
export const latchCard = onPin('latch-card', 'Latch the floats into columns', (pin) => ({
	op: 'latch-extension',
	pin
}));
export const program = (id: string, name: string, act: Act): Tool => here(id, name, act);
