<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { metresPerRow, shareBalls, type PartBall } from '$lib/core/bench/gauge/ball';
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import type { Machine, Yarn, YarnId } from '$lib/core/model/bench';
	import { printValue } from '$lib/core/quantity/print';
	import Choice from '../../parts/Choice.svelte';
	import Select from '../../parts/Select.svelte';
	import GramsField from '../../scale/GramsField.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import { useWorkbench } from '../../state/workbench.svelte';

	let { machine, yarn, grams }: { machine: Machine; yarn: Yarn; grams: number } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	let others = $state<{ id: YarnId; grams: number }[]>([]);
	let repeats = $state(6);
	const label = (y: Yarn) => `${y.colourName}, ${y.name}`;
	const yarnOf = (id: YarnId) => workbench.bench.yarns.find((y) => y.id === id);

	const balls = $derived(
		[{ id: yarn.id, grams }, ...others].flatMap((o): PartBall[] => {
			const shares = o.id === yarn.id ? yarn : yarnOf(o.id);
			if (!shares) return [];
			const gauge = gaugeFor({
				machine,
				yarn: shares,
				book: gaugeBook(workbench.bench),
				useFresh: false
			});
			return [{ yarn: shares, grams: o.grams, perRow: metresPerRow(machine, gauge) }];
		})
	);
	const shared = $derived(shareBalls(balls, repeats));
	// Stripes end to end, each from where the last one ended.
	const laid = $derived.by(() => {
		let at = 0;
		return (shared?.stripes ?? []).map((s) => {
			const from = at;
			at += s.rows;
			return { ...s, from };
		});
	});
	const WIDTH = 400;
	/** `9, 9, 8` as `9 twice, then 8`. */
	const rhythm = (ball: number): string => {
		const rows = (shared?.stripes ?? []).filter((s) => s.ball === ball).map((s) => s.rows);
		const groups: [number, number][] = [];
		for (const r of rows) {
			const last = groups.at(-1);
			if (last?.[0] === r) last[1] += 1;
			else groups.push([r, 1]);
		}
		return groups.map(([r, n]) => (n === 1 ? `${r}` : `${n} × ${r}`)).join(', ');
	};
</script>

<section aria-labelledby="share-title" class="min-w-0">
	<h3 id="share-title" class="mb-1 text-base">Share part balls over stripes</h3>
	<ul class="grid gap-2">
		<li class="text-sm">
			<b>{yarn.colourName}</b>, {printValue(grams, 'mass', units)}
		</li>
		{#each others as o, i (i)}
			<li class="flex flex-wrap items-end gap-2">
				<div class="min-w-40 flex-1">
					<Select
						label="and"
						value={o.id}
						options={workbench.bench.yarns
							.filter((y) => y.id !== yarn.id)
							.map((y) => ({ value: y.id, label: label(y) }))}
						onvalue={(v) => (o.id = v as YarnId)}
					/>
				</div>
				<GramsField live label="Part ball" grams={o.grams} ongrams={(g) => (o.grams = g)} />
				<button
					class="btn btn-sm mb-0.5"
					aria-label="Leave this ball out"
					onclick={() => (others = others.filter((_, k) => k !== i))}>×</button
				>
			</li>
		{/each}
	</ul>
	<div class="mt-2 flex flex-wrap items-end gap-3">
		<button
			class="btn btn-sm"
			disabled={others.length >= 5}
			onclick={() => {
				const used = new Set([yarn.id, ...others.map((o) => o.id)]);
				const next = workbench.bench.yarns.find((y) => !used.has(y.id) && y.gramsOnHand > 0);
				if (next) others = [...others, { id: next.id, grams: Math.round(next.gramsOnHand) }];
			}}>Add a part ball</button
		>
		<Choice
			label="Each comes round"
			value={repeats}
			options={[1, 2, 3, 4, 6, 8, 10, 12].map((n) => ({ value: n, label: `${n} ×` }))}
			onvalue={(n) => (repeats = n)}
		/>
	</div>
	{#if shared}
		<svg
			viewBox={`0 0 ${WIDTH} 34`}
			class="mt-3 w-full"
			role="img"
			aria-label={`${shared.rows} rows of stripes`}
		>
			{#each laid as s, i (i)}
				<rect
					x={(s.from / shared.rows) * WIDTH}
					y="2"
					width={(s.rows / shared.rows) * WIDTH}
					height="30"
					fill={entryAt(balls, s.ball).yarn.colour}
					class="stroke-base-content/60"
					stroke-width="0.75"
				/>
			{/each}
		</svg>
		<p class="figure text-lg font-semibold">{shared.rows} rows</p>
		<ul class="text-sm">
			{#each balls as b, i (i)}
				<li class="rule-line border-t py-1">
					<b>{b.yarn.colourName}</b>: {rhythm(i)} rows; about {printValue(
						Math.max(0, entryAt(shared.overMetres, i)),
						'yarn',
						units
					)} left over
				</li>
			{/each}
		</ul>
		<p class="hint mt-1">
			Each ball ends at the end of a row, in nine of ten cases; two tails of {printValue(
				20,
				'length',
				units
			)} a stripe are set aside.
		</p>
	{:else}
		<p class="text-warning mt-3 text-sm" role="status">
			A ball has not one row for each of its stripes: let them come round less often.
		</p>
	{/if}
</section>
