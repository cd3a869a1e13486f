<script lang="ts">
	import PartsPage from '$lib/ui/parts/PartsPage.svelte';
</script>

<svelte:head><title>Parts · Tomble</title></svelte:head>
<PartsPage />
