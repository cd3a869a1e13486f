<script lang="ts">
	import { useWorkbench } from '../state/workbench.svelte';
	import ChoiceList from './ChoiceList.svelte';

	interface Props {
		label: string;
		value: string;
		onvalue: (id: string) => void;
		ondone: () => void;
	}
	let { label, value, onvalue, ondone }: Props = $props();
	const workbench = useWorkbench();
	const sorted = $derived(
		[...workbench.bench.yarns].sort((a, b) => a.colourName.localeCompare(b.colourName))
	);
</script>

<ChoiceList
	{label}
	{value}
	options={sorted.map((y) => ({
		value: y.id,
		label: `${y.colourName}, ${y.name}`,
		colour: y.colour
	}))}
	{onvalue}
	{ondone}
/>
<a class="btn btn-sm mt-1" href="/bench?add=yarn">Add a yarn…</a>
