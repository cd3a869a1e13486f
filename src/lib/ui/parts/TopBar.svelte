<script lang="ts">
	import { page } from '$app/state';
	import { progressOf } from '$lib/core/crank/makes';
	import { foldRun } from '$lib/core/crank/run';
	import type { RunEvent } from '$lib/core/model/project';
	import { yarnsOf } from '$lib/core/recipe/uses';
	import { entryAt } from '$lib/core/quantity/sure';
	import { UNITS } from '$lib/core/quantity/units';
	import { useWorkbench } from '../state/workbench.svelte';
	import { doneOf, stationsFor } from '../state/stations';
	import Strand from './Strand.svelte';

	let { onkeys }: { onkeys: () => void } = $props();
	const workbench = useWorkbench();
	const project = $derived(
		workbench.project(page.params.id ?? workbench.settings.currentProject ?? '')
	);
	const colour = $derived.by(() => {
		const id = project && yarnsOf(project.options)[0];
		return workbench.records.yarns.find((y) => y.id === id)?.colour ?? '#6f8f9c';
	});
	let events = $state.raw<readonly RunEvent[] | null>(null);
	$effect(() => {
		const id = project?.id;
		events = null;
		return id ? workbench.liveEvents(id, (found) => (events = found)) : undefined;
	});
	const run = $derived.by(() => {
		if (!project || !events) return null;
		const planned = workbench.planOf(project);
		if (!planned?.ok) return null;
		const { started, off } = progressOf(planned.pieces, events);
		return { started, off, steps: foldRun(events).steps };
	});
	const stations = $derived(
		stationsFor(
			page.url.pathname,
			project,
			doneOf(
				run,
				workbench.records.machines.length > 0 && workbench.records.yarns.length > 0,
				workbench.records.results.some((r) => r.projectId === project?.id)
			)
		)
	);
	const UNIT_WORDS = {
		cm: { short: 'cm', long: 'centimetres' },
		in: { short: 'in', long: 'inches, to the tenth' },
		'in-8': { short: 'in ⅛', long: 'inches, to the eighth' }
	} as const;
	const nextUnits = $derived(entryAt(UNITS, (UNITS.indexOf(workbench.units) + 1) % UNITS.length));
	const themes = { auto: 'light', light: 'dark', dark: 'auto' } as const;
</script>

<header class="no-print rule-line border-b px-4 sm:px-6">
	<div class="mx-auto flex max-w-[1400px] items-center gap-x-5 gap-y-1 max-sm:flex-wrap">
		<a
			href="/"
			class="py-2 no-underline"
			aria-current={page.url.pathname === '/' ? 'page' : undefined}
			title="The shelf: all projects"
		>
			<span class="figure block text-2xl leading-6 font-extrabold tracking-tight">Tomble</span>
			<span class="hint block"
				>{project && page.url.pathname !== '/' ? 'to the shelf' : 'the shelf'}</span
			>
		</a>
		<Strand {stations} {colour} />
		<div class="ml-auto flex items-center gap-1">
			<button
				class="act act-small"
				onclick={() => workbench.set({ units: nextUnits })}
				title="Show lengths in centimetres, or in inches to the tenth or the eighth"
				aria-label={`Lengths in ${UNIT_WORDS[workbench.units].long}; press for ${UNIT_WORDS[nextUnits].long}`}
				>{UNIT_WORDS[workbench.units].short}</button
			>
			<button
				class="act act-small"
				onclick={() => workbench.set({ theme: themes[workbench.settings.theme] })}
				title="Light, dark, or as your device has it"
				>{workbench.settings.theme === 'auto' ? 'as device' : workbench.settings.theme}</button
			>
			<a
				class="act act-small"
				href="/how"
				title="Techniques with drawings, and cautions"
				aria-current={page.url.pathname === '/how' ? 'page' : undefined}>How</a
			>
			<a
				class="act act-small"
				href="/keep"
				aria-current={page.url.pathname === '/keep' ? 'page' : undefined}>Files</a
			>
			<button
				class="act act-small"
				onclick={onkeys}
				title="Keys that work here"
				aria-label="Keys that work here">?</button
			>
		</div>
	</div>
</header>
