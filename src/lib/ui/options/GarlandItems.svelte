<script lang="ts">
	import { last } from '$lib/core/quantity/sure';
	import { ITEMS, type ItemKind } from '$lib/core/model/kinds';
	import type { GarlandItem } from '$lib/core/recipe/assembled/options';
	import NumberField from '../parts/NumberField.svelte';
	import RowTable from '../parts/RowTable.svelte';
	import Select from '../parts/Select.svelte';
	import { doubled } from '../parts/row-table';
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
	/** What its size counts. */
	const SIZED: Record<ItemKind, string> = {
		bauble: 'rows',
		pumpkin: 'rows',
		flag: 'stitches',
		'pom-pom': 'wraps',
		tube: 'rows'
	};
	const chosen = $derived(control.value as readonly GarlandItem[]);
	const items = (next: GarlandItem[], what = control.what) =>
		editor.options(what, control.patch(next));
	const put = (i: number, patch: Partial<GarlandItem>) =>
		items(chosen.map((x, k) => (k === i ? { ...x, ...patch } : x)));
</script>

<section class="min-w-0" aria-label="Things on the cord, in turn">
	<h2 class="text-base">Things on it, in turn</h2>
	<RowTable
		label="Things on the cord"
		heads={['Thing', 'Made on', 'Size']}
		rows={chosen}
		nameOf={(x, i) => `${ITEM_WORDS[x.kind]} ${i + 1}`}
		least={control.least}
		most={control.most}
		add="Another kind"
		onadd={() => items([...chosen, { ...last(chosen) }], 'a kind more')}
		ondouble={(i) => items(doubled(chosen, i), 'a kind more')}
		onrows={items}
	>
		{#snippet row(item: GarlandItem, i: number)}
			<td class="w-36">
				<Select
					hideLabel
					label={`Thing ${i + 1}`}
					value={item.kind}
					options={ITEMS.map((value) => ({ value, label: ITEM_WORDS[value] }))}
					onvalue={(kind) => put(i, { kind: kind as ItemKind, size: null })}
				/>
			</td>
			<td class="min-w-48">
				{#if item.kind === 'pom-pom'}<span class="quiet">its card</span>{:else}
					<Select
						hideLabel
						label={`Thing ${i + 1}, made on`}
						value={item.on ?? ''}
						options={[
							{ value: '', label: 'this machine' },
							...workbench.bench.machines.map((m) => ({ value: m.id as string, label: m.name }))
						]}
						onvalue={(on) => put(i, { on: (on || null) as GarlandItem['on'] })}
					/>
				{/if}
			</td>
			<td class="w-36">
				<NumberField
					hideLabel
					label={`Thing ${i + 1}, ${SIZED[item.kind]}`}
					of={SIZED[item.kind]}
					value={item.size}
					min={3}
					max={600}
					placeholder="as usual"
					onempty={() => put(i, { size: null })}
					onvalue={(size) => put(i, { size })}
				/>
			</td>
		{/snippet}
	</RowTable>
</section>
