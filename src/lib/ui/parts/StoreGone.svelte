<script lang="ts">
	import { useWorkbench } from '../state/workbench.svelte';

	/** The store is empty, and was not: the way back. */
	const workbench = useWorkbench();
</script>

<div class="border-error my-4 border-l-4 pl-4" role="alert">
	<p class="font-semibold">What was kept in this browser is not there any more.</p>
	<p class="mb-2">
		Its storage was cleared: by hand, by the browser to make room, or when it was ended by force.
		Open your newest backup to have it back.
	</p>
	<a class="btn btn-neutral" href="/keep">Open a backup</a>
	<button class="btn" onclick={() => workbench.beginAnew()}>Begin anew</button>
</div>
