<script lang="ts">
	import type { Yarn } from '$lib/core/model/bench';
	import { parseYarnMetres } from '$lib/core/quantity/parse';
	import { printYarnFine } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import { texFrom } from '$lib/core/bench/yarn/tex';
	import { classOfTex } from '$lib/core/bench/yarn/weight-class';
	import { newId } from '$lib/store/store';
	import { firstYarn } from '../bench/defaults';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import TextField from '../parts/TextField.svelte';
	import { between } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	let { onadd }: { onadd: (y: Yarn) => void } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	let open = $state(false);
	let name = $state('In the shop');
	let metresPer100g = $state(200);
	let stretch = $state<Yarn['stretch']>('stretchy');
	let surface = $state<Yarn['surface']>('smooth');
	const metres = (t: string): Result<number> =>
		between('yarn', units, 10, 2000)(parseYarnMetres(t, units));

	function add() {
		onadd({
			...firstYarn(newId() as Yarn['id'], 0),
			name,
			colourName: name,
			colour: '#9aa3a8',
			metresPer100g,
			weightClass: classOfTex(texFrom(metresPer100g)),
			gramsOnHand: 0,
			stretch,
			surface
		});
		open = false;
	}
	const shown = $derived(printYarnFine(metresPer100g, units, units === 'cm' ? 1 : 0));
</script>

<!-- A yarn nobody has yet: from a shop's label, to see how it would do. -->
<button class="btn btn-sm mt-4" aria-expanded={open} onclick={() => (open = !open)}
	>Type in a yarn to buy</button
>
{#if open}
	<form
		class="mt-2 grid gap-2"
		onsubmit={(e) => {
			e.preventDefault();
			add();
		}}
	>
		<TextField
			live
			label="What it is called"
			value={name}
			example="In the shop"
			onvalue={(v) => (name = v)}
		/>
		<QuantityField
			live
			label="Length of 100 g"
			text={shown}
			parse={metres}
			onvalue={(t) => {
				const r = metres(t);
				if (r.ok) metresPer100g = r.value;
			}}
		/>
		<Choice
			label="The yarn itself"
			value={stretch}
			options={[
				{ value: 'stretchy', label: 'stretches' },
				{ value: 'little', label: 'hardly' }
			]}
			onvalue={(v) => (stretch = v)}
		/>
		<Choice
			label="Its surface is"
			value={surface}
			options={[
				{ value: 'smooth', label: 'smooth' },
				{ value: 'fuzzy', label: 'fuzzy' }
			]}
			onvalue={(v) => (surface = v)}
		/>
		<div><button class="btn btn-neutral">Compare it</button></div>
	</form>
{/if}
