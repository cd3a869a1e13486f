<script lang="ts">
	import { printValue } from '$lib/core/quantity/print';
	import type { Choice as Named, Control } from '$lib/core/recipe/controls';
	import { sayCount } from '$lib/core/recipe/slip';
	import { untrack } from 'svelte';
	import Choice from '../parts/Choice.svelte';
	import { useDrafts } from '../parts/drafts.svelte';
	import NumberField from '../parts/NumberField.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import ChoiceList from './ChoiceList.svelte';
	import YarnList from './YarnList.svelte';

	/** One option of an open phrase. */
	interface Props {
		control: Exclude<Control, { kind: 'editor' }>;
		editor: ProjectEditor;
		/** Called when a press has settled it. */
		ondone: () => void;
	}
	let { control: c, editor, ondone }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const set = (value: unknown) => editor.options(c.what, c.patch(value));
	const label = ({ label, cm }: Named) =>
		cm === undefined ? label : `${label} ${printValue(cm, 'length', units)}`;
	const hinted = (n: Named) => ({
		value: n.id,
		label: label(n),
		...(n.hint ? { hint: n.hint } : {})
	});
	const OWN = 'own';
	/** A figure of one's own is being given in place of a named one. */
	const drafts = useDrafts();
	// What was typed and could not be read is still there.
	let own = $state(untrack(() => drafts?.of(c.key) !== undefined));
	const named = $derived(
		c.kind === 'number' && !own
			? c.named.find((n) => n.value === (c.value ?? c.usual?.value))
			: undefined
	);
	const usual = $derived.by(() => {
		if (c.kind !== 'number' || !c.usual) return undefined;
		const { value, says } = c.usual;
		const text = typeof value === 'string' ? value : sayCount(value, c.unit, units);
		return says ? `${text}, ${says}` : text;
	});
	const take = (choices: readonly Named[], id: string) => {
		const chosen = choices.find((x) => x.id === id);
		if (chosen) set(chosen.value);
	};
</script>

{#if c.kind === 'choice' && (c.choices.length > 4 || c.choices.some((x) => x.hint) || c.as === 'list')}
	<ChoiceList
		label={c.label}
		value={c.chosen}
		options={c.choices.map(hinted)}
		onvalue={(id) => take(c.choices, id)}
		{ondone}
	/>
{:else if c.kind === 'choice'}
	<Choice
		label={c.label}
		value={c.chosen}
		options={c.choices.map(hinted)}
		onvalue={(id) => take(c.choices, id)}
	/>
{:else if c.kind === 'yarn'}
	<YarnList label={c.label} value={c.value} onvalue={set} {ondone} />
{:else if c.kind === 'again'}
	<button class="btn btn-sm" onclick={() => set(c.next)}>{c.label}</button>
{:else}
	{#if c.named.length > 0}
		<ChoiceList
			label={c.label}
			value={named?.id ?? OWN}
			options={[...c.named.map(hinted), { value: OWN, label: 'my own' }]}
			onvalue={(id) => {
				own = id === OWN;
				take(c.named, id);
			}}
			ondone={() => own || ondone()}
		/>
	{/if}
	{#if !named}
		<div class="w-48">
			<NumberField
				label={c.own}
				of={c.unit}
				value={c.value}
				min={c.min}
				max={c.max}
				draft={c.key}
				{...usual === undefined ? {} : { placeholder: usual, onempty: () => set(null) }}
				onvalue={set}
			/>
		</div>
	{/if}
{/if}
