<script lang="ts">
	interface Props {
		label: string;
		value: string;
		options: readonly { value: string; label: string }[];
		onvalue: (value: string) => void;
		hideLabel?: boolean;
	}
	let { label, value, options, onvalue, hideLabel = false }: Props = $props();
	const id = $props.id();
</script>

<div class="min-w-0">
	<label for={id} class={['hint mb-0.5 block', hideLabel && 'sr-only']}>{label}</label>
	<select {id} class="select w-full" {value} onchange={(e) => onvalue(e.currentTarget.value)}>
		{#each options as o (o.value)}
			<option value={o.value}>{o.label}</option>
		{/each}
	</select>
</div>
