<script lang="ts">
	import { printValue } from '$lib/core/quantity/print';
	import type { Choice as Named, Control } from '$lib/core/recipe/controls';
	import Choice from '../parts/Choice.svelte';
	import NumberField from '../parts/NumberField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import YarnPick from './YarnPick.svelte';

	let {
		control: c,
		editor
	}: { control: Exclude<Control, { kind: 'editor' }>; editor: ProjectEditor } = $props();
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

	/** A figure of one's own is being given in place of a named one. */
	let own = $state(false);
	const named = $derived(
		c.kind === 'number' && !own
			? c.named.find((n) => n.value === (c.value ?? c.usual?.value))
			: undefined
	);
	const usual = $derived.by(() => {
		if (c.kind !== 'number' || !c.usual) return undefined;
		const { value, says } = c.usual;
		const text =
			typeof value === 'string'
				? value
				: c.unit === 'length'
					? printValue(Math.round(value * 10) / 10, 'length', units)
					: c.unit
						? `${value} ${c.unit}`
						: String(value);
		return says ? `${text}, ${says}` : text;
	});
</script>

{#if c.kind === 'choice' && c.as === 'row'}
	<Choice
		label={c.label}
		value={c.chosen}
		options={c.choices.map(hinted)}
		onvalue={(id) => set(c.choices.find((x) => x.id === id)?.value)}
	/>
{:else if c.kind === 'choice'}
	<div class="w-52">
		<Select
			label={c.label}
			value={c.chosen}
			options={c.choices.map(hinted)}
			onvalue={(id) => set(c.choices.find((x) => x.id === id)?.value)}
		/>
	</div>
{:else if c.kind === 'yarn'}
	<YarnPick label={c.label} value={c.value} yarns={workbench.bench.yarns} onvalue={set} />
{:else if c.kind === 'again'}
	<button class="act act-small mb-1" onclick={() => set(c.next)}>{c.label}</button>
{:else}
	{#if c.named.length > 0}
		<div class="w-44">
			<Select
				label={c.label}
				value={named?.id ?? 'own'}
				options={[...c.named.map(hinted), { value: 'own', label: 'my own' }]}
				onvalue={(id) => {
					own = id === 'own';
					const chosen = c.named.find((n) => n.id === id);
					if (chosen) set(chosen.value);
				}}
			/>
		</div>
	{/if}
	{#if !named}
		<div class={c.usual || c.own.length > 17 ? 'w-48' : 'w-32'}>
			<NumberField
				label={c.own}
				of={c.unit}
				value={c.value}
				min={c.min}
				max={c.max}
				{...usual === undefined ? {} : { placeholder: usual, onempty: () => set(null) }}
				onvalue={set}
			/>
		</div>
	{/if}
{/if}
