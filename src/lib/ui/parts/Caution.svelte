<script lang="ts">
	let { text }: { text: string } = $props();
</script>

<p class="flex gap-2 text-sm">
	<svg width="18" height="18" viewBox="0 0 20 20" class="mt-0.5 shrink-0" aria-hidden="true">
		<path
			d="M10 2l9 16H1z"
			fill="none"
			class="stroke-warning"
			stroke-width="2"
			stroke-linejoin="round"
		/>
		<path d="M10 8v4.5M10 14.4v1.4" class="stroke-warning" stroke-width="2" />
	</svg>
	<span><b class="mr-1 font-semibold">Take care:</b>{text}</span>
</p>
