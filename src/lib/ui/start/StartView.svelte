<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import Check from '@lucide/svelte/icons/check';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { yarnIn } from '$lib/core/bench/yarn/usual';
	import { newId } from '$lib/store/store';
	import { MACHINE_PRESETS, presetOf } from '$lib/core/bench/machine/presets';
	import { COLOUR_NAMES, FIRST_COLOURS } from '$lib/core/bench/yarn/colour-names';
	import { WEIGHT_CLASSES } from '$lib/core/bench/yarn/weight-class';
	import type { Offer } from '$lib/core/gallery/offer';
	import { parseGrams } from '$lib/core/quantity/parse';
	import { printValue, printWithSpread, printYarnFine } from '$lib/core/quantity/print';
	import { rowsWord } from '$lib/core/quantity/say';
	import { entryOf, nameOf } from '$lib/core/recipe';
	import { planner } from '$lib/worker/planner';
	import NumberField from '../parts/NumberField.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import ThingPicture from '../pictures/ThingPicture.svelte';
	import { beginProject } from '../state/projects';
	import { between, labelMetres } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	/** A first thing, from three answers: what, on which ring, in which yarn. All else is asked when it matters. */
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const asked = page.url.searchParams.get('what') ?? '';
	const what = entryOf(asked) ? asked : 'lined-hat';
	const ownMachines = $derived(workbench.bench.machines);
	const ownYarns = $derived(workbench.bench.yarns);
	const USUAL_PINS = 46;
	let pins = $state(USUAL_PINS);
	let another = $state(false);
	/** Colours by name, in the order they were taken. */
	let colours = $state<string[]>(['teal']);
	let weightClass = $state(4);
	let metres = $state<number | null>(null);
	let grams = $state(200);
	let busy = $state(false);

	const MOST_COLOURS = 3;
	function take(name: string) {
		if (!colours.includes(name)) colours = [...colours, name].slice(-MOST_COLOURS);
		else if (colours.length > 1) colours = colours.filter((c) => c !== name);
	}
	const length = $derived(labelMetres(units));
	const weight = $derived((t: string) => between('mass', units, 1, 20000)(parseGrams(t)));
	const machine = $derived(
		ownMachines.at(-1) ?? { ...presetOf(pins), id: newId() as Machine['id'] }
	);
	const yarns = $derived(
		ownYarns.length > 0
			? ownYarns
			: colours.map((c) =>
					yarnIn(newId() as Yarn['id'], c, { name: c, weightClass, metresPer100g: metres, grams })
				)
	);
	const bench = $derived({ ...workbench.bench, machines: [machine], yarns });
	let offer = $state.raw<Offer | null>(null);
	$effect(() => {
		const of = bench;
		let current = true;
		planner.offer(what, of, { inAll: true }).then(
			(found) => {
				if (current) offer = found;
			},
			() => undefined
		);
		return () => (current = false);
	});

	async function begin() {
		busy = true;
		if (ownMachines.length === 0) await workbench.putMachine(machine);
		if (ownYarns.length === 0) for (const y of yarns) await workbench.putYarn(y);
		const project = await beginProject(bench, what, {
			inAll: true,
			usual: workbench.settings.waste
		});
		if (project) {
			await workbench.addProject(project);
			await goto(`/project/${project.id}/plan`);
		}
		busy = false;
	}
	const px = $derived(
		offer ? Math.min(11, 380 / offer.thing.widthCm, 330 / offer.thing.heightCm) : 1
	);
</script>

<div class="grid gap-x-12 gap-y-6 pt-2 lg:grid-cols-[minmax(0,1fr)_26rem]">
	<div>
		<h1 class="figure mb-5 text-3xl">{nameOf(what)}: on which ring, in which yarn?</h1>
		<section class="mb-6" aria-labelledby="ring-title">
			<h2 id="ring-title" class="mb-2 text-lg">Your ring</h2>
			{#if ownMachines.length > 0}
				<p>{machine.name}, from your bench.</p>
			{:else}
				<div class="flex flex-wrap items-end gap-2" role="group" aria-label="Pins of your ring">
					{#each MACHINE_PRESETS as m (m.pins)}
						<button
							class="btn figure text-xl"
							aria-pressed={!another && pins === m.pins}
							onclick={() => {
								another = false;
								pins = m.pins;
							}}>{m.pins}<span class="sr-only"> pins</span></button
						>
					{/each}
					<button class="btn" aria-pressed={another} onclick={() => (another = true)}
						>another</button
					>
					{#if another}
						<div class="w-32">
							<NumberField
								label="Pins"
								of="pins"
								value={pins}
								min={4}
								max={200}
								live
								onvalue={(v) => (pins = v)}
							/>
						</div>
					{/if}
				</div>
				<p class="hint mt-1">
					Count its pins. Switch, marker and counter are asked when they matter.
				</p>
			{/if}
		</section>
		<section aria-labelledby="yarn-title">
			<h2 id="yarn-title" class="mb-2 text-lg">Your yarn</h2>
			{#if ownYarns.length > 0}
				<p>
					{ownYarns
						.slice(0, 3)
						.map((y) => y.colourName)
						.join(', ')}{ownYarns.length > 3 ? ` and ${ownYarns.length - 3} more` : ''}, from your
					bench.
				</p>
			{:else}
				<div class="mb-3 flex flex-wrap gap-2" role="group" aria-label="Colours, one to three">
					{#each FIRST_COLOURS as c (c)}
						<button
							class="btn h-11 min-w-24 justify-start gap-2 px-2 font-normal"
							aria-pressed={colours.includes(c)}
							onclick={() => take(c)}
						>
							<span
								class="border-base-content/60 grid size-6 shrink-0 place-items-center rounded-[4px] border-[1.5px]"
								style:background={COLOUR_NAMES[c]}
							></span>{c}{#if colours.includes(c)}<Check size={16} aria-hidden="true" />{/if}
						</button>
					{/each}
				</div>
				<div class="grid max-w-xl grid-cols-2 gap-3 sm:grid-cols-3">
					<Select
						label="Weight"
						value={String(weightClass)}
						options={WEIGHT_CLASSES.map((c) => ({
							value: String(c.class),
							label: `${c.class} ${c.name}`
						}))}
						onvalue={(v) => (weightClass = Number(v))}
					/>
					<QuantityField
						label="Label: length of 100 g"
						text={metres === null ? '' : printYarnFine(metres, units, units === 'cm' ? 1 : 0)}
						placeholder="usual for its weight"
						parse={length}
						live
						onvalue={(t) => {
							const r = length(t);
							if (r.ok) metres = r.value;
						}}
						onempty={() => (metres = null)}
					/>
					<QuantityField
						label="On hand, each"
						text={printValue(grams, 'mass', units)}
						parse={weight}
						live
						onvalue={(t) => {
							const r = weight(t);
							if (r.ok) grams = r.value;
						}}
					/>
				</div>
				<p class="hint mt-1">The first colour is the main one. 105 m / 50 g is read too.</p>
			{/if}
		</section>
	</div>
	<div class="flex flex-col items-center gap-3">
		<div class="flex h-[340px] w-full items-end justify-center">
			{#if offer}
				<ThingPicture
					thing={offer.thing}
					colours={offer.colours}
					{px}
					label={`${nameOf(what)}, as it would be`}
				/>
			{:else}<span class="skeleton block h-56 w-56"></span>{/if}
		</div>
		<p class="min-h-[3.2em] text-center" role="status">
			{#if offer}
				<b class="figure text-xl">{rowsWord(offer.rows)}</b> ·
				{printWithSpread(offer.minutes, 'minutes', units)} ·
				{printWithSpread(offer.grams, 'mass', units)}
			{/if}
		</p>
		<button
			class="btn btn-accent w-full max-w-xs text-lg"
			disabled={busy}
			onclick={() => void begin()}>Plan it</button
		>
	</div>
</div>
