<script lang="ts">
	import { page } from '$app/state';
	import { progressOf } from '$lib/core/crank/makes';
	import { foldRun } from '$lib/core/crank/run';
	import type { RunEvent } from '$lib/core/model/project';
	import { yarnsOf } from '$lib/core/recipe/uses';
	import { entryAt } from '$lib/core/quantity/sure';
	import { UNITS } from '$lib/core/quantity/units';
	import { useWorkbench } from '../state/workbench.svelte';
	import { leaveFair } from '../state/fair';
	import { inFair } from '../state/which-rack';
	import { doneOf, stationsFor } from '../state/stations';
	import BookOpen from '@lucide/svelte/icons/book-open';
	import DoorOpen from '@lucide/svelte/icons/door-open';
	import CircleQuestionMark from '@lucide/svelte/icons/circle-question-mark';
	import Hand from '@lucide/svelte/icons/hand';
	import Folder from '@lucide/svelte/icons/folder';
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';
	import SunMoon from '@lucide/svelte/icons/sun-moon';
	import IconAct from './IconAct.svelte';
	import Strand from './Strand.svelte';

	let { onkeys }: { onkeys: () => void } = $props();
	const workbench = useWorkbench();
	const fair = inFair();
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
	const THEME_WORDS = { auto: 'as the device has them', light: 'light', dark: 'dark' } as const;
	const THEME_SIGNS = { auto: SunMoon, light: Sun, dark: Moon } as const;
	const themes = { auto: 'light', light: 'dark', dark: 'auto' } as const;
</script>

<header class="no-print rule-line border-b px-4 sm:px-6">
	<div class="mx-auto flex max-w-[1400px] items-center gap-x-5 gap-y-1 max-md:flex-wrap">
		<a
			href="/"
			class="py-2 no-underline"
			aria-current={page.url.pathname === '/' ? 'page' : undefined}
			title="The shelf: all projects"
		>
			<span class="figure block text-2xl leading-6 font-extrabold tracking-tight">Tomble</span>
			<span class="hint block"
				>{project && page.url.pathname !== '/'
					? 'to the shelf'
					: fair
						? 'the fair’s shelf'
						: 'the shelf'}</span
			>
		</a>
		<Strand {stations} {colour} />
		<div class="ml-auto flex items-center gap-1">
			{#if fair}
				<button
					class="btn btn-sm max-sm:hidden"
					title="Back to your own shelf; what you tried here stays here"
					onclick={leaveFair}>Leave the fair</button
				>
				<span class="sm:hidden"
					><IconAct
						small
						icon={DoorOpen}
						label="Leave the fair"
						tip="Back to your own shelf"
						onclick={leaveFair}
					/></span
				>
			{/if}
			<button
				class="btn btn-sm"
				onclick={() => workbench.set({ units: nextUnits })}
				title="Show lengths in centimetres, or in inches to the tenth or the eighth"
				aria-label={`Lengths in ${UNIT_WORDS[workbench.units].long}; press for ${UNIT_WORDS[nextUnits].long}`}
				>{UNIT_WORDS[workbench.units].short}</button
			>
			<IconAct
				small
				icon={THEME_SIGNS[workbench.settings.theme]}
				label={`Colours: ${THEME_WORDS[workbench.settings.theme]}`}
				tip={`Colours: ${THEME_WORDS[workbench.settings.theme]}; press for ${THEME_WORDS[themes[workbench.settings.theme]]}`}
				onclick={() => workbench.set({ theme: themes[workbench.settings.theme] })}
			/>
			<IconAct
				small
				icon={BookOpen}
				label="How"
				tip="How it is done: techniques with drawings, and cautions"
				href="/how"
				current={page.url.pathname === '/how'}
			/>
			<IconAct
				small
				icon={Hand}
				label="Practice"
				tip="Practice: try every hand on your own ring, drawn loop by loop"
				href="/practice"
				current={page.url.pathname.startsWith('/practice')}
			/>
			<IconAct
				small
				icon={Folder}
				label="Files"
				tip="Files: backups, tables, another device"
				href="/keep"
				current={page.url.pathname === '/keep'}
			/>
			<IconAct small icon={CircleQuestionMark} label="Keys that work here" onclick={onkeys} />
		</div>
	</div>
</header>
