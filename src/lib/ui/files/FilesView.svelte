<script lang="ts">
	import { teller } from '$lib/ui/state/tell.svelte';
	import { readAny, snapshot, writeBackup } from '$lib/file/backup';
	import type { Everything } from '$lib/file/everything';
	import { previewImport, type Preview } from '$lib/file/merge';
	import { MAX_TABLE_BYTES, readTable, writeTable, type TableKind } from '$lib/file/csv/tables';
	import type { Trouble } from '$lib/file/csv/columns';
	import { MAX_FILE_BYTES, writeProject, type Refusal } from '$lib/file/project-file';
	import { isEmpty, newId, yarnsUsed } from '$lib/store/store';
	import { readEverything, writeImport } from '$lib/store/transfer';
	import Select from '../parts/Select.svelte';
	import Choice from '../parts/Choice.svelte';
	import { tableChanges } from '../state/bench-history.svelte';
	import { fetchDemo, fillWithDemo } from '../state/welcome';
	import { useWorkbench } from '../state/workbench.svelte';
	import { save, slug } from './save';
	import { wordRefusal, wordTrouble } from './words';

	const workbench = useWorkbench();
	const projects = $derived(workbench.records.projects);
	let chosen = $state<string | null>(null);
	const project = $derived(
		projects.find((p) => p.id === (chosen ?? workbench.settings.currentProject)) ?? projects.at(-1)
	);
	let opened = $state.raw<{
		name: string;
		file: Everything;
		preview: Preview;
		/** True for a table: what it changes can be undone. */
		table: boolean;
	} | null>(null);
	let refusal = $state.raw<{ name: string; refusal: Refusal } | null>(null);
	let troubles = $state.raw<{ name: string; list: readonly Trouble[] } | null>(null);
	let mode = $state<'keep' | 'replace'>('keep');
	let busy = $state(false);
	let over = $state(false);

	const fresh = $derived(opened?.preview.changes.filter((c) => c.effect === 'new') ?? []);
	const differing = $derived(opened?.preview.changes.filter((c) => c.effect === 'differs') ?? []);
	const same = $derived(opened?.preview.changes.filter((c) => c.effect === 'same') ?? []);

	async function saveProject() {
		if (!project) return;
		const all = await readEverything(workbench.db);
		save(
			`${slug(project.name)}.tomble.json`,
			new Blob([writeProject(snapshot(all, project, yarnsUsed(project)))], {
				type: 'application/json'
			})
		);
	}
	async function saveAll() {
		const bytes = writeBackup(await readEverything(workbench.db), yarnsUsed);
		const day = new Date().toISOString().slice(0, 10);
		save(
			`tomble-backup-${day}.zip`,
			new Blob([Uint8Array.from(bytes)], { type: 'application/zip' })
		);
	}
	function saveTable(kind: TableKind) {
		save(`tomble-${kind}.csv`, new Blob([writeTable(kind, workbench.bench)], { type: 'text/csv' }));
	}
	async function openTable(file: File) {
		const text = file.size > MAX_TABLE_BYTES ? '' : await file.text();
		if (file.size > MAX_TABLE_BYTES) {
			const expected = `at most ${MAX_TABLE_BYTES / 1_000_000} MB for a table`;
			refusal = { name: file.name, refusal: { code: 'too-large', path: '', expected } };
			return;
		}
		const all = await readEverything(workbench.db);
		const read = readTable(text, { bench: all.bench, newId, now: Date.now() });
		if (!read.ok) troubles = { name: file.name, list: read.troubles };
		else {
			// Whoever opens a table means what it says.
			mode = 'replace';
			opened = {
				name: file.name,
				file: read.file,
				preview: previewImport(all, read.file),
				table: true
			};
		}
	}
	async function open(file: File | undefined) {
		opened = null;
		refusal = null;
		troubles = null;
		mode = 'keep';
		if (!file) return;
		busy = true;
		if (/\.(csv|tsv|txt)$/i.test(file.name) || file.type === 'text/csv') {
			await openTable(file);
			busy = false;
			return;
		}
		const bytes =
			file.size > MAX_FILE_BYTES
				? new Uint8Array(MAX_FILE_BYTES + 1)
				: new Uint8Array(await file.arrayBuffer());
		const read = readAny(bytes);
		if (read.ok)
			opened = {
				name: file.name,
				file: read.value,
				preview: previewImport(await readEverything(workbench.db), read.value),
				table: false
			};
		else refusal = { name: file.name, refusal: read.refusal };
		busy = false;
	}
	async function take() {
		if (!opened) return;
		busy = true;
		try {
			const replace = mode === 'replace';
			if (opened.table) {
				const { bench } = await readEverything(workbench.db);
				await workbench.history.change(tableChanges(bench, opened.file.bench, replace));
				void teller.say(`Taken in from ${opened.name}`, {
					label: 'Undo',
					onClick: () => void workbench.history.undo()
				});
			} else {
				await writeImport(workbench.db, opened.file, replace);
				void teller.say(`Taken in from ${opened.name}`);
			}
			opened = null;
		} catch (e) {
			void teller.warn(`Nothing was changed: ${e instanceof Error ? e.message : String(e)}`);
		}
		busy = false;
	}
	async function demo() {
		busy = true;
		const bytes = (await isEmpty(workbench.db)) ? await fetchDemo(true) : null;
		if (!bytes || !(await fillWithDemo(workbench.db, bytes)))
			void teller.warn(
				'The example goes into an empty store only; yours has data, and it was left alone.'
			);
		busy = false;
	}
	const KINDS = {
		machines: 'machine',
		yarns: 'yarn',
		swatches: 'swatch',
		tests: 'yarn test',
		projects: 'project',
		results: 'result',
		orders: 'order'
	} as const;
</script>

<h1 class="mb-4 text-2xl">Files</h1>
<div class="grid gap-x-12 gap-y-8 md:grid-cols-2">
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
				<button class="act" onclick={saveProject}>Save this project</button>
			</div>
		{/if}
		<button class="act act-main" onclick={saveAll}>Save a backup of everything</button>
		<p class="hint mt-1">A zip of project files, the bench, and tables to read elsewhere (CSV).</p>
		<h3 class="mt-6 mb-1 text-base" id="tables">Tables of the bench</h3>
		<p class="mb-2 text-sm">
			For a spreadsheet, or for many yarns at once: save, change or add lines, open it again. Units
			stand in the header; an empty cell keeps what is known here.
		</p>
		<div class="flex flex-wrap gap-2">
			<button class="act act-small" onclick={() => saveTable('yarns')}>Save yarns (CSV)</button>
			<button class="act act-small" onclick={() => saveTable('swatches')}
				>Save swatches (CSV)</button
			>
			<button class="act act-small" onclick={() => saveTable('tests')}>Save yarn tests (CSV)</button
			>
		</div>
		<p class="hint mt-1">Yarns held together are left out: they follow from their parts.</p>
		{#if projects.length === 0}
			<button class="act mt-6" onclick={demo} disabled={busy}
				>Put in the lantern fair’s example</button
			>
		{/if}
	</section>
	<section aria-labelledby="open-title">
		<h2 id="open-title" class="mb-1 text-xl">Open</h2>
		<p class="mb-3">
			A project, a backup or a table. You see what it would change before anything is changed.
		</p>
		<label
			class={['act flex min-h-20 w-full border-dashed', over && 'bg-base-200']}
			ondragover={(e) => {
				e.preventDefault();
				over = true;
			}}
			ondragleave={() => (over = false)}
			ondrop={(e) => {
				e.preventDefault();
				over = false;
				void open(e.dataTransfer?.files[0]);
			}}
		>
			{busy ? 'Reading…' : 'Choose a file, or drop one here'}
			<input
				type="file"
				class="sr-only"
				accept=".json,.zip,.csv,application/json,application/zip,text/csv"
				onchange={(e) => {
					void open(e.currentTarget.files?.[0]);
					e.currentTarget.value = '';
				}}
			/>
		</label>
		{#if refusal}
			<p class="border-error mt-3 border-l-4 pl-3" role="alert">
				<b>{refusal.name}</b> was not taken in; nothing was changed. {wordRefusal(refusal.refusal)}
			</p>
		{/if}
		{#if troubles}
			<div class="border-error mt-3 border-l-4 pl-3" role="alert">
				<p>
					<b>{troubles.name}</b> was not taken in; nothing was changed. {troubles.list.length === 1
						? 'One thing'
						: `${troubles.list.length} things`} cannot be read:
				</p>
				<ul class="mt-1 max-h-72 overflow-y-auto text-sm">
					{#each troubles.list as t, i (i)}<li class="rule-line border-t py-1">
							{wordTrouble(t)}
						</li>{/each}
				</ul>
			</div>
		{/if}
		{#if opened}
			<div class="mt-4" role="region" aria-label="What the file would change">
				<h3 class="mb-1 text-base">{opened.name} would</h3>
				<ul class="mb-2 list-disc pl-5 text-sm">
					<li>
						add {fresh.length === 0 ? 'nothing new' : `${fresh.length} records`}{opened.preview
							.newEvents
							? ` and ${opened.preview.newEvents} counted events`
							: ''}
					</li>
					{#each opened.preview.runs as r (r.projectId)}
						<li>
							take {r.name} from {r.rowsBefore} to {r.rowsAfter} counted rows{r.sideBySide
								? '; both sides counted meanwhile, and the crank view will ask which rows were the same'
								: ''}
						</li>
					{/each}
					{#if differing.length > 0}<li>
							meet {differing.length} that you have in another version
						</li>{/if}
					{#if same.length > 0}<li>leave {same.length} that are the same here</li>{/if}
				</ul>
				<details class="mb-3 text-sm" open={fresh.length + differing.length <= 12}>
					<summary class="cursor-pointer">Each one</summary>
					<ul class="mt-1 max-h-60 overflow-y-auto">
						{#each [...fresh, ...differing] as c (c.kind + c.id)}
							<li class="rule-line flex justify-between gap-3 border-t py-1">
								<span>{c.name} <span class="quiet">{KINDS[c.kind]}</span></span><span
									>{c.effect === 'new' ? 'new' : 'differs'}</span
								>
							</li>
						{/each}
					</ul>
				</details>
				{#if differing.length > 0}
					<div class="mb-3">
						<Choice
							label="Where they differ"
							value={mode}
							options={[
								{ value: 'keep', label: 'keep mine' },
								{ value: 'replace', label: 'take the file’s' }
							]}
							onvalue={(m) => (mode = m)}
						/>
					</div>
				{/if}
				<button class="act act-now" onclick={take} disabled={busy}>Take it in</button>
				<button class="act" onclick={() => (opened = null)}>Leave it</button>
			</div>
		{/if}
	</section>
</div>
