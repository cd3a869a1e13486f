<script lang="ts">
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import IconAct from './IconAct.svelte';

	/** Undo and redo of whatever the page shows, by button and by key. */
	interface Steps {
		readonly undoWhat: string | undefined;
		readonly redoWhat: string | undefined;
		undo(): unknown;
		redo(): unknown;
	}
	let { steps, small = false }: { steps: Steps; small?: boolean } = $props();

	function onkeydown(e: KeyboardEvent) {
		const typing =
			e.target instanceof HTMLElement &&
			e.target.matches('input:not([type=radio], [type=checkbox], [type=range]), textarea, select');
		if (typing || e.defaultPrevented || !(e.ctrlKey || e.metaKey) || e.altKey) return;
		const key = e.key.toLowerCase();
		if (key !== 'z' && key !== 'y') return;
		e.preventDefault();
		if (key === 'y' || e.shiftKey) steps.redo();
		else steps.undo();
	}
</script>

<svelte:window {onkeydown} />

<IconAct
	{small}
	icon={Undo2}
	label="Undo"
	tip={steps.undoWhat ? `Undo: ${steps.undoWhat}` : 'Nothing to undo'}
	disabled={!steps.undoWhat}
	onclick={() => steps.undo()}
/>
<IconAct
	{small}
	icon={Redo2}
	label="Redo"
	tip={steps.redoWhat ? `Redo: ${steps.redoWhat}` : 'Nothing to redo'}
	disabled={!steps.redoWhat}
	onclick={() => steps.redo()}
/>
