<script lang="ts">
	import OpenFile from './OpenFile.svelte';
	import SaveFiles from './SaveFiles.svelte';
</script>

<h1 class="mb-4 text-2xl">Files</h1>
<div class="grid gap-x-12 gap-y-8 md:grid-cols-2">
	<SaveFiles />
	<OpenFile />
</div>
