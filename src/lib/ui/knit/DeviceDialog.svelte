<script lang="ts">
	import { snapshot } from '$lib/file/backup';
	import { readAny } from '$lib/file/backup';
	import { previewImport, type RunChange } from '$lib/file/merge';
	import { MAX_FILE_BYTES, writeProject } from '$lib/file/project-file';
	import type { Everything } from '$lib/file/everything';
	import type { Project } from '$lib/core/model/project';
	import { yarnsUsed } from '$lib/store/store';
	import { readEverything, writeImport } from '$lib/store/transfer';
	import { wordRefusal } from '../files/words';
	import { save, slug } from '../files/save';
	import Dialog from '../parts/Dialog.svelte';
	import { teller } from '../state/tell.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import { INSECURE } from './hands-free/insecure';

	let { project, onclose }: { project: Project; onclose: () => void } = $props();
	const workbench = useWorkbench();
	const insecure = !window.isSecureContext;
	let back = $state.raw<{ name: string; file: Everything; change: RunChange | null } | null>(null);
	let refused = $state('');
	let busy = $state(false);

	async function take() {
		busy = true;
		const all = await readEverything(workbench.db);
		save(
			`${slug(project.name)}.tomble.json`,
			new Blob([writeProject(snapshot(all, project, yarnsUsed(project)))], {
				type: 'application/json'
			})
		);
		busy = false;
	}
	async function open(file: File | undefined) {
		back = null;
		refused = '';
		if (!file) return;
		const bytes =
			file.size > MAX_FILE_BYTES
				? new Uint8Array(MAX_FILE_BYTES + 1)
				: new Uint8Array(await file.arrayBuffer());
		const read = readAny(bytes);
		if (!read.ok) {
			refused = wordRefusal(read.refusal);
			return;
		}
		if (!read.value.projects.some((p) => p.id === project.id)) {
			refused = `It holds ${read.value.projects.map((p) => p.name).join(', ') || 'no project'}, and not ${project.name}. Open it under Files if it is to come in as well.`;
			return;
		}
		const preview = previewImport(await readEverything(workbench.db), read.value);
		back = {
			name: file.name,
			file: read.value,
			change: preview.runs.find((r) => r.projectId === project.id) ?? null
		};
	}
	async function bring() {
		if (!back) return;
		busy = true;
		await writeImport(workbench.db, back.file, false);
		busy = false;
		void teller.say('The rows counted elsewhere are in the log; none is doubled.');
		onclose();
	}
</script>

<Dialog open title="To another device, and back" {onclose}>
	<ol class="grid gap-4">
		<li>
			<p class="mb-2">
				<b>1.</b> Save the run as a file and send it over as you like. There: Files, Open a file, and
				crank on.
			</p>
			<button class="act act-main" onclick={take} disabled={busy}>Save the run</button>
		</li>
		<li>
			<p class="mb-2"><b>2.</b> When you come back, save it there and open that file here.</p>
			<label class="act">
				Open the file that came back
				<input
					type="file"
					class="sr-only"
					accept=".json,.zip,application/json,application/zip"
					onchange={(e) => void open(e.currentTarget.files?.[0])}
				/>
			</label>
			{#if refused}<p class="text-error mt-2" role="alert">{refused}</p>{/if}
			{#if back}
				<div class="mt-2" role="status">
					{#if back.change}
						<p>
							{back.name}: {back.change.newEvents} new {back.change.newEvents === 1
								? 'event'
								: 'events'}; the count goes from <b class="figure">{back.change.rowsBefore}</b> to
							<b class="figure">{back.change.rowsAfter}</b> rows, waste included.
							{#if back.change.sideBySide}
								Both devices counted meanwhile: the crank view will ask which rows were the same.
							{/if}
						</p>
						<button class="act act-now mt-2" onclick={bring} disabled={busy}>Bring them in</button>
					{:else}
						<p>{back.name} has nothing that is not here already.</p>
					{/if}
				</div>
			{/if}
		</li>
	</ol>
	<p class="hint mt-4">
		Events are known by an id of their own, so a file may go back and forth as often as you like: no
		row is counted twice.
	</p>
	{#if insecure}<p class="border-warning mt-2 border-l-4 pl-3 text-sm">{INSECURE}</p>{/if}
</Dialog>
