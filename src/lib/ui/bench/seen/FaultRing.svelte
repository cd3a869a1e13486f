<script lang="ts">
	import { arc } from 'd3-shape';
	import type { Fault } from '$lib/core/crank/run';
	import { wordFedFrom } from '$lib/core/words/feed';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { faultsByPin, faultsFed } from '$lib/core/learn/seen';
	import { suspectPins } from '$lib/core/learn/pin-faults';
	import type { Machine } from '$lib/core/model/bench';
	import { pinNumber } from '$lib/core/model/pin-number';
	import DataTable from './DataTable.svelte';

	/** Faults that were noted at the crank, pin by pin round the ring. */
	let { machine, faults: all }: { machine: Machine; faults: readonly Fault[] } = $props();
	const workbench = useWorkbench();
	const ALL = 'all';
	let yarnId = $state(ALL);
	let slot = $state(ALL);
	const yarnsHere = $derived([...new Set(all.flatMap((f) => f.yarnId ?? []))]);
	const slotsHere = $derived([...new Set(all.flatMap((f) => f.fed?.slot ?? []))].sort());
	const chosen = $derived(
		all.filter(
			(f) =>
				(yarnId === ALL || f.yarnId === yarnId) && (slot === ALL || f.fed?.slot === Number(slot))
		)
	);
	const faults = $derived(chosen.map((f) => f.pin));
	const nameOf = (id: string | null) => {
		const yarn = workbench.bench.yarns.find((y) => y.id === id);
		return yarn ? `${yarn.colourName}, ${yarn.name}` : 'not kept';
	};
	const fed = $derived(faultsFed(all));
	const counts = $derived(faultsByPin(faults, machine.pins));
	const most = $derived(Math.max(1, ...counts));
	const named = $derived(new Set(suspectPins(faults, machine.pins).map((s) => s.pin - 1)));
	const [INNER, OUTER, SIZE] = [70, 140, 330];
	const step = $derived((2 * Math.PI) / machine.pins);
	// The first pin stands at the top; the ring is read the way its pins are numbered.
	const turn = $derived(machine.turns === 'clockwise' ? 1 : -1);
	const angle = (i: number) => turn * i * step;
	const bar = (i: number, n: number) =>
		arc()({
			innerRadius: INNER,
			outerRadius: INNER + ((OUTER - INNER) * n) / most,
			startAngle: angle(i) - step * 0.42,
			endAngle: angle(i) + step * 0.42
		}) ?? '';
	const every = $derived(Math.max(1, Math.round(machine.pins / 12)));
	const shown = $derived(
		counts.flatMap((n, i) => (n > 0 ? [{ i, n, pin: pinNumber(machine, i) }] : []))
	);
</script>

<section aria-labelledby="fault-ring">
	<h3 id="fault-ring" class="mb-1 text-lg">Faults round the ring of {machine.pins} pins</h3>
	{#if all.length === 0}
		<p class="quiet">
			No fault was noted on this ring yet. Each one that is noted at the crank stands here at its
			pin, and a pin that faults more than chance is named.
		</p>
	{:else}
		{#if yarnsHere.length + slotsHere.length > 2}
			<div class="no-print mb-2 flex flex-wrap gap-4">
				<label class="flex items-center gap-2 text-sm"
					>Yarn
					<select class="select select-sm w-auto" bind:value={yarnId}>
						<option value={ALL}>every yarn</option>
						{#each yarnsHere as y (y)}<option value={y}>{nameOf(y)}</option>{/each}
					</select></label
				>
				<label class="flex items-center gap-2 text-sm"
					>Slot
					<select class="select select-sm w-auto" bind:value={slot}>
						<option value={ALL}>every slot</option>
						{#each slotsHere as s (s)}<option value={String(s)}>{s === 0 ? 'none' : s}</option
							>{/each}
					</select></label
				>
			</div>
		{/if}
		<div class="flex flex-wrap items-center gap-6">
			<svg
				viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
				class="w-full max-w-[22rem]"
				role="img"
				aria-label={`Faults by pin: ${shown.map((s) => `${s.n} at pin ${s.pin}`).join(', ')}`}
			>
				<circle r={INNER} fill="none" class="stroke-base-content/60" stroke-width="1.5" />
				<circle r={OUTER} fill="none" class="stroke-base-content/15" />
				{#each counts as n, i (i)}
					{#if n > 0}<path
							d={bar(i, n)}
							class={named.has(i) ? 'fill-error' : 'fill-base-content'}
						/>{/if}
					{#if i % every === 0}<text
							x={(OUTER + 12) * Math.sin(angle(i))}
							y={-(OUTER + 12) * Math.cos(angle(i)) + 4}
							text-anchor="middle"
							class="axis">{pinNumber(machine, i)}</text
						>{/if}
				{/each}
				<text text-anchor="middle" y="-2" class="axis">{faults.length} faults</text>
				<text text-anchor="middle" y="16" class="axis">outer ring: {most}</text>
			</svg>
			<p class="max-w-xs text-sm">
				{#if named.size > 0}
					<span class="text-error font-semibold"
						>Pin {[...named].map((i) => pinNumber(machine, i)).join(' and ')} faults more than chance.</span
					> Look at it before the next run.
				{:else}
					No pin faults more than chance explains.
				{/if}
			</p>
		</div>
		<DataTable
			name={`Faults on ${machine.pins} pins`}
			heads={['Pin', 'Faults']}
			rows={shown.map((s) => [s.pin, s.n])}
		/>
		<DataTable
			name={`Faults by yarn and feeding on ${machine.pins} pins`}
			title="By yarn and feeding"
			heads={['Yarn', 'Fed', 'Faults']}
			rows={fed.map((f) => [nameOf(f.yarnId), f.fed ? wordFedFrom(f.fed) : 'not kept', f.faults])}
		/>
	{/if}
</section>
