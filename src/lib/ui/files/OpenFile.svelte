<script lang="ts">
	import type { Apart } from '$lib/file/backup-format';
	import type { Trouble } from '$lib/file/csv/columns';
	import type { Everything } from '$lib/file/everything';
	import type { Unread } from '$lib/file/lists';
	import type { Preview } from '$lib/file/merge';
	import type { Refusal } from '$lib/file/refusal';
	import { readEverything, writeImport } from '$lib/store/transfer';
	import Choice from '../parts/Choice.svelte';
	import { tableChanges } from '../state/bench-changes';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import { FileDesk, wordFileFailure } from './desk.svelte';
	import { KINDS, wordRefusal, wordTrouble } from './words';

	interface Opened {
		readonly file: Everything;
		readonly preview: Preview;
		/** What in it does not read, and stays out. */
		readonly unread: readonly Unread[];
		/** What travels apart in it, since it does not read. */
		readonly apart: readonly Apart[];
		/** True for a table: what it changes can be undone. */
		readonly table: boolean;
	}
	const workbench = useWorkbench();
	const desk = new FileDesk();
	let chosen = $state.raw<File | null>(null);
	const name = $derived(chosen?.name ?? '');
	let opened = $state.raw<Opened | null>(null);
	let refusal = $state.raw<Refusal | null>(null);
	let troubles = $state.raw<readonly Trouble[] | null>(null);
	let failed = $state('');
	let mode = $state<'keep' | 'replace'>('keep');
	let busy = $state(false);
	let over = $state(false);

	const fresh = $derived(opened?.preview.changes.filter((c) => c.effect === 'new') ?? []);
	const differing = $derived(opened?.preview.changes.filter((c) => c.effect === 'differs') ?? []);
	const same = $derived(opened?.preview.changes.filter((c) => c.effect === 'same') ?? []);

	const isTable = (file: File) => /\.(csv|tsv|txt)$/i.test(file.name) || file.type === 'text/csv';

	async function read(file: File) {
		const mine = await readEverything(workbench.db);
		if (isTable(file)) {
			const table = await desk.lookTable(file, mine);
			if (table.ok) {
				// Whoever opens a table means what it says.
				mode = 'replace';
				const { file: of, preview } = table;
				opened = { file: of, preview, unread: [], apart: [], table: true };
			} else if ('troubles' in table) ({ troubles } = table);
			else ({ refusal } = table);
			return;
		}
		const looked = await desk.look(file, mine);
		if (looked?.ok) opened = { ...looked, file: looked.value, table: false };
		else refusal = looked?.refusal ?? null;
	}
	async function open(file: File | undefined) {
		opened = refusal = troubles = null;
		failed = '';
		mode = 'keep';
		desk.end();
		if (!file) return;
		chosen = file;
		busy = true;
		try {
			await read(file);
		} catch (e) {
			if (chosen === file) failed = wordFileFailure(e);
		}
		if (chosen === file) busy = false;
	}
	const again = () => open(chosen ?? undefined);

	async function take(what: Opened) {
		busy = true;
		failed = '';
		try {
			const replace = mode === 'replace';
			if (what.table) {
				const { bench } = await readEverything(workbench.db);
				const changes = tableChanges(bench, what.file.bench, replace);
				await workbench.history.change(`${changes.length} records changed`, changes);
				void notices.say(`Taken in from ${name}`, {
					label: 'Undo',
					onClick: () => void workbench.history.undo()
				});
			} else {
				await writeImport(workbench.db, what.file, replace, what.apart);
				void workbench.check();
				void notices.say(`Taken in from ${name}`);
			}
			opened = null;
		} catch (e) {
			void notices.warn(`Nothing was changed. ${wordFileFailure(e)}`);
		}
		busy = false;
	}
</script>

<section aria-labelledby="open-title">
	<h2 id="open-title" class="mb-1 text-xl">Open</h2>
	<p class="mb-3">
		A project, a backup or a table. You see what it would change before anything is changed.
	</p>
	<label
		class={['btn flex min-h-20 w-full border-dashed', over && 'bg-base-200']}
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
		{desk.share === null
			? busy
				? 'Reading…'
				: 'Choose a file, or drop one here'
			: `Reading ${name}…`}
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
	{#if desk.share !== null}
		<p class="mt-2 flex items-center gap-3">
			<progress class="progress flex-1" value={desk.share} max="1" aria-label="How much is read"
			></progress>
			<button class="btn btn-sm" onclick={desk.end}>Stop reading</button>
		</p>
	{/if}
	{#if failed}
		<p class="border-error mt-3 border-l-4 pl-3" role="alert">
			<b>{name}</b> was not taken in; nothing was changed. {failed}
			<button class="btn btn-sm" onclick={() => void again()}>Try again</button>
		</p>
	{/if}
	{#if refusal}
		<p class="border-error mt-3 border-l-4 pl-3" role="alert">
			<b>{name}</b> was not taken in; nothing was changed. {wordRefusal(refusal)}
		</p>
	{/if}
	{#if troubles}
		<div class="border-error mt-3 border-l-4 pl-3" role="alert">
			<p>
				<b>{name}</b> was not taken in; nothing was changed. {troubles.length === 1
					? 'One thing'
					: `${troubles.length} things`} cannot be read:
			</p>
			<ul class="mt-1 max-h-72 overflow-y-auto text-sm">
				{#each troubles as t, i (i)}<li class="rule-line border-t py-1">
						{wordTrouble(t)}
					</li>{/each}
			</ul>
		</div>
	{/if}
	{#if opened}
		<div class="mt-4" role="region" aria-label="What the file would change">
			<h3 class="mb-1 text-base">{name} would</h3>
			<ul class="mb-2 list-disc pl-5 text-sm">
				<li>
					add {fresh.length === 0 ? 'nothing new' : `${fresh.length} records`}{opened.preview
						.newEvents
						? ` and ${opened.preview.newEvents} counted events`
						: ''}
				</li>
				{#if opened.preview.newPractised > 0}<li>
						note {opened.preview.newPractised}
						{opened.preview.newPractised === 1 ? 'thing' : 'things'} practised
					</li>{/if}
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
				{#if opened.apart.length > 0}<li>
						put back {opened.apart.length === 1
							? 'one record that does not read'
							: `${opened.apart.length} records that do not read`}, to be mended or removed on the
						shelf
					</li>{/if}
			</ul>
			{#if opened.unread.length > 0}
				<div class="border-warning mb-3 border-l-4 pl-3 text-sm" role="alert">
					<p>
						{opened.unread.length === 1
							? 'One thing in it does'
							: `${opened.unread.length} things in it do`}
						not read and {opened.unread.length === 1 ? 'stays' : 'stay'} out; the rest can come in:
					</p>
					<ul class="max-h-48 overflow-y-auto">
						{#each opened.unread as u, i (i)}
							<li class="rule-line border-t py-1">
								{#if u.name}<b>{u.name}</b>:{/if}
								at “{u.path}”, expected {u.expected}
							</li>
						{/each}
					</ul>
				</div>
			{/if}
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
			<button class="btn btn-accent" onclick={() => opened && void take(opened)} disabled={busy}
				>Take it in</button
			>
			<button class="btn" onclick={() => (opened = null)}>Leave it</button>
		</div>
	{/if}
</section>
