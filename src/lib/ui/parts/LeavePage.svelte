<script lang="ts">
	/** While something is not on the disk yet, the browser asks before the page goes. */
	let { open }: { open: boolean } = $props();
</script>

<svelte:window
	onbeforeunload={(e) => {
		if (open) e.preventDefault();
	}}
/>
