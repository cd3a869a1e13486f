<script lang="ts">
	import { last } from '$lib/core/quantity/sure';
	import { ITEMS, type ItemKind } from '$lib/core/model/kinds';
	import type { GarlandItem } from '$lib/core/recipe/assembled/options';
	import Select from '../parts/Select.svelte';
	import type { EditorProps } from './editor';
	import { useWorkbench } from '../state/workbench.svelte';

	let { control, editor }: EditorProps = $props();
	const workbench = useWorkbench();
	const ITEM_WORDS: Record<ItemKind, string> = {
		bauble: 'bauble',
		pumpkin: 'pumpkin ball',
		flag: 'flag',
		'pom-pom': 'pom-pom',
		tube: 'small tube'
	};
	const chosen = $derived(control.value as readonly GarlandItem[]);
	const items = (next: GarlandItem[], what = control.what) =>
		editor.options(what, control.patch(next));
	const put = (i: number, patch: Partial<GarlandItem>) =>
		items(chosen.map((x, k) => (k === i ? { ...x, ...patch } : x)));
</script>

<div class="flex flex-wrap items-end gap-2">
	{#each chosen as item, i (i)}
		<div class="w-36">
			<Select
				label={chosen.length > 1 ? `Thing ${i + 1}, in turn` : 'Things'}
				value={item.kind}
				options={ITEMS.map((value) => ({ value, label: ITEM_WORDS[value] }))}
				onvalue={(kind) => put(i, { kind: kind as ItemKind, size: null })}
			/>
		</div>
		{#if item.kind !== 'pom-pom'}
			<div class="w-40">
				<Select
					label="made on"
					value={item.on ?? ''}
					options={[
						{ value: '', label: 'this machine' },
						...workbench.bench.machines.map((m) => ({ value: m.id as string, label: m.name }))
					]}
					onvalue={(on) => put(i, { on: (on || null) as GarlandItem['on'] })}
				/>
			</div>
		{/if}
	{/each}
	{#if chosen.length < 8}<button
			class="btn btn-sm mb-1"
			onclick={() => items([...chosen, { ...last(chosen) }], 'a kind more')}>Another kind</button
		>{/if}
	{#if chosen.length > 1}<button
			class="btn btn-sm mb-1"
			onclick={() => items(chosen.slice(0, -1), 'a kind less')}>One less</button
		>{/if}
</div>
