<script lang="ts">
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

<button
	class={['act', small && 'act-small']}
	disabled={!steps.undoWhat}
	title={steps.undoWhat ? `Undo: ${steps.undoWhat}` : 'Nothing to undo'}
	onclick={() => steps.undo()}>Undo</button
>
<button
	class={['act', small && 'act-small']}
	disabled={!steps.redoWhat}
	title={steps.redoWhat ? `Redo: ${steps.redoWhat}` : 'Nothing to redo'}
	onclick={() => steps.redo()}>Redo</button
>
