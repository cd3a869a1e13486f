<script lang="ts">
	import { goto } from '$app/navigation';
	import { wordFix, type Fix } from '$lib/core/finding/fix';
	import type { Project, RunEvent } from '$lib/core/model/project';
	import type { Options } from '$lib/core/model/options';
	import type { Plan } from '$lib/core/plan';
	import { withHeld } from '$lib/core/order/with-held';
	import { nameOf } from '$lib/core/recipe';
	import { yarnsOf } from '$lib/core/recipe/uses';
	import { sheetOf } from '$lib/core/sheet/sheet';
	import PaperDialog from '../paper/PaperDialog.svelte';
	import SheetPage from '../paper/SheetPage.svelte';
	import NotWorked from '../parts/NotWorked.svelte';
	import { HeldYarn } from '../state/held-yarn.svelte';
	import { LivePlan } from '../state/live-plan.svelte';
	import { notices } from '../state/notices.svelte';
	import type { New } from '../state/projects';
	import { useWorkbench } from '../state/workbench.svelte';
	import { AskFewer } from './ask-fewer.svelte';
	import AnotherOf from './AnotherOf.svelte';
	import CannotPlan from './CannotPlan.svelte';
	import NextTime from './NextTime.svelte';
	import FewerRows from './FewerRows.svelte';
	import PlanBody from './PlanBody.svelte';
	import PlanHead from './PlanHead.svelte';

	let { project: stored }: { project: Project } = $props();
	const workbench = useWorkbench();
	const editor = $derived(workbench.editor(stored));
	const project = $derived(editor.project);
	const live = new LivePlan(
		() => project,
		() => workbench.bench
	);
	let events = $state.raw<readonly RunEvent[]>([]);
	$effect(() => workbench.liveEvents(stored.id, (e) => (events = e)));
	const ask = new AskFewer(() => ({ plan: live.value, bench: workbench.bench, events }));
	$effect(() => {
		const own = editor;
		own.guard = ask.may;
		return () => (own.guard = null);
	});
	const held = new HeldYarn(workbench);
	const plan = $derived(
		live.value?.ok && held.list
			? withHeld(live.value, project, workbench.bench, held.list)
			: live.value
	);
	/** As it last could be made: what stood in its slip is still to be chosen when it cannot, and no part of it is ever given another. */
	let before: Plan | null = null;
	const last = $derived.by(() => (plan?.ok ? (before = plan) : before));
	const units = $derived(workbench.units);
	/** Null until it is first asked for: only then is the sheet worked out. */
	let onPaper = $state<boolean | null>(null);
	const stops = $derived(plan?.findings.filter((f) => f.severity === 'stop').length ?? 0);

	/** Another recipe in its place, beside this one. */
	async function begin({ recipe, options }: Extract<Fix['go'], { page: 'begin' }>) {
		const { beginProject } = await import('../state/projects');
		const begun = await beginProject(workbench.bench, recipe as New, {
			machineId: project.machineId,
			yarnId: yarnsOf(project.options)[0],
			usual: workbench.settings.waste
		});
		if (!begun) return;
		const next = { ...begun, options: { ...begun.options, ...options } as Options };
		await workbench.addProject(next);
		await goto(`/project/${next.id}/plan`);
	}
	/** Any way out of a finding: a change, or a page to go to. */
	async function apply(fix: Fix) {
		if (fix.go?.page === 'begin') return begin(fix.go);
		if (fix.go?.page === 'add-yarn') return goto('/bench?add=yarn');
		if (fix.go)
			return goto(`/project/${project.id}/${fix.go.page}?yarn=${encodeURIComponent(fix.go.yarn)}`);
		const options = fix.options
			? { options: { ...project.options, ...fix.options } as Options }
			: {};
		editor.change(wordFix(fix, units).toLowerCase(), { ...options, ...fix.project });
	}

	async function remove() {
		const putBack = await workbench.removeProject(project);
		void notices.say(`${project.name} taken off the shelf`, {
			label: 'Put it back',
			onClick: () => void putBack()
		});
		await goto('/');
	}

	function onkeydown(e: KeyboardEvent) {
		const typing =
			e.target instanceof HTMLElement &&
			e.target.matches('input:not([type=radio]), textarea, select');
		const plain = !e.ctrlKey && !e.metaKey && !e.altKey;
		if (!typing && plain && e.key.toLowerCase() === 'k') void goto(`/project/${project.id}/knit`);
	}
</script>

<svelte:window {onkeydown} />

<PlanHead {project} {editor} onprint={plan?.ok ? () => (onPaper = true) : undefined} />

<NextTime {project} />
{#if plan?.ok && last}
	<AnotherOf plan={last} {project} {editor} />
	<PlanBody plan={last} {project} {editor} {events} onfix={apply} />
	<FewerRows {ask} />
{:else if plan && !plan.ok}
	<CannotPlan why={plan} {last} {project} {editor} onfix={apply} />
{:else}
	<NotWorked failure={live.failure} onagain={live.again} />
{/if}
{#if plan && live.failure}
	<p class="border-error my-3 border-l-4 pl-3" role="alert">
		{live.failure} What stands above is from before the last change.
		<button class="btn btn-sm" onclick={live.again}>Try again</button>
	</p>
{/if}
{#if plan?.ok && stops > 0}<p class="no-print text-error mt-4 text-sm">
		{stops === 1 ? 'One finding says' : `${stops} findings say`} stop: settle {stops === 1
			? 'it'
			: 'them'} before you knit.
	</p>{/if}

{#if plan?.ok && onPaper !== null}
	{@const sheet = sheetOf(plan, {
		title: project.name,
		kind: nameOf(project.options.recipe),
		units,
		terms: workbench.settings.crochet
	})}
	<PaperDialog bind:open={onPaper} {plan} {project} {sheet} />
	<SheetPage {sheet} />
{/if}
<p class="no-print mt-8">
	<button class="btn btn-sm" onclick={remove}>Take this project off the shelf</button>
</p>
