<script lang="ts" generics="P extends Record<string, unknown>">
	import type { Component } from 'svelte';
	import { notices, UNFETCHED } from '../state/notices.svelte';

	interface Props {
		load: () => Promise<{ default: Component<P> }>;
		props: P;
		/** Called where it could not be fetched, so that what waits for it does not wait on. */
		onfail: () => void;
	}
	let { load, props, onfail }: Props = $props();
	let Loaded = $state.raw<Component<P> | null>(null);
	$effect(() => {
		let stale = false;
		load().then(
			(m) => {
				if (!stale) Loaded = m.default;
			},
			() => {
				if (stale) return;
				void notices.warn(UNFETCHED);
				onfail();
			}
		);
		return () => (stale = true);
	});
</script>

{#if Loaded}<Loaded {...props} />{/if}
