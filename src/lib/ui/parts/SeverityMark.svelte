<script lang="ts">
	import type { Severity } from '$lib/core/finding/finding';
	let { severity }: { severity: Severity } = $props();
</script>

<!-- Shape first, colour second: an octagon stops, a diamond looks, a ring tips. -->
<svg width="20" height="20" viewBox="0 0 20 20" class="mt-0.5 shrink-0" aria-hidden="true">
	{#if severity === 'stop'}
		<path d="M6 1h8l5 5v8l-5 5H6l-5-5V6z" class="fill-error" /><path
			d="M5.5 10h9"
			class="stroke-error-content"
			stroke-width="2.6"
		/>
	{:else if severity === 'warn'}
		<path d="M10 1l9 9-9 9-9-9z" class="fill-accent stroke-base-content" stroke-width="1.5" /><path
			d="M10 5.6v5.4M10 13v1.8"
			class="stroke-accent-content"
			stroke-width="2"
		/>
	{:else}
		<circle
			cx="10"
			cy="10"
			r="6.5"
			fill="none"
			class="stroke-base-content"
			stroke-width="2"
		/><circle cx="10" cy="10" r="1.8" class="fill-base-content" />
	{/if}
</svg>
