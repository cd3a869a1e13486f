<script lang="ts">
	import { tick } from 'svelte';
	import type { Measure } from '$lib/core/model/kinds';
	import type { PlanOf } from '$lib/core/plan';
	import { parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { MEASURE_HOW, MEASURE_NAMES } from '$lib/core/recipe/garments/words';
	import QuantityField from '../parts/QuantityField.svelte';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { EditorProps } from './editor';

	let { control, project, plan: whole, editor, pointing }: EditorProps = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const plan = $derived(whole as PlanOf<'flat'>);
	const options = $derived(wholeGarment(project.options));
	const asked = $derived(pointing.measure);
	const cm = $derived(lengthBetween(units, 0.5, 400));
	const parse = $derived((t: string) => cm(parseLengthCm(t, units)));
	const FROM = { own: 'yours', table: 'table', usual: 'usual', sum: 'worked out' } as const;
	const id = $props.id();
	let list: HTMLElement | undefined = $state();
	$effect(() => {
		if (!asked) return;
		void tick().then(() =>
			list?.querySelector<HTMLInputElement>(`[data-measure="${asked}"] input`)?.focus()
		);
	});
	const set = (m: Measure, value: number | null) => {
		const others = Object.entries(options.measures).filter(([k]) => k !== m);
		const measures = Object.fromEntries(value === null ? others : [...others, [m, value]]);
		editor.options(`${MEASURE_NAMES[m].toLowerCase()}…`, control.patch(measures));
	};
	/** Of a garment lying flat what goes round is twice what is measured across. */
	const ROUND: readonly Measure[] = ['chest', 'upperArm', 'wrist'];
	const nameOf = (m: Measure) =>
		options.from === 'flat' && ROUND.includes(m)
			? `${m === 'chest' ? 'Round' : m === 'wrist' ? 'Cuff' : 'Sleeve'}, twice flat`
			: MEASURE_NAMES[m];
	const named = (piece: string) =>
		plan.finished.made.drawn.pieces.find((p) => p.id === piece)?.name ?? piece;
</script>

<section class="min-w-0 flex-1" aria-labelledby={id}>
	<h2 {id} class="mb-1 text-base">{control.label}</h2>
	<div
		bind:this={list}
		class="grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-x-3 gap-y-1.5"
	>
		{#each plan.finished.asked as m (m)}
			{@const now = plan.finished.measures[m]}
			<div data-measure={m} title={MEASURE_HOW[m]}>
				<QuantityField
					label={`${nameOf(m)}${now.from === 'own' ? '' : `, ${FROM[now.from]}`}`}
					text={options.measures[m] === undefined
						? ''
						: printValue(options.measures[m], 'length', units)}
					placeholder={printValue(now.cm, 'length', units)}
					{parse}
					onvalue={(t) => {
						const r = parse(t);
						if (r.ok) set(m, r.value);
					}}
					onempty={() => set(m, null)}
				/>
			</div>
		{/each}
	</div>
	{#if options.alone.length > 0}
		<h3 class="mt-3 mb-1 text-sm">On their own</h3>
		<ul class="space-y-1 text-sm">
			{#each options.alone as a (a.piece + a.measure)}
				<li class="flex items-baseline justify-between gap-2">
					<span
						>{named(a.piece)}: {MEASURE_NAMES[a.measure].toLowerCase()}
						{printValue(a.cm, 'length', units)}, the others {printValue(
							plan.finished.measures[a.measure].cm,
							'length',
							units
						)}</span
					>
					<button
						class="btn btn-sm"
						onclick={() =>
							editor.options('like the others', { alone: options.alone.filter((x) => x !== a) })}
						>Like the others</button
					>
				</li>
			{/each}
		</ul>
	{/if}
</section>
