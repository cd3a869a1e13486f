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

function announce(node: SVGElement, g: Grip): void {
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
}

/** What the pointer and the keys do to a point, asked anew each time for what it is by now. */
function handlers(node: SVGElement, now: () => Grip) {
	let from: { readonly x: number; readonly y: number } | null = null;
	const letGo = (how: 'drop' | 'cancel') => () => {
		if (!from) return;
		from = null;
		now()[how]?.();
	};
	const pointercancel = letGo('cancel');
	return {
		pointerdown: (e: PointerEvent) => {
			if (e.button !== 0) return;
			e.preventDefault();
			e.stopPropagation();
			node.setPointerCapture(e.pointerId);
			node.focus();
			from = { x: e.clientX, y: e.clientY };
			now().take?.();
		},
		pointermove: (e: PointerEvent) => {
			if (from) now().move({ x: e.clientX - from.x, y: e.clientY - from.y }, e);
		},
		pointerup: letGo('drop'),
		pointercancel,
		keydown: (e: KeyboardEvent) => {
			if (e.key === 'Escape' && from) {
				e.preventDefault();
				pointercancel();
			}
			const by = ARROWS[e.key];
			if (!by || e.ctrlKey || e.metaKey || e.altKey) return;
			e.preventDefault();
			e.stopPropagation();
			now().step(by, e.shiftKey);
		}
	};
}

/** Moves a point by pointer and by arrow keys. Every picture's points are taken hold of by this. */
export const grip: Action<SVGElement, Grip> = (node, first) => {
	let g = first;
	announce(node, g);
	node.style.touchAction = 'none';
	const found = Object.entries(handlers(node, () => g)) as [string, EventListener][];
	for (const [name, handler] of found) node.addEventListener(name, handler);
	return {
		update(next) {
			g = next;
			announce(node, g);
		},
		destroy() {
			for (const [name, handler] of found) node.removeEventListener(name, handler);
		}
	};
};
