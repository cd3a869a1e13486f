import { line, n, patch, yarn, type Ink } from '../drawing/ink';
import { MIDDLE, played, type TableDemo } from './shown';

/** A tuft, by where it is pressed to: so far along, and so far to a side, each 0 to 1 or -1 to 1. */
interface Tuft {
	readonly along: number;
	readonly side: number;
}
/** Far end first, to the sides, the middle last. */
const TUFTS: readonly Tuft[] = [0.9, 0.65, 0.4, 0.15].flatMap((along) => [
	{ along, side: -0.6 },
	{ along, side: 0.6 },
	{ along: along - 0.06, side: 0 }
]);
interface Filled {
	readonly tufts: readonly Tuft[];
}
const LONG = 116;
const FLAT = 38;
/** Filled round a flat tube is 2 / π as wide as it lay. */
const halfOf = (tufts: number) => FLAT * (1 - (1 - 2 / Math.PI) * (tufts / TUFTS.length));

function inks({ tufts }: Filled): Ink[] {
	const far = 150;
	const near = far - LONG;
	const edge = (share: number) => halfOf(tufts.length * share);
	const [h, mouth] = [edge(1), edge(0.6)];
	const { y } = MIDDLE;
	return [
		patch(
			`M${near} ${n(y - mouth)}C${near + 30} ${n(y - h)} ${far - 40} ${n(y - h)} ${far - 20} ${n(y - h)}C${far} ${n(y - h)} ${far} ${n(y + h)} ${far - 20} ${n(y + h)}C${far - 40} ${n(y + h)} ${near + 30} ${n(y + h)} ${near} ${n(y + mouth)}Z`,
			'fabric'
		),
		...tufts.map(({ along, side }) => {
			const x = near + along * (LONG - 12);
			return line(`M${n(x - 7)} ${n(y + side * h * 0.9)}c2-8 12-8 14 0s-12 9-14 0`);
		}),
		...(tufts.length < TUFTS.length
			? []
			: [yarn(`M${near} ${n(y - mouth)}V${n(y + mouth)}`, 'work', 3)])
	];
}

/** Filled tuft by tuft. */
export const stuff: TableDemo = {
	pictured: 2,
	steps: () => {
		const tufts = (from: number, to: number) => TUFTS.slice(from, to);
		return played<Filled, Tuft>(
			{ tufts: [] },
			(s, tuft) => ({ tufts: [...s.tufts, tuft] }),
			[tufts(0, 1), tufts(1, 3), tufts(3, 6), tufts(6, 9), tufts(9, TUFTS.length)],
			{
				first: 'The part with its far end closed, lying flat',
				says: (_, { tufts: { length } }) => {
					if (length === 0) return 'A small tuft, to the far end';
					if (length === 2) return 'Pressed to the sides, and the middle filled last';
					if (length === 5)
						return 'So on towards the opening; it grows round, and narrower than it lay';
					if (length === 8) return 'Evenly: no lump, no hollow';
					return length === TUFTS.length - 1
						? 'Stopped before the stitches gape; then the end is closed'
						: null;
				},
				draw: inks
			}
		);
	}
};

/** Pins of a panel: its corners, then between them. */
const CORNERS = [
	[34, 12],
	[134, 12],
	[126, 92],
	[42, 92]
] as const;
const BETWEEN = [0, 1, 2, 3].map((i) => {
	const [[x, y], [x2, y2]] = [CORNERS[i as 0], CORNERS[((i + 1) % 4) as 0]];
	return [(x + x2) / 2, (y + y2) / 2] as const;
});
/** Round the border: corner, middle of the side, corner. */
const BORDER = CORNERS.flatMap((c, i) => [c, BETWEEN[i as 0] as readonly [number, number]]);
type Blocking =
	{ readonly do: 'damp' } | { readonly do: 'pin'; readonly at: number } | { readonly do: 'dry' };
interface Blocked {
	readonly damp: boolean;
	readonly pins: readonly number[];
	readonly dry: boolean;
}
/** What is not pinned curls in; dry, all keeps as it was pinned. */
const curlOf = ({ pins, dry }: Blocked, i: number): number => (dry || pins.includes(i) ? 0 : 13);

function blockInks(s: Blocked): Ink[] {
	const places = BORDER.map(([x, y], i) => {
		const curl = curlOf(s, i);
		const d = Math.hypot(84 - x, 52 - y);
		return { x: x + ((84 - x) / d) * curl, y: y + ((52 - y) / d) * curl, curl };
	});
	const pinned = s.dry ? [] : s.pins;
	return [
		patch(
			`M${places.map((p) => `${n(p.x)} ${n(p.y)}`).join('L')}Z`,
			s.damp && !s.dry ? 'rest' : 'fabric'
		),
		...places
			.filter((p) => p.curl > 0)
			.map(({ x, y }) => line(`M${n(x - 8)} ${n(y)}c0-8 14-8 14 0s-8 6-9 1`)),
		...pinned.flatMap((i) => {
			const p = BORDER[i];
			return p ? [line(`M${p[0] - 4} ${p[1] - 4}l8 8m0-8l-8 8`)] : [];
		})
	];
}

/** Damped, pinned out, dried. */
export const block: TableDemo = {
	pictured: 3,
	steps: () => {
		const pin = (at: number): Blocking => ({ do: 'pin', at });
		return played<Blocked, Blocking>(
			{ damp: false, pins: [], dry: false },
			(s, a) =>
				a.do === 'pin'
					? { ...s, pins: [...s.pins, a.at] }
					: a.do === 'damp'
						? { ...s, damp: true }
						: { ...s, dry: true },
			[
				[{ do: 'damp' }],
				[pin(0), pin(2), pin(4), pin(6)],
				[pin(1), pin(3), pin(5), pin(7)],
				[{ do: 'dry' }]
			],
			{
				first: 'Off the machine a panel curls: its edges roll',
				says: (a) => {
					switch (a.do) {
						case 'damp':
							return 'Damped through, not wrung';
						case 'dry':
							return 'Left until dry, then the pins out: it lies flat';
						default:
							if (a.at === 0) return 'The corners pinned to the measures, without stretching';
							return a.at === 1 ? 'Pins between them along every side' : null;
					}
				},
				draw: blockInks
			}
		);
	}
};
