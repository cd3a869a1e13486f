<script lang="ts">
	import { goto } from '$app/navigation';
	import { teller } from '$lib/ui/state/tell.svelte';
	import { markerPin } from '$lib/core/machine/ring';
	import { MACHINE_PRESETS } from '$lib/core/machine/presets';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { printValue } from '$lib/core/quantity/print';
	import { newId } from '$lib/store/store';
	import Dialog from '../parts/Dialog.svelte';
	import Ring from '../pictures/Ring.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import { newHat } from '../state/projects';
	import { useWorkbench } from '../state/workbench.svelte';
	import MachineForm from './MachineForm.svelte';
	import SwatchPanel from './SwatchPanel.svelte';
	import YarnForm from './YarnForm.svelte';
	import { firstYarn } from './defaults';

	const workbench = useWorkbench();
	let chosenMachine = $state<string | null>(null);
	let chosenYarn = $state<string | null>(null);
	let editing = $state<'machine' | 'yarn' | null>(null);
	let find = $state('');

	const current = $derived(workbench.project(workbench.settings.currentProject ?? ''));
	const machines = $derived([...workbench.records.machines].sort((a, b) => a.pins - b.pins));
	const yarns = $derived(
		[...workbench.records.yarns].sort(
			(a, b) => a.name.localeCompare(b.name) || a.colourName.localeCompare(b.colourName)
		)
	);
	const shownYarns = $derived(
		yarns.filter((y) =>
			`${y.name} ${y.colourName}`.toLowerCase().includes(find.trim().toLowerCase())
		)
	);
	const machine = $derived(
		machines.find((m) => m.id === chosenMachine) ??
			machines.find((m) => m.id === current?.machineId) ??
			machines.at(-1)
	);
	const currentYarns = $derived(current ? JSON.stringify(current.wish.scheme) : '');
	const yarn = $derived(
		yarns.find((y) => y.id === chosenYarn) ??
			yarns.find((y) => currentYarns.includes(y.id)) ??
			yarns[0]
	);

	async function addMachine(preset: (typeof MACHINE_PRESETS)[number]) {
		const same = machines.filter((m) => m.pins === preset.pins).length;
		const name = same ? `${preset.name}, no. ${same + 1}` : preset.name;
		const added: Machine = { ...preset, id: newId() as Machine['id'], name };
		await workbench.putMachine(added);
		chosenMachine = added.id;
		editing = 'machine';
	}
	async function addYarn() {
		const added = firstYarn(newId() as Yarn['id'], yarns.length);
		await workbench.putYarn(added);
		chosenYarn = added.id;
		editing = 'yarn';
	}
	async function removeMachine(m: Machine) {
		editing = null;
		await workbench.db.machines.delete(m.id);
		void teller.say(`${m.name} taken off the bench`, {
			label: 'Put it back',
			onClick: () => void workbench.putMachine(m)
		});
	}
	async function removeYarn(y: Yarn) {
		editing = null;
		await workbench.db.yarns.delete(y.id);
		void teller.say(`${y.name}, ${y.colourName} taken off the bench`, {
			label: 'Put it back',
			onClick: () => void workbench.putYarn(y)
		});
	}
	async function startHat() {
		const project = newHat(workbench.bench, { machineId: machine?.id, yarnId: yarn?.id });
		if (!project) return;
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
</script>

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
					class="act act-small"
					onclick={() => addMachine(p)}
					aria-label={`Add a machine of ${p.pins} pins`}>{p.pins}</button
				>
			{/each}
			<span class="hint">pins</span>
		</div>
	</div>
	<ul class="flex flex-wrap items-end gap-x-6 gap-y-2">
		{#each machines as m (m.id)}
			{@const on = m.id === machine?.id}
			<li class="flex items-end gap-2">
				<button
					class={[
						'flex items-center gap-3 rounded-[5px] border-[1.5px] p-2 text-left',
						on ? 'border-base-content bg-base-200' : 'hover:bg-base-200 border-transparent'
					]}
					aria-pressed={on}
					onclick={() => (chosenMachine = m.id)}
				>
					<Ring pins={m.pins} marker={markerPin(m)} size={46 + m.pins} loaded={false} />
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
						class="act act-small"
						onclick={() => (editing = 'machine')}
						aria-label={`Change ${m.name}`}>Change</button
					>{/if}
			</li>
		{/each}
	</ul>
</section>

<div
	class="rule-line mt-4 grid gap-x-8 gap-y-6 border-t pt-3 lg:grid-cols-[minmax(17rem,25rem)_1fr]"
>
	<section aria-labelledby="yarns-title">
		<div class="mb-2 flex items-center gap-2">
			<h2 id="yarns-title" class="text-xl">Yarns</h2>
			{#if yarns.length > 8}
				<input
					class="field ml-auto max-w-36"
					placeholder="Find"
					aria-label="Find a yarn"
					bind:value={find}
				/>
			{/if}
			<button class={['act act-small', yarns.length <= 8 && 'ml-auto']} onclick={addYarn}
				>Add a yarn</button
			>
		</div>
		{#if yarns.length === 0}
			<p class="quiet">
				The hint says most of it: metres, grams, fibre. Add the one you want to start with.
			</p>
		{/if}
		<ul class="max-h-[26rem] overflow-y-auto pr-1">
			{#each shownYarns as y (y.id)}
				{@const on = y.id === yarn?.id}
				<li class="flex items-center gap-2">
					<button
						class={[
							'flex min-w-0 flex-1 items-center gap-2 rounded-[5px] border-[1.5px] py-0.5 pr-2 text-left',
							on ? 'border-base-content bg-base-200' : 'hover:bg-base-200 border-transparent'
						]}
						aria-pressed={on}
						onclick={() => (chosenYarn = y.id)}
					>
						<YarnCake
							colour={y.colour}
							grams={y.gramsOnHand}
							ballGrams={y.ballGrams}
							strands={y.strands}
							size={52}
						/>
						<span class="min-w-0 flex-1">
							<span class="block truncate font-semibold">{y.colourName}</span>
							<span class="hint block truncate"
								>{y.name}, class {y.weightClass}{y.strands > 1
									? `, ${y.strands} strands`
									: ''}</span
							>
						</span>
						<span class="figure text-sm whitespace-nowrap"
							>{printValue(y.gramsOnHand, 'mass', workbench.units)}</span
						>
					</button>
					{#if on}<button
							class="act act-small"
							onclick={() => (editing = 'yarn')}
							aria-label={`Change ${y.name}, ${y.colourName}`}>Change</button
						>{/if}
				</li>
			{/each}
		</ul>
	</section>

	{#if machine && yarn}
		{#key `${machine.id} ${yarn.id} ${yarn.strands}`}
			<SwatchPanel {machine} {yarn} onstart={startHat} />
		{/key}
	{:else}
		<p class="quiet self-start pt-8">
			{machine
				? 'Add a yarn: then the two can meet in a swatch.'
				: 'Add a machine first: its pins set the width of every tube.'}
		</p>
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
