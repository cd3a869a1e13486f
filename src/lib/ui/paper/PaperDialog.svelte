<script lang="ts">
	import { asItLies } from '$lib/core/plan/lies';
	import { entryAt } from '$lib/core/quantity/sure';
	import { onDestroy } from 'svelte';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import type { Sheet } from '$lib/core/sheet/sheet';
	import type { Paper } from '$lib/paper/setter';
	import { ribbonSvg, templatesSvg } from '$lib/paper/svg';
	import { WorkerLink } from '$lib/worker/link';
	import type { PaperWorker } from '$lib/worker/paper.worker';
	import { save, slug } from '../files/save';
	import Choice from '../parts/Choice.svelte';
	import Dialog from '../parts/Dialog.svelte';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		open: boolean | null;
		plan: Plan;
		project: Project;
		sheet: Sheet;
	}
	let { open = $bindable(), plan, project, sheet }: Props = $props();
	const workbench = useWorkbench();
	let setting = $state(false);
	const paper = $derived<Paper>(
		workbench.settings.paper ?? (workbench.units === 'cm' ? 'a4' : 'letter')
	);
	const file = (what: string, kind: string) => `${slug(project.name)}-${what}.${kind}`;

	async function pdf() {
		setting = true;
		const link = new WorkerLink<PaperWorker>(
			() => new Worker(new URL('../../worker/paper.worker.ts', import.meta.url), { type: 'module' })
		);
		try {
			const plain = $state.snapshot(sheet) as typeof sheet;
			const bytes = await link.ask((worker) => worker.planSheet(plain, paper));
			save(file('plan', 'pdf'), new Blob([Uint8Array.from(bytes)], { type: 'application/pdf' }));
			open = false;
		} catch (e) {
			void notices.warn(
				`The sheet could not be set: ${e instanceof Error ? e.message : String(e)}`,
				{
					label: 'Try again',
					onClick: () => void pdf()
				}
			);
		} finally {
			link.end();
			setting = false;
		}
	}
	const svg = (what: string, text: string) =>
		save(file(what, 'svg'), new Blob([text], { type: 'image/svg+xml' }));
	/** The first piece as it lies. */
	function ribbon() {
		const p = entryAt(plan.pieces, 0);
		const { widthCm, bands } = asItLies(p);
		svg(
			'ribbon',
			ribbonSvg({
				title: `${project.name}, ${p.name}`,
				widthCm,
				bands: bands.map((r) => ({
					cm: r.cm,
					rows: r.to - r.from,
					colour: plan.yarns[r.yarn]?.colour ?? '#888888'
				}))
			})
		);
	}
	const root = document.documentElement;
	let paged: HTMLStyleElement | null = null;
	function after() {
		delete root.dataset['sheet'];
		paged?.remove();
		paged = null;
	}
	onDestroy(after);
	/** The sheet alone, or the page as it stands. */
	function print(what: 'plan' | 'page') {
		open = false;
		if (what === 'plan') {
			root.dataset['sheet'] = 'plan';
			paged = document.createElement('style');
			paged.textContent = `@page { size: ${paper === 'a4' ? 'A4' : 'letter'}; }`;
			document.head.append(paged);
			window.addEventListener('afterprint', after, { once: true });
		}
		// The dialog is gone first, or it is printed too.
		setTimeout(() => window.print(), 250);
	}
</script>

<Dialog bind:open={() => open === true, (o) => (open = o)} title="On paper">
	<p class="mb-3 text-sm">
		The sheet for the table beside the machine: sections with both counter readings and boxes to
		tick, pieces, tails, yarn, every finishing step, and what is cut out in true size with bars to
		check the printer.
	</p>
	<div class="mb-3">
		<Choice
			label="Paper"
			value={paper}
			options={[
				{ value: 'a4', label: 'A4' },
				{ value: 'letter', label: 'US Letter' }
			]}
			onvalue={(p) => void workbench.set({ paper: p })}
		/>
	</div>
	<div class="flex flex-wrap gap-2">
		<button class="btn btn-accent" disabled={setting} onclick={pdf}
			>{setting ? 'Setting the pages…' : 'Save the plan sheet, PDF'}</button
		>
		<button class="btn" onclick={() => print('plan')}>Print the sheet</button>
		<button class="btn" onclick={() => print('page')}>Print this page</button>
	</div>
	<h3 class="mt-4 mb-1 text-base">Drawings, SVG</h3>
	<div class="flex flex-wrap gap-2">
		{#if plan.pieces.length > 0}<button class="btn btn-sm" onclick={ribbon}
				>Ribbon of the {plan.pieces.length > 1 ? 'first piece' : 'piece'}, true size</button
			>{/if}
		<button
			class="btn btn-sm"
			onclick={() => svg('templates', templatesSvg(project.name, sheet.templates))}
			>Templates, true size</button
		>
	</div>
</Dialog>
