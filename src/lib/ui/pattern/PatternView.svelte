<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { untrack } from 'svelte';
	import { placesOf } from '$lib/core/convert/pattern/correct';
	import { MOST_TEXT, type WrittenPattern } from '$lib/core/model/written';
	import { loadRecipe } from '$lib/core/recipe';
	import { garmentOptions } from '$lib/core/recipe/garments/options';
	import { wordHandOnly } from '$lib/core/words/written';
	import { handOnly } from '$lib/core/convert/written';
	import Choice from '../parts/Choice.svelte';
	import IconAct from '../parts/IconAct.svelte';
	import Select from '../parts/Select.svelte';
	import TextField from '../parts/TextField.svelte';
	import UndoRedo from '../parts/UndoRedo.svelte';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { notices } from '../state/notices.svelte';
	import { projectOf } from '../state/projects';
	import { useWorkbench } from '../state/workbench.svelte';
	import PatternCounts from './PatternCounts.svelte';
	import PatternGauge from './PatternGauge.svelte';
	import PatternPieces from './PatternPieces.svelte';
	import PatternSeams from './PatternSeams.svelte';
	import PatternText from './PatternText.svelte';
	import { Reading } from './reading.svelte';
	import type { Machine, Yarn } from '$lib/core/model/bench';

	let { pattern, machine, yarn }: { pattern: WrittenPattern; machine: Machine; yarn: Yarn } =
		$props();
	const workbench = useWorkbench();
	const id = $props.id();
	const reading = new Reading(() => ({
		pattern,
		machine,
		yarn,
		bench: workbench.bench,
		units: workbench.units
	}));
	const put = (patch: Partial<WrittenPattern>) =>
		void workbench.putPattern({ ...($state.snapshot(pattern) as WrittenPattern), ...patch });
	let editing = $state(untrack(() => pattern.text.trim() === ''));
	const machines = $derived([...workbench.records.machines].sort((a, b) => a.pins - b.pins));
	const show = (patch: { machine?: string; yarn?: string }) => {
		const now = { machine: machine.id as string, yarn: yarn.id as string, ...patch };
		void goto(`${page.url.pathname}?${new URLSearchParams(now)}`, {
			replaceState: true,
			noScroll: true,
			keepFocus: true
		});
	};
	const lost = $derived(
		pattern.corrections.filter((c) => placesOf(pattern.text, [c]).length === 0)
	);
	const byHand = $derived(handOnly(pattern.text));
	async function remove() {
		const before = $state.snapshot(pattern) as WrittenPattern;
		await workbench.remove('patterns', before);
		void notices.say(`${before.name} taken off the bench`, {
			label: 'Put it back',
			onClick: () => void workbench.putPattern(before)
		});
		await goto('/bench?show=written');
	}
	async function make() {
		const { options } = reading;
		if (!options) return;
		await loadRecipe('free-garment');
		const parsed = garmentOptions('free-garment').safeParse(options);
		if (!parsed.success) {
			void notices.warn('These pieces do not make a project yet: see what needs you in the text.');
			return;
		}
		const project = {
			...projectOf(machine.id, parsed.data as never),
			name: pattern.name,
			pattern: $state.snapshot(pattern) as WrittenPattern
		};
		await workbench.addProject(project);
		await goto(`/project/${project.id}/plan`);
	}
</script>

<div class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
	<h1 class="sr-only">Written pattern {pattern.name}</h1>
	<div class="field-title w-full max-w-[24rem]">
		<TextField
			label="Written pattern"
			value={pattern.name}
			example="Lantern watch slipover"
			onvalue={(name) => put({ name })}
		/>
	</div>
	<div class="w-44">
		<Select
			label="Knitted on"
			value={machine.id}
			options={machines.map((m) => ({ value: m.id, label: m.name }))}
			onvalue={(m) => show({ machine: m })}
		/>
	</div>
	<div class="w-56">
		<Select
			label="In"
			value={yarn.id}
			options={workbench.records.yarns.map((y) => ({
				value: y.id,
				label: `${y.colourName}, ${y.name}`
			}))}
			onvalue={(y) => show({ yarn: y })}
		/>
	</div>
	<div class="no-print ml-auto flex items-center gap-1">
		<a class="btn btn-sm" href={`/bench?yarn=${yarn.id}&show=written`}>All patterns</a>
		<UndoRedo steps={workbench.history} />
		<IconAct
			icon={Trash2}
			label="Take it off the bench"
			tip="Take it off the bench"
			onclick={remove}
		/>
	</div>
</div>

<div class="grid gap-x-10 gap-y-6 xl:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]">
	<section class="min-w-0" aria-labelledby={`${id}-text`}>
		<div class="mb-2 flex flex-wrap items-baseline gap-x-3 gap-y-1">
			<h2 id={`${id}-text`} class="text-xl">Its text</h2>
			{#if pattern.text.trim() !== ''}
				<button class="btn btn-sm" onclick={() => (editing = !editing)}
					>{editing ? 'See how it was read' : 'Change the text'}</button
				>
			{/if}
		</div>
		{#if reading.read.sizes > 1}
			<div class="mb-2">
				<Choice
					label="Size"
					value={Math.min(pattern.size, reading.read.sizes - 1)}
					options={reading.sizes.map((label, value) => ({ value, label }))}
					onvalue={(size) => put({ size })}
				/>
			</div>
		{/if}
		{#if editing || pattern.text.trim() === ''}
			<label class="hint mb-0.5 block" for={`${id}-words`}>Its words, as they stand</label>
			<textarea
				id={`${id}-words`}
				class="textarea w-full"
				rows="18"
				maxlength={MOST_TEXT}
				placeholder="Paste it here, all of it. Back. Cast on 46 sts. Work 40 rows. Cast off 3 sts at beg of next 2 rows. Dec 1 st at each end of every alt row until 32 sts rem."
				value={pattern.text}
				oninput={(e) => put({ text: e.currentTarget.value })}></textarea>
			<p class="hint">
				{pattern.text.length} of {MOST_TEXT} letters. It stays as you paste it.
			</p>
		{:else}
			<PatternText {reading} oncorrect={(corrections) => put({ corrections })} />
		{/if}
		{#each lost as c (`${c.words} ${c.nth}`)}
			<p class="text-warning mt-2 text-sm">
				What you said of “{c.words.slice(0, 80)}” waits: those words are not in the text any more.
				<button
					class="btn btn-sm"
					onclick={() => put({ corrections: pattern.corrections.filter((x) => x !== c) })}
					>Take it back</button
				>
			</p>
		{/each}
		<label class="hint mt-4 mb-0.5 block" for={`${id}-note`}>Notes, kept with it</label>
		<textarea
			id={`${id}-note`}
			class="textarea w-full"
			rows="2"
			maxlength="2000"
			value={pattern.note}
			oninput={(e) => put({ note: e.currentTarget.value })}></textarea>
	</section>
	<div class="grid min-w-0 content-start gap-6">
		<section aria-labelledby={`${id}-gauge`}>
			<h2 id={`${id}-gauge`} class="mb-1 text-xl">Both gauges</h2>
			<PatternGauge {reading} onchange={put} />
		</section>
		<section aria-labelledby={`${id}-pieces`}>
			<h2 id={`${id}-pieces`} class="mb-1 text-xl">Its pieces</h2>
			<PatternPieces {reading} onchange={put} />
		</section>
		<section aria-labelledby={`${id}-seams`}>
			<h2 id={`${id}-seams`} class="mb-1 text-xl">What is sewn to what</h2>
			<PatternSeams {reading} onchange={put} onmake={make} />
		</section>
		<details class="rule-line border-t pt-2">
			<summary class="cursor-pointer text-xl">Its counts, one by one</summary>
			<div class="mt-2"><PatternCounts {reading} onchange={put} /></div>
		</details>
		{#if byHand.length > 0}
			<div class="border-warning border-l-4 pl-3 text-sm">
				<p class="font-semibold">Not done by cranking:</p>
				<ul>
					{#each byHand as h (h)}<li>{wordHandOnly(h)}</li>{/each}
				</ul>
			</div>
		{/if}
	</div>
</div>
