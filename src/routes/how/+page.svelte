<script lang="ts">
	import HowView from '$lib/ui/how/HowView.svelte';
</script>

<svelte:head><title>How it is done · Tomble</title></svelte:head>
<HowView />
