import { hook, n, patch, text, yarn, type Ink } from '../drawing/ink';
import { loopHalves, loopNumbers, shownLoops } from '../drawing/loops';
import { hooked, work, type HookAct, type Hooked } from '../../table/hook';
import { laid, sew, type Sewn, type Stitch } from '../../table/thread';
import { sewnInks, type Lying, type Spot } from './sewn';
import type { Drawing } from '../drawing/drawing';
import { LEFT, played, RIGHT, type AtTable, type TableDemo } from './shown';

const INSERT = (at: number): HookAct => ({ do: 'insert', at });
const CATCH: HookAct = { do: 'catch' };
const BACK: HookAct = { do: 'back' };
const OFF: HookAct = { do: 'off' };
const ROW_Y = 80;

/** So many loops on the shaft of a hook whose tip is at x, y. */
const onShaft = (x: number, y: number, loops: number): Ink[] =>
	Array.from({ length: loops }, (_, i) =>
		yarn(`M${n(x + 13 + 8 * i)} ${n(y - 2)}c-5 4 -5 14 1 14s6 -10 1 -14`, 'work', 3)
	);

function edgeInks(h: Hooked): Ink[] {
	const shown = shownLoops(h.places, LEFT, RIGHT);
	const { far, near } = loopHalves(shown, { y: ROW_Y, tall: 24 }, 'rest');
	const xOf = (at: number) => shown.at.find((l) => l.nth === at)?.x;
	const twice = (at: number, i: number) => h.stitches.indexOf(at) < i;
	// A second one in a loop stands between it and the next.
	const done = h.stitches.flatMap((at, i) => {
		const x = xOf(at);
		return x === undefined ? [] : [x + (twice(at, i) ? shown.pitch / 2 : 0)];
	});
	const post = (x: number) =>
		`M${n(x - 7)} 38C${n(x - 3)} 30 ${n(x + 5)} 30 ${n(x + 7)} 38M${n(x)} 38L${n(x - 3)} 62M${n(x)} 38L${n(x + 3)} 62`;
	const open = h.open === null ? undefined : xOf(h.open);
	const into = h.in === null ? undefined : xOf(h.in);
	const x = Math.min(RIGHT - 10, into ?? open ?? (done.at(-1) ?? LEFT - 6) + 12);
	const y = into !== undefined ? 66 : 40;
	return [
		patch(`M${LEFT} ${ROW_Y}H${RIGHT}V102H${LEFT}Z`, 'fabric'),
		...far,
		...done.map((at) => yarn(post(at), 'work', 4)),
		...(open === undefined ? [] : [yarn(`M${n(open)} 44V64`, 'work', 4)]),
		hook(x - 4, y, Math.PI - 0.7),
		...near,
		...onShaft(x + 2, y - 22, h.onHook),
		...(h.caught
			? [
					yarn(
						`M${n(x - 16)} ${n(y - 8)}C${n(x - 12)} ${n(y + 6)} ${n(x - 4)} ${n(y + 8)} ${n(x + 2)} ${n(y)}`,
						'work',
						3
					)
				]
			: []),
		...loopNumbers(shown, 96, h.places)
	];
}

const whole = (at: number): HookAct[] => [INSERT(at), CATCH, BACK, CATCH, OFF];
/** What the first stitches are, and then all: as many in each loop as is asked for. */
function sayAll({ loops, perLoop, stitches }: Drawing): string {
	if (stitches !== undefined) return `So on along the whole edge: ${stitches} stitches`;
	if (perLoop === 2)
		return `So on, one in each loop and one between each two: ${2 * loops} stitches over ${loops} loops`;
	return `So on, one stitch in each loop: ${loops} stitches in ${loops} loops`;
}
/** Stitches along an edge. */
export const crochet: TableDemo = {
	pictured: 7,
	steps: (d) => {
		const many = Math.max(1, d.loops);
		const again = d.perLoop === 2 ? [1, 1] : [1];
		const at = Array.from({ length: many }, (_, i) => again.map(() => i + 1)).flat();
		const slowly = at.slice(0, 2).flatMap((k) => whole(k).map((a) => [a]));
		const rest = at.slice(2).flatMap(whole);
		return played(
			hooked(many),
			work,
			[...slowly, rest].filter((b) => b.length > 0),
			{
				first: 'A loop on the hook, the edge before it',
				says: (a, h) => {
					if (h.stitches.length >= 2)
						return a.do === 'off' && h.stitches.length === at.length - 1
							? sayAll({ ...d, loops: many })
							: null;
					switch (a.do) {
						case 'insert':
							if (h.stitches.includes(a.at)) return 'Again, between this loop and the next';
							return `The hook through ${d.stitches === undefined ? `loop ${a.at}` : a.at === 1 ? 'the first place' : 'the next'}`;
						case 'catch':
							return h.open === null ? 'Catch the yarn' : 'Catch the yarn again';
						case 'back':
							return `Back through the edge with it: ${h.onHook + 1} loops on the hook`;
						case 'off':
							return `Through all ${h.onHook}: one stitch, one loop on the hook`;
					}
				},
				draw: edgeInks
			}
		);
	}
};

const LINKS = 9;
/** A chain in the air, link by link, under a hook. */
function chainInks(h: Hooked): Ink[] {
	const links = Array.from({ length: Math.min(h.chains, LINKS) }, (_, i) => {
		const x = 24 + 12 * i;
		return yarn(
			`M${x} 66C${x + 3} 58 ${x + 13} 58 ${x + 15} 64C${x + 13} 72 ${x + 3} 72 ${x} 66`,
			'work',
			3
		);
	});
	const x = 30 + 12 * Math.min(h.chains, LINKS);
	return [
		...links,
		hook(x, 62, Math.PI - 0.5),
		...onShaft(x + 2, 42, h.onHook),
		...(h.caught ? [yarn(`M${x - 14} 42C${x - 12} 66 ${x - 6} 70 ${x + 3} 62`, 'work', 3)] : []),
		text(84, 96, h.chains === 1 ? '1 chain' : `${h.chains} chains`)
	];
}

const SLOTS = 8;
const MOUTH: Lying = {
	ground: (s) => [patch(s.snug > 0 ? 'M58 34H110L134 98H34Z' : 'M30 34H138L142 98H26Z', 'fabric')],
	at: (s, _, at): Spot => {
		const wide = s.snug > 0 ? 5.6 : 13;
		return { x: 84 + (at - (SLOTS + 1) / 2) * wide, y: 44, way: 0 };
	},
	mark: ({ x, y }) => yarn(`M${n(x)} ${n(y - 7)}V${n(y + 7)}`, 'rest', 3),
	thick: 5,
	needle: false,
	over: (s) =>
		s.snug === 0
			? []
			: [
					yarn('M110 44C124 40 132 26 148 18M58 44C44 40 36 26 20 18', 'work', 5),
					...(s.knotted ? [yarn('M142 14l10 8M14 22l10-8', 'work', 5)] : [])
				]
};

/** A cord of chains; where it is asked for, in and out along an edge, and drawn up. */
export const drawstring: TableDemo = {
	pictured: 4,
	steps: ({ chains, threaded = true }) => {
		const chain = [CATCH, OFF];
		const all = Math.max(1, chains ?? 8);
		const made = played(
			hooked(0),
			work,
			[
				[CATCH],
				[OFF],
				...(all > 1 ? [chain] : []),
				...(all > 2 ? [Array.from({ length: all - 2 }, () => chain).flat()] : [])
			],
			{
				first: 'A loop on the hook',
				says: (a, h) => {
					if (h.chains < 2)
						return a.do === 'catch' ? 'Catch the yarn' : 'Through the loop: one chain';
					if (a.do !== 'off' || h.chains !== all - 1) return null;
					return `So on, a loop through a loop, ${chains === undefined ? 'as many as the plan says' : `${all} chains`}`;
				},
				draw: chainInks
			}
		);
		return threaded ? [...made, ...runIn()] : made;
	}
};

/** The cord run along an edge. */
function runIn(): readonly AtTable[] {
	const under = (at: number): Stitch => ({ do: 'pass', of: 'a', at });
	return played<Sewn, Stitch>(
		laid(SLOTS),
		sew,
		[[under(1)], [under(3), under(5), under(7)], [{ do: 'snug' }], [{ do: 'knot' }]],
		{
			first: 'The cord at the edge, which is open',
			says: (a) => {
				switch (a.do) {
					case 'pass':
						if (a.at === 1) return 'In between two stitches';
						return a.at === 7 ? 'Once round, out and in again' : null;
					case 'snug':
						return 'Drawn up: the mouth closes';
					default:
						return 'A knot in both ends, so that they do not slip in';
				}
			},
			draw: (s) => sewnInks(s, MOUTH)
		}
	);
}
