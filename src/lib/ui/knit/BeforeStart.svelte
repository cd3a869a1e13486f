<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { nameMake } from '$lib/core/crank/makes';
	import { markerPin, weave, wordMarker } from '$lib/core/bench/machine/ring';
	import { pinNumber } from '$lib/core/model/pin-number';
	import type { Project } from '$lib/core/model/project';
	import { isSpare } from '$lib/core/program/program';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import { eventContext } from '$lib/core/words/context';
	import { wordEvent } from '$lib/core/words/events';
	import { capital, say } from '$lib/core/quantity/say';
	import { wordStrands } from '$lib/core/words/yarn';
	import { WASTE_TAIL_CM } from '$lib/core/crank/tails';
	import Caution from '../parts/Caution.svelte';
	import Glossed from '../parts/Glossed.svelte';
	import { practiceAtCrank } from '$lib/core/practice/asked-for';
	import PracticeOffer from '../practice/PracticeOffer.svelte';
	import Ring from '../pictures/Ring.svelte';
	import type { Run } from '../state/run.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';
	import MakePicker from './MakePicker.svelte';

	interface Props {
		project: Project;
		crank: Crank;
		run: Run;
		stop: boolean;
	}
	let { project, crank, run, stop }: Props = $props();
	const workbench = useWorkbench();
	const plan = $derived(crank.plan);
	const piece = $derived(crank.piece);
	const machine = $derived(crank.machine);
	const first = $derived(entryAt(piece.sheet.legs, 0));
	const feed = $derived(
		isSpare(first.yarn)
			? { name: 'waste yarn', colour: '#9fb0b8' }
			: {
					name: entryAt(plan.yarns, first.yarn).colourName,
					colour: entryAt(plan.yarns, first.yarn).colour
				}
	);
	const castOn = $derived(piece.program.find((o) => o.op === 'cast-on'));
	const method = $derived(castOn?.method ?? 'weave');
	const low = $derived((castOn?.from ?? 0) + 1);
	const high = $derived(castOn?.to ?? machine.pins);
	const pins = $derived(high - low + 1);
	const no = (pin: number) => pinNumber(machine, pin - 1);
	const mode = $derived(piece.rowByRow.stretches[0]?.mode ?? 'tube');
	const weaving = $derived(weave(pins));
	const tail = $derived(piece.tails.find((t) => t.id === 'cast-on'));
	const s = $derived(say(workbench.units));
	const event = $derived(piece.sheet.events.find((e) => e.kind === 'cast-on'));
	const tip = $derived(event ? crank.tip(event) : null);
	const said = $derived(
		event ? wordEvent(event, eventContext(plan, machine, workbench.units)) : { how: '', also: '' }
	);
	const checks = $derived([
		{
			id: 'switch',
			text:
				mode === 'switch'
					? 'The switch stands at panel: the ring stops near the marker, and is never forced past'
					: mode === 'hand'
						? 'The switch stands at tube: you turn back by hand at each edge'
						: 'The switch stands at tube'
		},
		{ id: 'gate', text: 'The gate at the feeder is closed' },
		{ id: 'clamp', text: 'The machine is clamped to the table' },
		{
			id: 'marker',
			text:
				mode === 'tube'
					? `The marker, ${wordMarker(machine)}, the ${machine.marker} of a row, stands at the feeder`
					: `Pin ${no(low)} stands at the feeder; the panel is pins ${no(low)} to ${no(high)}`
		},
		{
			id: 'yarn',
			text:
				isSpare(first.yarn) || !tail
					? `${capital(feed.name)} runs off the ball with slack, ${s.tail(WASTE_TAIL_CM)} of tail inside the ring`
					: `${capital(`${wordStrands(plan.yarns[first.yarn]?.strands ?? 1)}${feed.name}`)} runs off the ball with slack, ${s.tail(tail.lengthCm)} of tail inside the ring`
		}
	]);
	let ticked = $state<Record<string, boolean>>({});
	let woven = $state(0);
	const allTicked = $derived(checks.every((c) => ticked[c.id]));
	const now = $derived(entryAt(weaving.steps, Math.min(woven, pins - 1)));
	const TITLES = {
		weave: 'Cast on: weave in front and behind',
		'e-wrap': 'Cast on: wrap each pin once',
		rag: 'Cast on: hang the rag’s loops'
	} as const;
	const what = $derived(
		method === 'weave'
			? now.side === 'front'
				? 'in front'
				: 'behind'
			: method === 'rag'
				? 'hang a loop'
				: 'wrap it, the loop crossed'
	);

	function onkeydown(e: KeyboardEvent) {
		if (e.target instanceof HTMLElement && e.target.matches('input, button, a, select')) return;
		if (e.key === ' ' || e.key === 'ArrowRight') {
			e.preventDefault();
			woven = Math.min(pins, woven + 1);
		} else if (e.key === 'Backspace' || e.key === 'ArrowLeft') woven = Math.max(0, woven - 1);
	}
</script>

<svelte:window {onkeydown} />
<div class="mx-auto max-w-6xl p-4 sm:p-6">
	<div class="mb-4 flex flex-wrap items-baseline gap-x-4 gap-y-1">
		<a href={`/project/${project.id}/plan`} class="btn btn-sm">Back to the plan</a>
		<h1 class="text-2xl">
			Before you crank: {project.name}{piece.count > 1 || plan.pieces.length > 1
				? `, ${nameMake(crank.make).toLowerCase()}`
				: ''}
		</h1>
		<MakePicker {crank} />
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
								class="checkbox checkbox-sm shrink-0"
								bind:checked={ticked[c.id]}
							/>
							{c.text}
						</label>
					</li>
				{/each}
			</ul>
			{#if !allTicked}
				<button
					class="btn btn-sm mt-1 ml-2"
					onclick={() => (ticked = Object.fromEntries(checks.map((c) => [c.id, true])))}
					>All five are so</button
				>
			{/if}
			<div class="mt-3 space-y-1">
				<Caution text={CAUTIONS.pinch} />
				<Caution text={CAUTIONS.strain} />
				{#if tip?.known}
					<details class="text-sm">
						<summary class="quiet cursor-pointer">Tip</summary>
						<p>{tip.text}</p>
					</details>
				{:else if tip}
					<p class="text-sm"><b>Tip:</b> {tip.text}</p>
				{/if}
			</div>
			<h2 class="mt-6 mb-1 text-xl">{TITLES[method]}</h2>
			<PracticeOffer
				what={event ? practiceAtCrank(event, pins) : null}
				name={TITLES[method]}
				plain
			/>
			{#if woven < pins}
				<p class="text-3xl">
					<span class="figure font-semibold">Pin {no(now.pin + low - 1)}</span>: {what}
				</p>
			{:else}
				<p class="text-3xl">
					{mode === 'tube' ? 'Round to the marker' : 'All on: the first row goes from here'}
				</p>
			{/if}
			<p class="quiet mt-1 mb-3"><Glossed text={`${said.how} ${said.also}`} /></p>
			<div class="flex flex-wrap gap-2">
				<button class="btn" onclick={() => (woven = Math.max(0, woven - 1))} disabled={woven === 0}
					>Back</button
				>
				<button
					class="btn"
					onclick={() => (woven = Math.min(pins, woven + 1))}
					disabled={woven >= pins}>Next pin</button
				>
				<button
					class="btn btn-accent ml-auto"
					onclick={() => run.add({ type: 'start', piece: crank.key })}
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
				firstPin={machine.firstPin}
				turns={machine.turns}
				size={380}
				at={mode === 'tube' ? 1 : low}
				loaded={false}
				inWork={mode === 'tube' ? null : { low, high }}
				weave={method === 'weave' ? woven : null}
				next={method === 'weave' ? [] : Array.from({ length: woven }, (_, i) => low + i)}
				colour={feed.colour}
				numbers
				label={`Cast-on from above: ${woven} of ${pins} pins`}
			/>
			<p class="quiet text-center text-sm">
				From above; the feeder points at you.{method === 'weave'
					? ' Outside the ring is in front of the pin.'
					: ''}
			</p>
		</div>
	</div>
</div>
