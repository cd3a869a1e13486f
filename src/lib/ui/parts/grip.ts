import type { Action } from 'svelte/action';

/** Something on a picture that is taken hold of: what it is, how far it goes, and what moving it does. */
export interface Grip {
	readonly label: string;
	/** Announced: where it stands between its bounds, and that in words. */
	readonly now: number;
	readonly least: number;
	readonly most: number;
	readonly text: string;
	/** Taken hold of by the pointer. */
	readonly take?: () => void;
	/** Moved by so many px of the page since it was taken hold of. */
	readonly move: (by: { readonly x: number; readonly y: number }, at: PointerEvent) => void;
	/** Let go where it is. */
	readonly drop?: () => void;
	/** Put back: by Escape, or because the pointer was lost. */
	readonly cancel?: () => void;
	/** Moved by arrow keys: a step to the right and up, or back; larger steps with Shift. */
	readonly step: (by: { readonly x: number; readonly y: number }, large: boolean) => void;
}

const ARROWS: Readonly<Partial<Record<string, { readonly x: number; readonly y: number }>>> = {
	ArrowLeft: { x: -1, y: 0 },
	ArrowRight: { x: 1, y: 0 },
	ArrowUp: { x: 0, y: 1 },
	ArrowDown: { x: 0, y: -1 }
};

/** Moves a point by pointer and by arrow keys. Every picture's points are taken hold of by this. */
export const grip: Action<SVGElement, Grip> = (node, first) => {
	let g = first;
	let from: { readonly x: number; readonly y: number } | null = null;

	const say = () => {
		const said: Record<string, string> = {
			role: 'slider',
			tabindex: '0',
			'aria-label': g.label,
			'aria-valuenow': String(g.now),
			'aria-valuemin': String(g.least),
			'aria-valuemax': String(g.most),
			'aria-valuetext': g.text
		};
		for (const [name, value] of Object.entries(said)) node.setAttribute(name, value);
	};
	const down = (e: PointerEvent) => {
		if (e.button !== 0) return;
		e.preventDefault();
		e.stopPropagation();
		node.setPointerCapture(e.pointerId);
		node.focus();
		from = { x: e.clientX, y: e.clientY };
		g.take?.();
	};
	const move = (e: PointerEvent) => {
		if (from) g.move({ x: e.clientX - from.x, y: e.clientY - from.y }, e);
	};
	const up = () => {
		if (!from) return;
		from = null;
		g.drop?.();
	};
	const cancel = () => {
		if (!from) return;
		from = null;
		g.cancel?.();
	};
	const key = (e: KeyboardEvent) => {
		if (e.key === 'Escape' && from) {
			e.preventDefault();
			cancel();
		}
		const by = ARROWS[e.key];
		if (!by || e.ctrlKey || e.metaKey || e.altKey) return;
		e.preventDefault();
		e.stopPropagation();
		g.step(by, e.shiftKey);
	};
	say();
	node.style.touchAction = 'none';
	node.addEventListener('pointerdown', down);
	node.addEventListener('pointermove', move);
	node.addEventListener('pointerup', up);
	node.addEventListener('pointercancel', cancel);
	node.addEventListener('keydown', key);
	return {
		update(next) {
			g = next;
			say();
		},
		destroy() {
			node.removeEventListener('pointerdown', down);
			node.removeEventListener('pointermove', move);
			node.removeEventListener('pointerup', up);
			node.removeEventListener('pointercancel', cancel);
			node.removeEventListener('keydown', key);
		}
	};
};
