<script lang="ts">
	import { beforeNavigate, goto } from '$app/navigation';
	import Dialog from './Dialog.svelte';

	interface Props {
		/** What would be lost by leaving, in the maker's words, with its verb: `3 presses are`; null for nothing. */
		what: string | null;
		/** Tries once more to store it; resolves to whether that went well. */
		onagain: () => Promise<boolean>;
	}
	let { what, onagain }: Props = $props();
	let to = $state<string | null>(null);
	let leaving = false;

	beforeNavigate((navigation) => {
		if (what === null || leaving) return;
		navigation.cancel();
		// The browser asks by itself where the page would go altogether.
		if (!navigation.willUnload) to = navigation.to?.url.pathname ?? '/';
	});
	async function leave() {
		const target = to ?? '/';
		leaving = true;
		to = null;
		// The way is known: it was asked for a moment ago.
		await goto(target);
	}
	async function again() {
		if (await onagain()) await leave();
	}
</script>

{#if to !== null}
	<Dialog open title="Not all is stored" onclose={() => (to = null)}>
		<p class="mb-4">
			<span class="inline-block first-letter:uppercase">{what}</span> not stored yet. If you leave now,
			what is not stored is lost.
		</p>
		<div class="flex flex-wrap gap-2">
			<button class="btn btn-accent" onclick={() => (to = null)}>Stay here</button>
			<button class="btn" onclick={() => void again()}>Try again, then leave</button>
			<button class="btn" onclick={() => void leave()}>Leave without it</button>
		</div>
	</Dialog>
{/if}
