<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import UndoRedo from '../parts/UndoRedo.svelte';
	import { notices } from '$lib/ui/state/notices.svelte';
	import { markerPin } from '$lib/core/bench/machine/ring';
	import { pinNumber } from '$lib/core/model/pin-number';
	import { MACHINE_PRESETS } from '$lib/core/bench/machine/presets';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { onMount } from 'svelte';
	import { suspectPins } from '$lib/core/learn/pin-faults';
	import { faultPins } from '$lib/store/runs';
	import { newId } from '$lib/store/store';
	import Dialog from '../parts/Dialog.svelte';
	import Ring from '../pictures/Ring.svelte';
	import { beginProject } from '../state/projects';
	import { useWorkbench } from '../state/workbench.svelte';
	import MachineForm from './MachineForm.svelte';
	import FirstSwatch from './FirstSwatch.svelte';
	import PairPanel from './PairPanel.svelte';
	import Stash from './stash/Stash.svelte';
	import { BenchChoice } from './choice.svelte';
	import YarnForm from './YarnForm.svelte';
	import { yarnsOfProject } from '$lib/core/recipe/uses';
	import { firstYarn } from './defaults';

	const workbench = useWorkbench();
	const choice = new BenchChoice(page.url.searchParams);
	let editing = $state<'machine' | 'yarn' | null>(null);

	const current = $derived(workbench.project(workbench.settings.currentProject ?? ''));
	const machines = $derived([...workbench.records.machines].sort((a, b) => a.pins - b.pins));
	const yarns = $derived(
		[...workbench.records.yarns].sort(
			(a, b) => a.name.localeCompare(b.name) || a.colourName.localeCompare(b.colourName)
		)
	);
	const machine = $derived(
		machines.find((m) => m.id === choice.machineId) ??
			machines.find((m) => m.id === current?.machineId) ??
			machines.at(-1)
	);
	const currentYarns = $derived(current ? yarnsOfProject(current) : []);
	const yarn = $derived(
		yarns.find((y) => y.id === choice.yarnId) ??
			yarns.find((y) => currentYarns.includes(y.id)) ??
			yarns[0]
	);

	// Read once a visit: faults are noted at the crank, not here.
	let faulted = $state.raw<ReadonlyMap<string, number[]>>(new Map());
	onMount(() => {
		faultPins(workbench.db).then(
			(pins) => (faulted = pins),
			() => undefined
		);
	});
	const suspects = $derived(
		machine ? suspectPins(faulted.get(machine.id) ?? [], machine.pins) : []
	);

	async function addMachine(preset: (typeof MACHINE_PRESETS)[number]) {
		const same = machines.filter((m) => m.pins === preset.pins).length;
		const name = same ? `${preset.name}, no. ${same + 1}` : preset.name;
		const added: Machine = { ...preset, id: newId() as Machine['id'], name };
		await workbench.putMachine(added);
		choice.set({ machineId: added.id });
		editing = 'machine';
	}
	// A plan that wants another yarn leads here to add it.
	onMount(() => {
		if (page.url.searchParams.get('add') === 'yarn') void addYarn();
	});
	async function addYarn() {
		const added = firstYarn(newId() as Yarn['id'], yarns.length);
		await workbench.putYarn(added);
		choice.set({ yarnId: added.id });
		editing = 'yarn';
	}
	async function removeMachine(m: Machine) {
		editing = null;
		await workbench.remove('machines', m);
		void notices.say(`${m.name} taken off the bench`, {
			label: 'Put it back',
			onClick: () => void workbench.putMachine(m)
		});
	}
	async function removeYarn(y: Yarn) {
		editing = null;
		await workbench.remove('yarns', y);
		void notices.say(`${y.name}, ${y.colourName} taken off the bench`, {
			label: 'Put it back',
			onClick: () => void workbench.putYarn(y)
		});
	}
	function onkeydown(e: KeyboardEvent) {
		const typing =
			e.target instanceof HTMLElement &&
			e.target.matches('input:not([type=radio]):not([type=checkbox]), textarea');
		if (e.key === '/' && !typing) {
			const field = document.querySelector<HTMLElement>('input[type=search]');
			if (field) e.preventDefault();
			field?.focus();
		}
	}
	async function startHat() {
		const project = await beginProject(workbench.bench, 'lined-hat', {
			machineId: machine?.id,
			yarnId: yarn?.id,
			usual: workbench.settings.waste
		});
		if (!project) return;
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
</script>

<svelte:window {onkeydown} />

<h1 class="sr-only">Bench</h1>
<section aria-labelledby="machines-title">
	<div class="mb-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
		<h2 id="machines-title" class="text-xl">Machines</h2>
		{#if machines.length === 0}<p class="quiet">
				Which one do you crank? Choose its pins; everything can be corrected.
			</p>{/if}
		<div class="ml-auto flex flex-wrap items-center gap-1">
			<span class="hint">Add one with</span>
			{#each MACHINE_PRESETS as p (p.pins)}
				<button
					class="btn btn-sm"
					onclick={() => addMachine(p)}
					aria-label={`Add a machine of ${p.pins} pins`}>{p.pins}</button
				>
			{/each}
			<span class="hint mr-3">pins</span>
			<UndoRedo steps={workbench.history} small />
		</div>
	</div>
	<div class="flex flex-wrap items-end gap-x-8 gap-y-2">
		<ul class="flex flex-wrap items-end gap-x-6 gap-y-2">
			{#each machines as m (m.id)}
				{@const on = m.id === machine?.id}
				<li class="flex items-end gap-2">
					<button
						class={[
							'flex items-center gap-3 rounded-[5px] border-[1.5px] px-2 py-1 text-left',
							on ? 'border-base-content bg-base-200' : 'hover:bg-base-200 border-transparent'
						]}
						aria-pressed={on}
						onclick={() => choice.set({ machineId: m.id })}
					>
						<Ring
							pins={m.pins}
							marker={markerPin(m)}
							firstPin={m.firstPin}
							size={34 + m.pins * 0.75}
							loaded={false}
							suspects={m.id === machine?.id ? suspects.map((x) => x.pin) : []}
						/>
						<span>
							<span class="figure block text-3xl leading-8 font-semibold">{m.pins}</span>
							<span class="hint block max-w-32">{m.name}</span>
							<span class="hint block"
								>{m.counter === 'none'
									? 'no counter'
									: m.counter === 'tube'
										? 'counts tubes'
										: 'counts all'}</span
							>
						</span>
					</button>
					{#if on}<button
							class="btn btn-sm"
							onclick={() => (editing = 'machine')}
							aria-label={`Change ${m.name}`}>Change</button
						>{/if}
				</li>
			{/each}
		</ul>
		{#each suspects.slice(0, 2) as s (s.pin)}
			<p class="border-warning max-w-md border-l-4 pl-3 text-sm">
				<b>Pin {machine ? pinNumber(machine, s.pin - 1) : s.pin} faults more than chance:</b>
				{s.faults} of the {s.of} faults noted on this machine were there. Were all pins alike, so many
				at any one would come {s.chance < 0.001
					? 'less than once in 1000 times'
					: `about once in ${Math.round(1 / s.chance)} times`}. Look whether it is bent, rough or
				clogged.
			</p>
		{/each}
	</div>
</section>

<div class="rule-line mt-4 grid gap-x-8 gap-y-6 border-t pt-3 lg:grid-cols-[22.5rem_1fr]">
	<Stash
		{machine}
		{yarn}
		onchoose={(y) => choice.set({ yarnId: y.id })}
		onedit={() => (editing = 'yarn')}
		onadd={addYarn}
	/>

	{#if machine && yarn}
		<PairPanel {machine} {yarn} {choice} onstart={startHat} />
	{:else}
		<FirstSwatch lacks={machine ? 'yarn' : 'machine'} />
	{/if}
</div>

{#if editing === 'machine' && machine}
	<Dialog open wide title={machine.name} onclose={() => (editing = null)}>
		<MachineForm
			{machine}
			onchange={workbench.putMachine}
			onremove={() => removeMachine(machine)}
			ondone={() => (editing = null)}
		/>
	</Dialog>
{:else if editing === 'yarn' && yarn}
	<Dialog open wide title={`${yarn.name}, ${yarn.colourName}`} onclose={() => (editing = null)}>
		<YarnForm
			{yarn}
			onchange={workbench.putYarn}
			onremove={() => removeYarn(yarn)}
			ondone={() => (editing = null)}
		/>
	</Dialog>
{/if}
