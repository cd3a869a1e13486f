<script lang="ts">
	import { BAG_STAGES, type BagStage } from '$lib/core/recipe/assembled/form/bag';
	import type { AssembledPlan } from '$lib/core/plan';
	import type { Units } from '$lib/core/quantity/units';
	import BagPicture from './BagPicture.svelte';
	import BlanketPicture from './BlanketPicture.svelte';
	import GarlandPicture from './GarlandPicture.svelte';
	import PomPicture from './PomPicture.svelte';
	import ToyPicture from './ToyPicture.svelte';
	import type { PartEdit } from './toy-edit';

	interface Props {
		plan: AssembledPlan;
		units: Units;
		width?: number;
		height?: number;
		/** Given, parts of a toy can be taken hold of. */
		onedit?: (edit: PartEdit) => void;
		picked?: string;
		onpick?: (part: string) => void;
	}
	let { plan, units, width = 420, height = 330, onedit, picked = '', onpick }: Props = $props();
	const finished = $derived(plan.finished);

	const STAGES: Record<AssembledPlan['finished']['kind'], readonly string[]> = {
		folded: ['the strip', 'bottom folded', 'one side folded', 'other side folded', 'the bag'],
		'side-by-side': ['tubes', 'the blanket'],
		stuffed: ['tubes', 'stuffed', 'the toy'],
		hung: ['batches', 'hung'],
		wound: ['wound', 'cut and trimmed']
	};
	const stages = $derived(STAGES[finished.kind]);
	let chosen = $state<number | null>(null);
	const at = $derived(Math.min(chosen ?? stages.length - 1, stages.length - 1));
	const id = $props.id();
</script>

<figure class="m-0 min-w-0">
	{#if finished.kind === 'folded'}
		<BagPicture {finished} {plan} stage={BAG_STAGES[at] as BagStage} {units} {width} {height} />
	{:else if finished.kind === 'side-by-side'}
		<BlanketPicture {finished} {plan} sewn={at === 1} {units} {width} {height} />
	{:else if finished.kind === 'stuffed'}
		<ToyPicture
			{finished}
			{plan}
			stage={at}
			{units}
			{width}
			{height}
			{picked}
			{...onedit ? { onedit } : {}}
			{...onpick ? { onpick } : {}}
		/>
	{:else if finished.kind === 'hung'}
		<GarlandPicture {finished} {plan} hung={at === 1} {units} {width} {height} />
	{:else}
		<PomPicture {finished} {plan} cut={at === 1} {units} {width} {height} />
	{/if}
	<figcaption class="no-print mt-1 flex items-center gap-3 text-sm">
		<label for={id} class="sr-only">From pieces to the finished thing</label>
		<input
			{id}
			type="range"
			min="0"
			max={stages.length - 1}
			step="1"
			value={at}
			class="range range-xs w-40"
			aria-valuetext={stages[at]}
			oninput={(e) => (chosen = Number(e.currentTarget.value))}
		/>
		<span>{stages[at]}</span>
	</figcaption>
</figure>
