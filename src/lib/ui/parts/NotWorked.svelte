<script lang="ts">
	interface Props {
		/** Why it could not be worked out; null where it is on its way. */
		failure: string | null;
		onagain: () => void;
		waiting?: string;
	}
	let { failure, onagain, waiting = 'Working it out…' }: Props = $props();
</script>

{#if failure === null}
	<p class="quiet py-8" role="status">{waiting}</p>
{:else}
	<p class="border-error my-6 border-l-4 pl-3" role="alert">
		{failure} Nothing you have typed is lost.
		<button class="btn btn-sm" onclick={onagain}>Try again</button>
	</p>
{/if}
