<script lang="ts">
	import { last } from '$lib/core/quantity/sure';
	import { MACHINE_PRESETS } from '$lib/core/bench/machine/presets';
	import { mended, type Unsound } from '$lib/store/sound';
	import type { Yarn } from '$lib/core/model/bench';
	import { newPattern, type WrittenPattern } from '$lib/core/model/written';
	import { firstYarn } from '../bench/defaults';
	import { save, slug } from '../files/save';
	import { KINDS } from '../files/words';
	import { entryOf } from '$lib/core/recipe';
	import { newProject, type New } from '../state/projects';
	import { atHand } from '../state/recipes.svelte';
	import { notices } from '../state/notices.svelte';
	import { mendUnsound, removeUnsound } from '../state/mending';
	import { useWorkbench } from '../state/workbench.svelte';

	const workbench = useWorkbench();

	/** What a record of its kind usually holds: where something does not fit, that takes its place. */
	function usual(u: Unsound): unknown {
		const raw = u.raw as { options?: { recipe?: unknown } } | null;
		switch (u.table) {
			case 'projects': {
				const id = String(raw?.options?.recipe);
				const what = (entryOf(id) ? id : 'lined-hat') as New;
				return atHand(what) ? newProject(workbench.bench, what) : undefined;
			}
			case 'machines':
				return { ...last(MACHINE_PRESETS), id: u.id };
			case 'yarns':
				return firstYarn(u.id as Yarn['id'], 0);
			case 'orders':
				return { id: u.id, name: 'Stall order', createdAt: 0, lines: [], note: '' };
			case 'patterns':
				return newPattern(u.id as WrittenPattern['id'], 0);
			default:
				return { note: '' };
		}
	}
	const found = $derived(
		workbench.unsound.map((u) => ({ u, help: mended(u.table, u.raw, usual(u)) }))
	);
	const putBack = (back: () => Promise<void>) => ({ label: 'Undo', onClick: () => void back() });

	function keepRaw(u: Unsound) {
		const text = JSON.stringify(u.raw, null, '\t');
		save(`${slug(u.name || u.table)}.raw.json`, new Blob([text], { type: 'application/json' }));
	}
	async function mend(u: Unsound, record: object) {
		const back = await mendUnsound(workbench, u, record);
		void notices.say(`${u.name || 'The record'} reads again`, putBack(back));
	}
	async function remove(u: Unsound) {
		const back = await removeUnsound(workbench, u);
		void notices.say(`${u.name || 'The record'} removed`, putBack(back));
	}
</script>

<section class="border-warning mb-4 border-l-4 pl-4" aria-labelledby="unsound-title">
	<h2 id="unsound-title" class="text-base">
		{found.length === 1 ? 'One record does' : `${found.length} records do`} not read
	</h2>
	<p class="mb-2 text-sm">
		{found.length === 1 ? 'It stands' : 'They stand'} apart, as {found.length === 1
			? 'it is'
			: 'they are'}; everything else goes on. A backup carries {found.length === 1 ? 'it' : 'them'} along.
	</p>
	<ul class="text-sm">
		{#each found as { u, help } (u.table + u.id)}
			<li class="rule-line flex flex-wrap items-baseline gap-x-3 gap-y-1 border-t py-1.5">
				<b>{u.name || 'Without a name'}</b>
				<span class="quiet">{KINDS[u.table]}</span>
				<span>at “{u.path || 'the top'}”: {u.expected}</span>
				<span class="ml-auto flex flex-wrap gap-1">
					{#if help && u.id}
						<button
							class="btn btn-sm"
							title={help.changed.join(', ')}
							onclick={() => void mend(u, help.record)}
							>Mend: {help.changed.length > 3
								? `${help.changed.length} fields`
								: help.changed.join(', ')} as usual</button
						>
					{/if}
					<button class="btn btn-sm" onclick={() => keepRaw(u)}>Save it as it is</button>
					{#if u.id}<button class="btn btn-sm" onclick={() => void remove(u)}>Remove</button>{/if}
				</span>
			</li>
		{/each}
	</ul>
</section>
