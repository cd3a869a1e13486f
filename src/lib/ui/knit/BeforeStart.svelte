<script lang="ts">
	import { markerPin, weave } from '$lib/core/machine/ring';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { WASTE } from '$lib/core/program/program';
	import { printValue } from '$lib/core/quantity/print';
	import { CAUTIONS } from '$lib/core/words/cautions';
	import Caution from '../parts/Caution.svelte';
	import Ring from '../pictures/Ring.svelte';
	import type { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, plan, run, stop }: { project: Project; plan: Plan; run: Run; stop: boolean } =
		$props();
	const workbench = useWorkbench();
	const piece = $derived(plan.pieces[0]!);
	const machine = $derived(plan.machine);
	const first = $derived(piece.sheet.legs[0]!);
	const feed = $derived(
		first.yarn === WASTE
			? { name: 'waste yarn', colour: '#9fb0b8' }
			: { name: plan.yarns[first.yarn]!.colourName, colour: plan.yarns[first.yarn]!.colour }
	);
	const steps = $derived(weave(machine.pins));
	const tail = $derived(piece.tails.find((t) => t.id === 'cast-on'));
	const checks = $derived([
		{ id: 'switch', text: 'The switch stands at tube' },
		{ id: 'gate', text: 'The gate at the feeder is closed' },
		{ id: 'clamp', text: 'The machine is clamped to the table' },
		{
			id: 'marker',
			text: `The marker, pin ${markerPin(machine)} (the ${machine.marker} of a row), stands at the feeder`
		},
		{
			id: 'yarn',
			text: `${cap(feed.name)} runs off the ball with slack, ${printValue(20, 'length', workbench.units)} of tail inside the ring`
		}
	]);
	let ticked = $state<Record<string, boolean>>({});
	let woven = $state(0);
	const allTicked = $derived(checks.every((c) => ticked[c.id]));
	const now = $derived(steps.steps[Math.min(woven, machine.pins - 1)]!);

	function cap(s: string) {
		return s.charAt(0).toUpperCase() + s.slice(1);
	}
	function onkeydown(e: KeyboardEvent) {
		if (e.target instanceof HTMLElement && e.target.matches('input, button, a, select')) return;
		if (e.key === ' ' || e.key === 'ArrowRight') {
			e.preventDefault();
			woven = Math.min(machine.pins, woven + 1);
		} else if (e.key === 'Backspace' || e.key === 'ArrowLeft') woven = Math.max(0, woven - 1);
	}
</script>

<svelte:window {onkeydown} />
<div class="mx-auto max-w-6xl p-4 sm:p-6">
	<div class="mb-4 flex flex-wrap items-baseline gap-x-4 gap-y-1">
		<a href={`/project/${project.id}/plan`} class="act act-small">Back to the plan</a>
		<h1 class="text-2xl">Before you crank: {project.name}</h1>
	</div>
	{#if stop}
		<p class="border-error mb-4 border-l-4 pl-3">
			The plan has a finding that says stop. <a
				class="underline"
				href={`/project/${project.id}/plan`}>Settle it first</a
			>, or the piece will not come out as drawn.
		</p>
	{/if}
	<div class="grid gap-8 md:grid-cols-[minmax(0,1fr)_auto]">
		<div>
			<ul class="space-y-1">
				{#each checks as c (c.id)}
					<li>
						<label
							class="hover:bg-base-200 flex cursor-pointer items-center gap-3 rounded-[5px] p-2 text-lg"
						>
							<input
								type="checkbox"
								class="accent-accent size-6 shrink-0"
								bind:checked={ticked[c.id]}
							/>
							{c.text}
						</label>
					</li>
				{/each}
			</ul>
			<div class="mt-3 space-y-1">
				<Caution text={CAUTIONS.pinch} />
				<Caution text={CAUTIONS.strain} />
			</div>
			<h2 class="mt-6 mb-1 text-xl">Cast on: weave in front and behind</h2>
			{#if woven < machine.pins}
				<p class="text-3xl">
					<span class="figure font-semibold">Pin {now.pin}</span>: {now.side === 'front'
						? 'in front'
						: 'behind'}
				</p>
			{:else}
				<p class="text-3xl">Round to the marker</p>
			{/if}
			<p class="quiet mt-1 mb-3">
				{machine.pins} pins, {steps.even
					? 'even: the last goes behind'
					: 'odd: the last goes in front, next to the first; that is fine'}. Leave {tail &&
				first.yarn !== WASTE
					? `a tail of ${printValue(Math.round(tail.lengthCm), 'length', workbench.units)} to gather with`
					: `a short tail; the gathering tail of ${printValue(Math.round(tail?.lengthCm ?? 0), 'length', workbench.units)} comes with the main yarn`}.
				The cast-on is not a row.
			</p>
			<div class="flex flex-wrap gap-2">
				<button class="act" onclick={() => (woven = Math.max(0, woven - 1))} disabled={woven === 0}
					>Back</button
				>
				<button
					class="act"
					onclick={() => (woven = Math.min(machine.pins, woven + 1))}
					disabled={woven >= machine.pins}>Next pin</button
				>
				<button
					class="act act-now ml-auto"
					onclick={() => run.add({ type: 'start', piece: piece.id })}
					disabled={!allTicked}
				>
					{allTicked ? 'It is cast on: start counting' : 'Tick the five checks to start'}
				</button>
			</div>
		</div>
		<div class="mx-auto">
			<Ring
				pins={machine.pins}
				marker={markerPin(machine)}
				size={380}
				loaded={false}
				weave={woven}
				colour={feed.colour}
				numbers
				label={`Weave from above: ${woven} of ${machine.pins} pins`}
			/>
			<p class="quiet text-center text-sm">
				From above; the feeder points at you. Outside the ring is in front of the pin.
			</p>
		</div>
	</div>
</div>
