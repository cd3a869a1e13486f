<script lang="ts">
	import type { Practice } from './practice.svelte';

	let { practice, onlook }: { practice: Practice; onlook: () => void } = $props();

	/** Pins are numbered to the left or to the right, as the ring turns. */
	const right = $derived(practice.m.turns === 'clockwise' ? 1 : -1);
	function acts(e: KeyboardEvent): (() => void) | null {
		const { key } = e;
		if (key === 'ArrowLeft') return () => practice.step1(-right);
		if (key === 'ArrowRight') return () => practice.step1(right);
		if (practice.step !== null) return null;
		const tool = /^[1-9]$/.test(key) ? practice.t.tools[Number(key) - 1] : undefined;
		if (tool && tool.on !== 'number') return () => practice.use(tool);
		switch (key.toLowerCase()) {
			case '.':
				return () => practice.turn(1, 'forward');
			case ',':
				return () => practice.turn(1, 'back');
			case 'n':
				return () => practice.turn(practice.rowLeft('forward'), 'forward');
			case 'b':
				return () => practice.turn(practice.rowLeft('back'), 'back');
			case 's':
				return () => (practice.pace = practice.pace === 'slow' ? 'fast' : 'slow');
			case 'o':
				return () => practice.soOn();
			case 'h':
				return () => (practice.pin = practice.hand.pos % practice.hand.pins);
			case 'l':
				return onlook;
			case 'z':
				return () => (e.shiftKey ? practice.redo() : practice.undo());
			default:
				return null;
		}
	}
	function onkeydown(e: KeyboardEvent) {
		if (e.defaultPrevented || e.altKey || e.metaKey) return;
		if (e.ctrlKey && e.key.toLowerCase() !== 'z') return;
		const typing =
			e.target instanceof HTMLElement &&
			e.target.matches('input:not([type=radio]), textarea, select');
		const choosing = e.target instanceof HTMLElement && e.target.matches('input[type=radio]');
		if (typing || (choosing && e.key.startsWith('Arrow'))) return;
		if (document.querySelector('[role="dialog"]')) return;
		if (practice.step !== null && (e.key === 'PageDown' || e.key === 'PageUp')) {
			e.preventDefault();
			practice.watch(practice.step + (e.key === 'PageDown' ? 1 : -1));
			return;
		}
		const act = acts(e);
		if (!act) return;
		e.preventDefault();
		act();
	}
</script>

<svelte:window {onkeydown} />
