<script lang="ts">
	import { writeTable, type TableKind } from '$lib/file/csv/tables';
	import Select from '../parts/Select.svelte';
	import { everythingOf } from '../state/everything';
	import { notices } from '../state/notices.svelte';
	import { enterFair } from '../state/fair';
	import { inFair } from '../state/which-rack';
	import { useWorkbench } from '../state/workbench.svelte';
	import { FileDesk, wordFileFailure } from './desk.svelte';
	import { save } from './save';
	import { saveProject, WITHOUT_RUNS } from './save-project';

	const workbench = useWorkbench();
	const projects = $derived(workbench.records.projects);
	let chosen = $state<string | null>(null);
	const project = $derived(
		projects.find((p) => p.id === (chosen ?? workbench.settings.currentProject)) ?? projects.at(-1)
	);
	const desk = new FileDesk();
	let busy = $state(false);
	let failed = $state('');
	let note = $state('');

	async function saving(what: () => Promise<void>) {
		busy = true;
		failed = '';
		note = '';
		try {
			await what();
		} catch (e) {
			failed = `Nothing was saved. ${wordFileFailure(e)}`;
		}
		busy = false;
	}
	async function saveAll() {
		const { all, apart, stored } = await everythingOf(workbench);
		const zips = await desk.backups(all, apart);
		const day = new Date().toISOString().slice(0, 10);
		for (const [i, bytes] of zips.entries()) {
			const part = zips.length > 1 ? `-part-${i + 1}-of-${zips.length}` : '';
			save(
				`tomble-backup-${day}${part}.zip`,
				new Blob([Uint8Array.from(bytes)], { type: 'application/zip' })
			);
		}
		note = [
			zips.length > 1 ? `It came to ${zips.length} files: keep them together.` : '',
			apart.length > 0
				? `${apart.length === 1 ? 'One record that does not read travels' : `${apart.length} records that do not read travel`} along, apart.`
				: '',
			stored ? '' : WITHOUT_RUNS
		]
			.filter(Boolean)
			.join(' ');
	}
	function saveTable(kind: TableKind) {
		save(`tomble-${kind}.csv`, new Blob([writeTable(kind, workbench.bench)], { type: 'text/csv' }));
	}
	const demo = () =>
		saving(async () => {
			if (!(await enterFair()))
				void notices.warn('The stall could not be set up: its data comes from the server.');
		});
</script>

<section aria-labelledby="save-title">
	<h2 id="save-title" class="mb-1 text-xl">Save</h2>
	<p class="mb-4">
		Everything stays in this browser. A file is the way to another device, and the safe copy:
		browsers can clear what they hold.
	</p>
	{#if project}
		<div class="mb-5 flex items-end gap-2">
			<div class="w-64">
				<Select
					label="One project, with the machine, yarns, swatches and run it uses"
					value={project.id}
					options={projects.map((p) => ({ value: p.id, label: p.name }))}
					onvalue={(v) => (chosen = v)}
				/>
			</div>
			<button
				class="btn"
				onclick={() =>
					void saving(async () => void (note = await saveProject(desk, workbench, project)))}
				disabled={busy}>Save this project</button
			>
		</div>
	{/if}
	<button class="btn btn-neutral" onclick={() => void saving(saveAll)} disabled={busy}
		>{busy ? 'Saving, and reading it back…' : 'Save a backup of everything'}</button
	>
	<p class="hint mt-1">
		A zip of project files, the bench, and tables to read elsewhere (CSV). It is read back before
		you get it.
	</p>
	{#if failed}
		<p class="border-error mt-3 border-l-4 pl-3" role="alert">{failed}</p>
	{/if}
	{#if note}<p class="mt-3 text-sm" role="status">{note}</p>{/if}
	<h3 class="mt-6 mb-1 text-base" id="tables">Tables of the bench</h3>
	<p class="mb-2 text-sm">
		For a spreadsheet, or for many yarns at once: save, change or add lines, open it again. Units
		stand in the header; an empty cell keeps what is known here.
	</p>
	<div class="flex flex-wrap gap-2">
		<button class="btn btn-sm" onclick={() => saveTable('yarns')}>Save yarns (CSV)</button>
		<button class="btn btn-sm" onclick={() => saveTable('swatches')}>Save swatches (CSV)</button>
		<button class="btn btn-sm" onclick={() => saveTable('tests')}>Save yarn tests (CSV)</button>
	</div>
	<p class="hint mt-1">Yarns held together are left out: they follow from their parts.</p>
	{#if !inFair()}
		<button class="btn mt-6" onclick={demo} disabled={busy}
			>Look around a stall at the lantern fair</button
		>
	{/if}
</section>
