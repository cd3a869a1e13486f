<script lang="ts">
	import { BORDERS } from '$lib/core/model/kinds';
	import type { FoldedBagWish, PomPomWish, TubeBlanketWish } from '$lib/core/recipe/things/options';
	import { lengthOf } from '$lib/core/plan/lies';
	import type { ThingPlan } from '$lib/core/plan';
	import Choice from '../parts/Choice.svelte';
	import NumberField from '../parts/NumberField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import LineField from './LineField.svelte';

	interface Props {
		wish: FoldedBagWish | TubeBlanketWish | PomPomWish;
		editor: ProjectEditor;
		plan: ThingPlan;
	}
	let { wish, editor, plan }: Props = $props();
	const rows = $derived(plan.pieces[0]?.mainRows ?? 12);
	const BORDER_WORDS = {
		none: 'none',
		single: 'one a loop',
		double: 'two a loop',
		repeat: 'a repeat'
	} as const;
</script>

{#if wish.recipe === 'folded-bag'}
	<LineField
		line={wish.line}
		yarns={wish.yarns.length}
		onvalue={(line) => editor.wish('stripes…', { line })}
	/>
	<div class="w-44">
		<Select
			label="Strip is as long as"
			value={wish.length.by}
			options={[
				{ value: 'fold', label: 'folds: 3 × its width' },
				{ value: 'rows', label: 'so many rows' },
				{ value: 'cm', label: 'a length' }
			]}
			onvalue={(by) =>
				editor.wish('length of the strip', {
					length:
						by === 'rows'
							? { by, rows }
							: by === 'cm'
								? { by, cm: Math.round(lengthOf(plan).mean) }
								: { by: 'fold' }
				})}
		/>
	</div>
	{#if wish.length.by === 'rows'}<div class="w-28">
			<NumberField
				label="Rows"
				of="rows"
				value={wish.length.rows}
				min={12}
				max={600}
				onvalue={(n) => editor.wish('rows…', { length: { by: 'rows', rows: n } })}
			/>
		</div>{:else if wish.length.by === 'cm'}<div class="w-28">
			<NumberField
				label="Length"
				of="length"
				value={wish.length.cm}
				min={6}
				max={300}
				onvalue={(cm) => editor.wish('length…', { length: { by: 'cm', cm } })}
			/>
		</div>{/if}
	<div class="w-28">
		<NumberField
			label="Handle"
			of="rows"
			value={wish.handleRows}
			min={4}
			max={200}
			onvalue={(handleRows) => editor.wish('handle…', { handleRows })}
		/>
	</div>
{:else if wish.recipe === 'tube-blanket'}
	<Choice
		label="Colours"
		value={wish.colours}
		options={[
			{ value: 'by-tube', label: 'a tube each' },
			{ value: 'line', label: 'stripes' }
		]}
		onvalue={(colours) => editor.wish('colours by', { colours })}
	/>
	{#if wish.colours === 'line'}<LineField
			line={wish.line}
			yarns={wish.yarns.length}
			onvalue={(line) => editor.wish('stripes…', { line })}
		/>{/if}
	<div class="w-28">
		<NumberField
			label="Across"
			of="tubes"
			value={wish.across}
			min={1}
			max={24}
			onvalue={(across) => editor.wish('tubes…', { across })}
		/>
	</div>
	<div class="w-28">
		<NumberField
			label="Length"
			of="length"
			value={wish.lengthCm}
			min={10}
			max={300}
			onvalue={(lengthCm) => editor.wish('length…', { lengthCm })}
		/>
	</div>
	<Choice
		label="Crochet along the ends"
		value={wish.border}
		options={BORDERS.map((value) => ({ value, label: BORDER_WORDS[value] }))}
		onvalue={(border) => editor.wish('border', { border })}
	/>
	{#if wish.border === 'repeat'}<div class="w-24">
			<NumberField
				label="Repeat of"
				of=""
				value={wish.repeatOf}
				min={2}
				max={24}
				onvalue={(repeatOf) => editor.wish('repeat…', { repeatOf })}
			/>
		</div>{/if}
{:else}
	<div class="w-32">
		<NumberField
			label="How many"
			of=""
			value={wish.count}
			min={1}
			max={500}
			onvalue={(count) => editor.wish('how many…', { count })}
		/>
	</div>
	<div class="w-32">
		<NumberField
			label="Card, long"
			of="length"
			value={wish.cardCm}
			min={2}
			max={30}
			onvalue={(cardCm) => editor.wish('card…', { cardCm })}
		/>
	</div>
	<div class="w-32">
		<NumberField
			label="Wraps of each"
			of=""
			value={plan.finished.kind === 'wound' ? plan.finished.wraps : 60}
			min={10}
			max={600}
			onvalue={(wraps) => editor.wish('wraps…', { wraps })}
		/>
	</div>
	{#if wish.wraps !== null}<button
			class="act act-small mb-1"
			onclick={() => editor.wish('wraps', { wraps: null })}>As many as fill it</button
		>{/if}
	<div class="w-32">
		<NumberField
			label="Strand to tie with"
			of="length"
			value={wish.tieCm}
			min={15}
			max={100}
			onvalue={(tieCm) => editor.wish('tie…', { tieCm })}
		/>
	</div>
{/if}
