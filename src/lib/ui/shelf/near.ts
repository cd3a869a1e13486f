/** How far off the screen something is near, px: a good page ahead of a fast scroll. */
const NEAR_PX = 700;
let watching: IntersectionObserver | null = null;
const told = new WeakMap<Element, () => void>();

/** Calls once when an element comes near the screen; one observer watches all of them. */
export const whenNear =
	(does: () => void) =>
	(element: Element): (() => void) => {
		watching ??= new IntersectionObserver(
			(seen, observer) => {
				for (const s of seen)
					if (s.isIntersecting) {
						told.get(s.target)?.();
						observer.unobserve(s.target);
					}
			},
			{ rootMargin: `${NEAR_PX}px` }
		);
		told.set(element, does);
		watching.observe(element);
		return () => watching?.unobserve(element);
	};
