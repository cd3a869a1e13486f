<script lang="ts">
	interface Props {
		/** Counts a row. */
		oncount: () => void;
		/** What a key does, by its name in small letters. */
		does: Readonly<Record<string, () => unknown>>;
		/** The key that a pedal sends, if one was set. */
		pedal: string | null;
		/** A dialog of the crank is open: keys are its own. */
		asleep: boolean;
	}
	let { oncount, does, pedal, asleep }: Props = $props();

	const COUNT_KEYS = new Set([' ', 'Enter', 'PageDown', 'ArrowRight', 'ArrowDown']);
	/** What lies over the crank as a key goes down: the key is its own, and what closes by it closes nothing else. */
	let covered = false;
	const oncapture = () =>
		(covered = document.querySelector('[role="dialog"], [role="listbox"]') !== null);
	function onkeydown(e: KeyboardEvent) {
		if (asleep || covered || e.defaultPrevented || e.ctrlKey || e.metaKey || e.altKey) return;
		const onControl = e.target instanceof HTMLElement && e.target.matches('[data-control]');
		const activates = e.key === ' ' || e.key === 'Enter' || e.key.startsWith('Arrow');
		if ((COUNT_KEYS.has(e.key) || e.key === pedal) && !(onControl && activates)) {
			e.preventDefault();
			// A key held down is one row, not many.
			if (!e.repeat) oncount();
			return;
		}
		const act = does[e.key.toLowerCase()];
		if (e.repeat || !act || (onControl && e.target instanceof HTMLSelectElement)) return;
		e.preventDefault();
		void act();
	}
</script>

<svelte:window onkeydowncapture={oncapture} {onkeydown} />
