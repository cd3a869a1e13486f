<script lang="ts" generics="T extends string | number">
	interface Props {
		label: string;
		value: T;
		options: readonly { value: T; label: string; hint?: string }[];
		onvalue: (value: T) => void;
		hideLabel?: boolean;
	}
	let { label, value, options, onvalue, hideLabel = false }: Props = $props();
	const id = $props.id();
</script>

<fieldset>
	<legend class={['hint mb-0.5', hideLabel && 'sr-only']}>{label}</legend>
	<div class="flex flex-wrap gap-1">
		{#each options as o (o.value)}
			<label class={['btn btn-sm', o.value === value && 'btn-neutral']} title={o.hint}>
				<input
					type="radio"
					class="sr-only"
					name={id}
					checked={o.value === value}
					onchange={() => onvalue(o.value)}
				/>
				{o.label}
			</label>
		{/each}
	</div>
</fieldset>
