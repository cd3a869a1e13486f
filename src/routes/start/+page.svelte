<script lang="ts">
	import StartView from '$lib/ui/start/StartView.svelte';
</script>

<svelte:head><title>A first thing · Tomble</title></svelte:head>
<StartView />
