<script lang="ts">
	import type { Component } from 'svelte';

	interface Props {
		icon: Component<{ size?: number; 'aria-hidden'?: 'true' }>;
		/** What it is called, for who does not see the sign. */
		label: string;
		/** What it does, said beside it on pointing and on focus; the label where left out. */
		tip?: string;
		/** A way to a page, where it is no button. */
		href?: string;
		current?: boolean;
		disabled?: boolean;
		small?: boolean;
		onclick?: () => unknown;
	}
	let {
		icon: Sign,
		label,
		tip = label,
		href,
		current = false,
		disabled = false,
		small = false,
		onclick
	}: Props = $props();
	const more = $derived(tip === label ? {} : { 'aria-description': tip });
	const look = $derived([
		'btn btn-ghost btn-square font-normal',
		small ? 'btn-sm' : 'btn-md',
		current && 'btn-active'
	]);
</script>

<!-- What lies beyond the left border makes no page wider. -->
<span class="tooltip tooltip-left" data-tip={tip}>
	{#if href}
		<a {href} class={look} aria-label={label} {...more} aria-current={current ? 'page' : undefined}>
			<Sign size={small ? 18 : 20} aria-hidden="true" />
		</a>
	{:else}
		<button class={look} aria-label={label} {...more} {disabled} {onclick}>
			<Sign size={small ? 18 : 20} aria-hidden="true" />
		</button>
	{/if}
</span>
