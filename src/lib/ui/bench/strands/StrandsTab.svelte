<script lang="ts">
	import { gaugeFor } from '$lib/core/bench/gauge/gauge';
	import { expectedSlot } from '$lib/core/bench/machine/slot';
	import type { Machine, Yarn, YarnId } from '$lib/core/model/bench';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { wordSource } from '$lib/core/words/sources';
	import { holdTogether, workingClass } from '$lib/core/bench/yarn/held-together';
	import { pairsForTex } from '$lib/core/bench/yarn/pairs';
	import { type Part } from '$lib/core/bench/yarn/parts';
	import { effectiveTex, metresPerGram } from '$lib/core/bench/yarn/tex';
	import { texOfClass, WEIGHT_CLASSES } from '$lib/core/bench/yarn/weight-class';
	import { newId } from '$lib/store/store';
	import Choice from '../../parts/Choice.svelte';
	import Select from '../../parts/Select.svelte';
	import YarnCake from '../../pictures/YarnCake.svelte';
	import { gaugeBook } from '$lib/core/bench/gauge/book';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { slotWords } from '../words';
	import { untrack } from 'svelte';

	interface Props {
		machine: Machine;
		yarn: Yarn;
		onmade: (y: Yarn) => void;
	}
	let { machine, yarn, onmade }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const singles = $derived(
		workbench.bench.yarns
			.filter((y) => y.heldTogether.length === 0)
			.sort((a, b) => `${a.name} ${a.colourName}`.localeCompare(`${b.name} ${b.colourName}`))
	);
	const lookup = (id: YarnId) => workbench.bench.yarns.find((y) => y.id === id);

	// What is held together: this yarn, or the parts it has already, and as many more as the maker adds.
	let chosen = $state<{ id: YarnId; strands: number }[]>(
		untrack(() =>
			yarn.heldTogether.length > 0
				? yarn.heldTogether.map((h) => ({ id: h.yarnId, strands: h.strands }))
				: [{ id: yarn.id, strands: yarn.strands > 1 ? yarn.strands : 2 }]
		)
	);
	let wanted = $state(4);
	const parts = $derived(
		chosen.flatMap((c): Part[] => {
			const y = lookup(c.id);
			return y ? [{ yarn: y, strands: c.strands }] : [];
		})
	);
	const count = $derived(chosen.reduce((t, c) => t + c.strands, 0));
	const made = $derived.by(() => {
		const [first, ...rest] = parts;
		return first ? holdTogether('together' as YarnId, [first, ...rest]) : null;
	});
	const gauge = $derived(
		made && gaugeFor({ machine, yarn: made, book: gaugeBook(workbench.bench), useFresh: false })
	);
	const slot = $derived(
		made && expectedSlot(machine, made, workbench.bench.swatches, workbench.bench.yarns)
	);
	const pairs = $derived(pairsForTex(workbench.bench.yarns, texOfClass(wanted), 8));
	const there = $derived(
		workbench.bench.yarns.find(
			(y) =>
				y.heldTogether.length > 0 &&
				JSON.stringify(y.heldTogether) === JSON.stringify(made?.heldTogether)
		)
	);

	async function keep() {
		if (!made) return;
		const kept = { ...made, id: newId() as YarnId };
		await workbench.putYarn(kept);
		onmade(kept);
	}
	const awayFrom = (off: number) =>
		Math.abs(off) < 0.005
			? 'just as thick as'
			: `${printValue(Math.abs(Math.expm1(off)), 'percent', units)} ${off > 0 ? 'thicker' : 'thinner'} than`;
	const label = (y: Yarn) => `${y.colourName}, ${y.name}`;
</script>

<div class="grid gap-x-8 gap-y-5 xl:grid-cols-2">
	<section aria-labelledby="together-title" class="min-w-0">
		<h3 id="together-title" class="mb-2 text-base">Held together</h3>
		<ul class="grid gap-2">
			{#each chosen as c, i (i)}
				<li class="flex items-end gap-2">
					<div class="min-w-0 flex-1">
						<Select
							label={i === 0 ? 'Yarn' : 'and'}
							value={c.id}
							options={singles.map((y) => ({ value: y.id, label: label(y) }))}
							onvalue={(v) => (c.id = v as YarnId)}
						/>
					</div>
					<Choice
						label="strands"
						value={c.strands}
						options={[1, 2, 3, 4]
							.filter((n) => count - c.strands + n <= 4)
							.map((n) => ({ value: n, label: String(n) }))}
						onvalue={(n) => (c.strands = n)}
					/>
					{#if chosen.length > 1}<button
							class="btn btn-sm mb-0.5"
							aria-label={`Leave out ${parts[i]?.yarn.colourName ?? ''}`}
							onclick={() => (chosen = chosen.filter((_, k) => k !== i))}>×</button
						>{/if}
				</li>
			{/each}
		</ul>
		<button
			class="btn btn-sm mt-2"
			disabled={count >= 4 || singles.length < 2}
			onclick={() => {
				const next = singles.find((y) => !chosen.some((c) => c.id === y.id));
				if (next) chosen = [...chosen, { id: next.id, strands: 1 }];
			}}>Add a strand of another</button
		>
		{#if made && gauge && slot}
			<div class="mt-4 flex items-start gap-4">
				<YarnCake yarn={made} {lookup} size={104} />
				<dl class="grid flex-1 grid-cols-2 gap-x-5 gap-y-2">
					<div>
						<dt class="hint">Together</dt>
						<dd class="figure text-lg font-semibold">{Math.round(effectiveTex(made))} tex</dd>
					</div>
					<div>
						<dt class="hint">Works as</dt>
						<dd class="text-lg font-semibold">
							class <span class="figure">{workingClass(made)}</span>
						</dd>
					</div>
					<div>
						<dt class="hint">Slot to start with</dt>
						<dd class="font-semibold">
							{slotWords(slot.slot)}<span class="hint block"
								>{slot.like ? `as with ${slot.like.name}` : 'usual for its thickness'}</span
							>
						</dd>
					</div>
					<div>
						<dt class="hint">On hand</dt>
						<dd class="figure font-semibold">
							{printValue(made.gramsOnHand, 'mass', units)}<span class="hint block"
								>{printValue(made.gramsOnHand * metresPerGram(made), 'yarn', units)} together</span
							>
						</dd>
					</div>
					<div class="col-span-2">
						<dt class="hint">Expected on {machine.pins} pins</dt>
						<dd class="figure font-semibold whitespace-nowrap">
							{printWithSpread(gauge.stitchesPerCm, 'stitch-density', units)}<br />{printWithSpread(
								gauge.rowsPerCm,
								'row-density',
								units
							)}
						</dd>
					</div>
				</dl>
			</div>
			<p class="hint mt-2">{wordSource(gauge.rowSource)}.</p>
			<p class="mt-2">
				{#if there}
					<span class="text-sm">It lies on the bench already.</span>
					<button class="btn btn-sm" onclick={() => onmade(there)}>Show it</button>
				{:else}
					<button class="btn btn-neutral" disabled={count < 2} onclick={keep}
						>Put it on the bench as a yarn</button
					>
					{#if count < 2}<span class="hint ml-2">Two strands at least.</span>{/if}
				{/if}
			</p>
		{/if}
	</section>
	<section aria-labelledby="pairs-title" class="min-w-0">
		<h3 id="pairs-title" class="sr-only">Pairs that stand in for a class</h3>
		<Choice
			label="Two strands of what is on hand that stand in for a class"
			value={wanted}
			options={WEIGHT_CLASSES.map((c) => ({
				value: c.class as number,
				label: String(c.class),
				hint: c.name
			}))}
			onvalue={(c) => (wanted = c)}
		/>
		<ul class="mt-2">
			{#each pairs as p (p.a.id + p.b.id)}
				<li class="rule-line border-t">
					<button
						class="hover:bg-base-200 flex w-full items-center gap-2 rounded-[5px] py-1 pr-1 text-left"
						onclick={() =>
							(chosen =
								p.a.id === p.b.id
									? [{ id: p.a.id, strands: 2 }]
									: [
											{ id: p.a.id, strands: 1 },
											{ id: p.b.id, strands: 1 }
										])}
					>
						<YarnCake yarn={p.a} size={40} />
						{#if p.a.id !== p.b.id}<YarnCake yarn={p.b} size={40} />{/if}
						<span class="min-w-0 flex-1 text-sm">
							<span class="block truncate"
								>{p.a.id === p.b.id
									? `${label(p.a)}, doubled`
									: `${label(p.a)} + ${label(p.b)}`}</span
							>
							<span class="hint block"
								>{Math.round(p.tex)} tex, {awayFrom(p.off)} the middle of the class</span
							>
						</span>
						<span class="figure text-sm whitespace-nowrap"
							>{printValue(p.metres, 'yarn', units)}</span
						>
					</button>
				</li>
			{:else}
				<li class="quiet py-3 text-sm">
					No two yarns on hand come within 20 % of the middle of class {wanted}.
				</li>
			{/each}
		</ul>
	</section>
</div>
