/** What a stroke or a patch stands for; the renderer gives it its colour. */
export type Tone =
	/** The yarn that works now. */
	| 'work'
	/** Yarn that is there already. */
	| 'rest'
	| 'fabric'
	/** A second fabric, or the far layer. */
	| 'second'
	| 'waste';

/** One mark of a drawing, in the order they lie over one another. Units of the drawing's own box. */
export type Ink =
	/** Yarn as a tube with an outline, so that what passes over stands out. */
	| { readonly kind: 'yarn'; readonly d: string; readonly tone: Tone; readonly width: number }
	| { readonly kind: 'patch'; readonly d: string; readonly tone: Tone }
	/** A needle or a hook. */
	| { readonly kind: 'tool'; readonly d: string }
	/** A line that is no yarn: an arrow, a crease, a measure. */
	| { readonly kind: 'line'; readonly d: string; readonly dashed?: boolean }
	| {
			readonly kind: 'text';
			readonly x: number;
			readonly y: number;
			readonly text: string;
			readonly at?: 'start' | 'middle' | 'end';
	  };

export interface Diagram {
	readonly width: number;
	readonly height: number;
	readonly inks: readonly Ink[];
	/** What it shows, in one sentence. */
	readonly says: string;
}

export const WIDTH = 168;
export const HEIGHT = 104;
export const YARN = 5;

/** Two digits after the point are finer than any screen. */
export const n = (x: number): string => String(Math.round(x * 100) / 100);

export const yarn = (d: string, tone: Tone, width = YARN): Ink => ({
	kind: 'yarn',
	d,
	tone,
	width
});
export const patch = (d: string, tone: Tone): Ink => ({ kind: 'patch', d, tone });
export const line = (d: string, dashed = false): Ink => ({ kind: 'line', d, dashed });
export const tool = (d: string): Ink => ({ kind: 'tool', d });
export const text = (
	x: number,
	y: number,
	said: string,
	at: 'start' | 'middle' | 'end' = 'middle'
): Ink => ({ kind: 'text', x, y, text: said, at });

/** An arrow from a to b with its head at b. */
export function arrow(x1: number, y1: number, x2: number, y2: number): Ink {
	const a = Math.atan2(y2 - y1, x2 - x1);
	const head = (turn: number) =>
		`M${n(x2)} ${n(y2)}L${n(x2 + 6 * Math.cos(a + turn))} ${n(y2 + 6 * Math.sin(a + turn))}`;
	return line(`M${n(x1)} ${n(y1)}L${n(x2)} ${n(y2)}${head(2.6)}${head(-2.6)}`);
}

/** A blunt needle, its point at x, y, pointing along `turn` radians. */
export function needle(x: number, y: number, turn: number): Ink {
	const long = 30;
	const wide = 2.4;
	const [c, s] = [Math.cos(turn), Math.sin(turn)];
	const at = (along: number, across: number) =>
		`${n(x - along * c - across * s)} ${n(y - along * s + across * c)}`;
	return tool(
		`M${at(0, 0)}L${at(4, wide / 1.3)}L${at(long - 3, wide)}L${at(long, 0)}L${at(long - 3, -wide)}L${at(4, -wide / 1.3)}Z`
	);
}

/** A latch hook or crochet hook, its tip at x, y. */
export function hook(x: number, y: number, turn: number): Ink {
	const [c, s] = [Math.cos(turn), Math.sin(turn)];
	const at = (along: number, across: number) =>
		`${n(x - along * c - across * s)} ${n(y - along * s + across * c)}`;
	return tool(
		`M${at(0, 0)}Q${at(-2, 4)} ${at(4, 4)}L${at(6, 1.6)}L${at(36, 2)}L${at(36, -2)}L${at(5, -2)}Q${at(0, -2.4)} ${at(0, 0)}Z`
	);
}
