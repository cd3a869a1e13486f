<script lang="ts">
	import type { Phase } from '$lib/core/model/bench';
	import { parseYarnMetres } from '$lib/core/quantity/parse';
	import { printYarnFine } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import QuantityField from '../parts/QuantityField.svelte';
	import TextField from '../parts/TextField.svelte';
	import { between } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	let { phases, onput }: { phases: readonly Phase[]; onput: (p: Phase[]) => unknown } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const metres = (t: string): Result<number> =>
		between('yarn', units, 0.1, 2000)(parseYarnMetres(t, units));
	const shown = (m: number) => printYarnFine(m, units, 1);
	const put = (i: number, patch: Partial<Phase>) =>
		onput(phases.map((p, k) => (k === i ? { ...p, ...patch } : p)));
	const total = $derived(phases.reduce((t, p) => t + p.metres, 0));
	const move = (i: number, by: -1 | 1) => {
		const next = [...phases];
		const [p] = next.splice(i, 1);
		next.splice(i + by, 0, p!);
		onput(next);
	};
</script>

<fieldset>
	<legend class="hint mb-0.5">Long-phase colours, in the order they come</legend>
	{#if phases.length > 0}
		<div class="border-base-content/60 mb-2 flex h-6 overflow-hidden rounded-[3px] border-[1.5px]">
			{#each phases as p, i (i)}
				<span style:background={p.colour} style:flex-grow={p.metres}></span>
			{/each}
		</div>
	{/if}
	<ul class="grid gap-1.5">
		{#each phases as p, i (i)}
			<li class="grid grid-cols-[auto_1fr_6.5rem_auto] items-start gap-2">
				<input
					type="color"
					class="h-9 w-9"
					value={p.colour}
					aria-label={`Colour of phase ${i + 1}`}
					onchange={(e) => put(i, { colour: e.currentTarget.value })}
				/>
				<TextField
					label={`Name of phase ${i + 1}`}
					hideLabel
					value={p.colourName}
					example="kelp"
					onvalue={(colourName) => put(i, { colourName })}
				/>
				<QuantityField
					label={`Length of phase ${i + 1}`}
					hideLabel
					text={shown(p.metres)}
					parse={metres}
					onvalue={(t) => {
						const r = metres(t);
						if (r.ok) put(i, { metres: r.value });
					}}
				/>
				<div class="mt-1 flex gap-1">
					<button
						class="btn btn-sm"
						disabled={i === 0}
						aria-label={`${p.colourName} earlier`}
						onclick={() => move(i, -1)}>↑</button
					>
					<button
						class="btn btn-sm"
						aria-label={`Remove ${p.colourName}`}
						onclick={() => onput(phases.filter((_, k) => k !== i))}>×</button
					>
				</div>
			</li>
		{/each}
	</ul>
	<div class="mt-2 flex items-center gap-3">
		<button
			class="btn btn-sm"
			disabled={phases.length >= 24}
			onclick={() =>
				onput([
					...phases,
					{
						colour: phases.at(-1)?.colour ?? '#6f8f9c',
						colourName: `colour ${phases.length + 1}`,
						metres: phases.at(-1)?.metres ?? 30
					}
				])}>Add a phase</button
		>
		<span class="hint"
			>{phases.length === 0
				? 'None: one colour all through.'
				: `Then they begin again, after ${shown(total)}.`}</span
		>
	</div>
</fieldset>
