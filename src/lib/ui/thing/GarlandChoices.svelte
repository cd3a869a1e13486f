<script lang="ts">
	import { CORDS, ITEMS, SOLVES, type ItemKind } from '$lib/core/model/kinds';
	import type { GarlandItem, GarlandWish } from '$lib/core/recipe/things/options';
	import type { ThingPlan } from '$lib/core/plan';
	import Choice from '../parts/Choice.svelte';
	import NumberField from '../parts/NumberField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { wish, editor, plan }: { wish: GarlandWish; editor: ProjectEditor; plan: ThingPlan } =
		$props();
	const workbench = useWorkbench();
	const ITEM_WORDS: Record<ItemKind, string> = {
		bauble: 'bauble',
		pumpkin: 'pumpkin ball',
		flag: 'flag',
		'pom-pom': 'pom-pom',
		tube: 'small tube'
	};
	const CORD_WORDS = { knitted: 'knitted', chain: 'a chain', own: 'of my own' } as const;
	const solved = $derived(plan.finished.kind === 'hung' ? plan.finished.solved : null);
	const items = (next: GarlandItem[], what = 'things on it') => editor.wish(what, { items: next });
	const put = (i: number, patch: Partial<GarlandItem>) =>
		items(wish.items.map((x, k) => (k === i ? { ...x, ...patch } : x)));
</script>

<div class="flex flex-wrap items-end gap-2">
	{#each wish.items as item, i (i)}
		<div class="w-36">
			<Select
				label={wish.items.length > 1 ? `Thing ${i + 1}, in turn` : 'Things'}
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
	{#if wish.items.length < 8}<button
			class="act act-small mb-1"
			onclick={() => items([...wish.items, { ...wish.items.at(-1)! }], 'a kind more')}
			>Another kind</button
		>{/if}
	{#if wish.items.length > 1}<button
			class="act act-small mb-1"
			onclick={() => items(wish.items.slice(0, -1), 'a kind less')}>One less</button
		>{/if}
</div>
<Choice
	label="Work out"
	value={wish.solve}
	options={SOLVES.map((value) => ({ value, label: `the ${value}` }))}
	onvalue={(solve) =>
		// What was worked out stands as it came out, and is the maker's from now on.
		editor.wish('what is worked out', {
			solve,
			...(solved
				? {
						number: solved.number,
						spacingCm: Math.max(1, Math.round(solved.spacingCm * 10) / 10),
						spanCm: Math.min(2000, Math.max(20, Math.round(solved.cord.spanCm)))
					}
				: {})
		})}
/>
{#if wish.solve !== 'number'}<div class="w-24">
		<NumberField
			label="How many"
			of=""
			value={wish.number}
			min={1}
			max={200}
			onvalue={(number) => editor.wish('how many…', { number })}
		/>
	</div>{/if}
{#if wish.solve !== 'spacing'}<div class="w-28">
		<NumberField
			label="Middle to middle"
			of="length"
			value={wish.spacingCm}
			min={1}
			max={100}
			onvalue={(spacingCm) => editor.wish('spacing…', { spacingCm })}
		/>
	</div>{/if}
{#if wish.solve !== 'span'}<div class="w-28">
		<NumberField
			label="Hook to hook"
			of="length"
			value={wish.spanCm}
			min={20}
			max={2000}
			onvalue={(spanCm) => editor.wish('span…', { spanCm })}
		/>
	</div>{/if}
<div class="w-24">
	<NumberField
		label="Sag"
		of="length"
		value={wish.sagCm}
		min={0}
		max={600}
		onvalue={(sagCm) => editor.wish('sag…', { sagCm })}
	/>
</div>
<div class="w-28">
	<NumberField
		label="Loop at each end"
		of="length"
		value={wish.loopCm}
		min={0}
		max={60}
		onvalue={(loopCm) => editor.wish('loops…', { loopCm })}
	/>
</div>
<Choice
	label="Cord"
	value={wish.cord}
	options={CORDS.map((value) => ({ value, label: CORD_WORDS[value] }))}
	onvalue={(cord) => editor.wish('cord', { cord })}
/>
<Choice
	label="Colours"
	value={wish.order}
	options={[
		{ value: 'repeat', label: 'in turn' },
		{ value: 'shuffle', label: 'shuffled' }
	]}
	onvalue={(order) => editor.wish('order of colours', { order })}
/>
{#if wish.order === 'shuffle'}<button
		class="act act-small mb-1"
		onclick={() => editor.wish('another shuffle', { seed: (wish.seed + 1) % 10_000 })}
		>Shuffle again</button
	>{/if}
{#if wish.items.some((x) => x.kind === 'pom-pom')}<div class="w-28">
		<NumberField
			label="Card, long"
			of="length"
			value={wish.cardCm}
			min={2}
			max={30}
			onvalue={(cardCm) => editor.wish('card…', { cardCm })}
		/>
	</div>{/if}
