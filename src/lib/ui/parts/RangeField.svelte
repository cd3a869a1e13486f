<script lang="ts">
	/** A figure by a slider, said above it as it is moved. */
	interface Props {
		label: string;
		value: number;
		min?: number;
		max?: number;
		step?: number;
		onvalue: (value: number) => void;
	}
	let { label, value, min = 0, max = 100, step = 1, onvalue }: Props = $props();
</script>

<label class="block w-32">
	<span class="hint mb-0.5 block">{label}</span>
	<input
		type="range"
		class="range w-full"
		{min}
		{max}
		{step}
		{value}
		oninput={(e) => onvalue(Number(e.currentTarget.value))}
	/>
</label>
