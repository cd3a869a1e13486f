<script lang="ts">
	import { goto } from '$app/navigation';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { HEAD_SIZES } from '$lib/core/model/kinds';
	import type { Longest, Possible } from '$lib/core/substitute/make-with';
	import { planner } from '$lib/worker/planner';
	import Choice from '../../parts/Choice.svelte';
	import NotWorked from '../../parts/NotWorked.svelte';
	import GramsField from '../../scale/GramsField.svelte';
	import { Asked } from '../../state/asked.svelte';
	import { HeldYarn } from '../../state/held-yarn.svelte';
	import { projectOf } from '../../state/projects';
	import { useWorkbench } from '../../state/workbench.svelte';
	import ShareBalls from './ShareBalls.svelte';

	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const held = new HeldYarn(workbench);
	const free = $derived(held.free(yarn));
	let typed = $state<number | null>(null);
	const grams = $derived(typed ?? Math.floor(free));
	let brim = $state(true);

	const asked = new Asked<readonly [readonly Possible[], readonly Longest[]]>(() => {
		const { bench } = workbench;
		const [weight, of] = [grams, yarn];
		if (held.list === null) return null;
		return () =>
			Promise.all([
				planner.ask((worker) => worker.makeWith(of, weight, bench)),
				planner.ask((worker) => worker.longestTubes(of, weight, bench))
			]);
	});
	const possible = $derived(asked.value?.[0] ?? null);
	const longest = $derived(asked.value?.[1] ?? []);
	function again() {
		held.again();
		asked.again();
	}
	const machines = $derived([...workbench.bench.machines].sort((a, b) => a.pins - b.pins));
	const cell = (machineId: string, size: (typeof HEAD_SIZES)[number]) =>
		possible?.find((p) => p.machineId === machineId && p.size === size && p.brim === brim);
	const WORDS = { sure: 'enough', close: 'just', short: 'short' } as const;

	async function start(p: Possible) {
		const project = projectOf(p.machineId, p.options);
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
</script>

<div class="flex flex-wrap items-start gap-x-8 gap-y-3">
	<GramsField
		live
		label="Grams for it"
		{grams}
		ongrams={(g) => (typed = g)}
		hint={free < yarn.gramsOnHand && typed === null
			? `${printValue(yarn.gramsOnHand - free, 'mass', units)} are held for projects`
			: undefined}
	/>
	<Choice
		label="Hat"
		value={brim ? 'brim' : 'plain'}
		options={[
			{ value: 'brim', label: 'with a brim to turn up' },
			{ value: 'plain', label: 'without' }
		]}
		onvalue={(v) => (brim = v === 'brim')}
	/>
</div>
<div class="mt-4 grid gap-x-8 gap-y-5 xl:grid-cols-[1.2fr_1fr]">
	<section aria-labelledby="hats-title" class="min-w-0">
		<h3 id="hats-title" class="mb-1 text-base">Lined hats that it makes, tails and all</h3>
		{#if possible === null}
			<NotWorked failure={asked.failure ?? held.failure} onagain={again} />
		{:else}
			<table class="w-full text-sm">
				<thead>
					<tr class="hint text-left">
						<th class="py-1 font-normal">for</th>
						{#each machines as m (m.id)}<th class="font-normal">{m.pins} pins</th>{/each}
					</tr>
				</thead>
				<tbody>
					{#each HEAD_SIZES as size (size)}
						<tr class="rule-line border-t">
							<th class="py-1 pr-2 text-left font-normal">{size}</th>
							{#each machines as m (m.id)}
								{@const p = cell(m.id, size)}
								<td class="py-0.5">
									{#if p?.sensible}
										<button
											class={[
												'w-full rounded-[5px] border-[1.5px] px-2 py-0.5 text-left',
												p.fits === 'short'
													? 'border-transparent'
													: 'border-base-content/40 hover:bg-base-200'
											]}
											disabled={p.fits === 'short'}
											onclick={() => start(p)}
											title={p.fits === 'short' ? undefined : 'Start this hat'}
										>
											<span class="figure font-semibold">{p.rows} rows</span>
											<span class={['hint block', p.fits === 'short' && 'text-error']}
												>{printWithSpread(p.grams, 'mass', units)}: {WORDS[p.fits]}</span
											>
										</button>
									{:else}
										<span class="hint px-2">no fit</span>
									{/if}
								</td>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
			<p class="hint mt-1">
				Enough in nine of ten cases; just: by the mean only. Press one to start it.
			</p>
			{#if longest.length > 0}
				<h3 class="mt-4 mb-1 text-base">Or the longest tube</h3>
				<ul class="text-sm">
					{#each longest as l (l.machineId)}
						<li class="rule-line flex justify-between gap-3 border-t py-1">
							<span><b class="figure">{l.pins}</b> pins</span>
							<span
								><b class="figure">{l.safeRows} rows</b>
								<span class="quiet"
									>surely, {printWithSpread(l.tube, 'length', units)}; {l.rows} by the mean</span
								></span
							>
						</li>
					{/each}
				</ul>
			{/if}
		{/if}
	</section>
	<ShareBalls {machine} {yarn} {grams} />
</div>
