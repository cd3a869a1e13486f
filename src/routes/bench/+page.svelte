<script lang="ts">
	import BenchView from '$lib/ui/bench/BenchView.svelte';
</script>

<svelte:head><title>Bench · Tomble</title></svelte:head>
<BenchView />
