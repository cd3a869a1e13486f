<script lang="ts">
	import Gallery from '$lib/ui/make/Gallery.svelte';
</script>

<svelte:head><title>What can I make? · Tomble</title></svelte:head>
<Gallery />
