<script lang="ts">
	import type { RunChange } from '$lib/file/merge';
	import type { Everything } from '$lib/file/everything';
	import type { Project } from '$lib/core/model/project';
	import { readEverything, writeImport } from '$lib/store/transfer';
	import { FileDesk, wordFileFailure } from '../files/desk.svelte';
	import { wordRefusal } from '../files/words';
	import { saveProject } from '../files/save-project';
	import Dialog from '../parts/Dialog.svelte';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import { INSECURE } from './hands-free/insecure';

	let { project, onclose }: { project: Project; onclose: () => void } = $props();
	const workbench = useWorkbench();
	const desk = new FileDesk();
	const insecure = !window.isSecureContext;
	let back = $state.raw<{ name: string; file: Everything; change: RunChange | null } | null>(null);
	let refused = $state('');
	let busy = $state(false);

	/** What fails is said in the dialog, and changes nothing. */
	async function trying(what: () => Promise<void>) {
		busy = true;
		refused = '';
		try {
			await what();
		} catch (e) {
			refused = wordFileFailure(e);
		}
		busy = false;
	}
	const take = () =>
		trying(async () => {
			refused = await saveProject(desk, workbench, project);
		});
	const open = (file: File | undefined) =>
		trying(async () => {
			back = null;
			if (!file) return;
			const read = await desk.look(file, await readEverything(workbench.db));
			if (!read?.ok) refused = read ? wordRefusal(read.refusal) : '';
			else if (!read.value.projects.some((p) => p.id === project.id))
				refused = `It holds ${read.value.projects.map((p) => p.name).join(', ') || 'no project'}, and not ${project.name}. Open it under Files if it is to come in as well.`;
			else {
				const change = read.preview.runs.find((r) => r.projectId === project.id) ?? null;
				back = { name: file.name, file: read.value, change };
			}
		});
	const bring = () =>
		trying(async () => {
			if (!back) return;
			await writeImport(workbench.db, back.file, false);
			void notices.say('The rows counted elsewhere are in the log; none is doubled.');
			onclose();
		});
</script>

<Dialog open title="To another device, and back" {onclose}>
	<ol class="grid gap-4">
		<li>
			<p class="mb-2">
				<b>1.</b> Save the run as a file and send it over as you like. There: Files, Open a file, and
				crank on.
			</p>
			<button class="btn btn-neutral" onclick={() => void take()} disabled={busy}
				>Save the run</button
			>
		</li>
		<li>
			<p class="mb-2"><b>2.</b> When you come back, save it there and open that file here.</p>
			<label class="btn">
				Open the file that came back
				<input
					type="file"
					class="sr-only"
					accept=".json,.zip,application/json,application/zip"
					onchange={(e) => {
						void open(e.currentTarget.files?.[0]);
						e.currentTarget.value = '';
					}}
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
						<button class="btn btn-accent mt-2" onclick={() => void bring()} disabled={busy}
							>Bring them in</button
						>
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
