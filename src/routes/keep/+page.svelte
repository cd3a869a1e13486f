<script lang="ts">
	import FilesView from '$lib/ui/files/FilesView.svelte';
</script>

<svelte:head><title>Files · Tomble</title></svelte:head>
<FilesView />
