<script lang="ts">
	import { last } from '$lib/core/quantity/sure';
	import { PART_ROLES } from '$lib/core/model/kinds';
	import type { ToyPart } from '$lib/core/recipe/assembled/options';
	import type { MadePart } from '$lib/core/recipe/assembled/form/toy';
	import NumberField from '../parts/NumberField.svelte';
	import RangeField from '../parts/RangeField.svelte';
	import Select from '../parts/Select.svelte';
	import LineField from './LineField.svelte';

	/** One part of a toy, more closely: what it is sewn to, and its swellings from tie to tie. */
	interface Props {
		part: ToyPart;
		parts: readonly ToyPart[];
		made: MadePart | undefined;
		/** Yarns of the stripe lines. */
		yarns: number;
		put: (what: string, patch: Partial<ToyPart>) => void;
	}
	let { part, parts, made, yarns, put }: Props = $props();
	const segment = (i: number, patch: Partial<ToyPart['segments'][number]>) =>
		put('a swelling…', {
			segments: part.segments.map((s, k) => (k === i ? { ...s, ...patch } : s))
		});
</script>

<div class="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
	<div class="w-28">
		<Select
			label="It is"
			value={part.role}
			options={PART_ROLES.map((r) => ({ value: r, label: r }))}
			onvalue={(role) => put('role', { role: role as ToyPart['role'] })}
		/>
	</div>
	{#if part.to}
		{@const to = part.to}
		<div class="w-36">
			<Select
				label="Sewn to"
				value={to.part}
				options={parts.filter((p) => p.id !== part.id).map((p) => ({ value: p.id, label: p.name }))}
				onvalue={(p) => put('sewn to', { to: { ...to, part: p } })}
			/>
		</div>
		<RangeField
			label={`Along it, ${Math.round(to.along * 100)} %`}
			value={Math.round(to.along * 100)}
			onvalue={(v) => put('place…', { to: { ...to, along: v / 100 } })}
		/>
		<RangeField
			label={`Pointing, ${to.angle}°`}
			min={-180}
			max={180}
			step={5}
			value={to.angle}
			onvalue={(angle) => put('angle…', { to: { ...to, angle } })}
		/>
	{/if}
</div>
<ol class="mt-3 grid gap-x-6 gap-y-2 lg:grid-cols-2">
	{#each part.segments as s, i (i)}
		<li class="rule-line flex flex-wrap items-end gap-x-3 gap-y-1 border-t pt-2">
			<span class="figure mb-2 w-5">{i + 1}</span>
			<LineField
				label={i === 0 ? 'From its first row: stripes' : 'then, past a tie: stripes'}
				line={s.line}
				{yarns}
				onvalue={(line) => segment(i, { line })}
			/>
			<div class="w-28">
				<NumberField
					label="Tube, flat"
					of="length"
					value={Math.round((made?.segments[i]?.flatCm ?? 5) * 10) / 10}
					min={1}
					max={100}
					onvalue={(cm) => segment(i, { length: { by: 'cm', cm } })}
				/>
			</div>
			{#if part.stuffed}
				<RangeField
					label={`Widened by ${Math.round(s.puff * 100)} %`}
					max={60}
					value={Math.round(s.puff * 100)}
					onvalue={(v) => segment(i, { puff: v / 100 })}
				/>
				<button
					class="btn btn-sm mb-1"
					onclick={() => segment(i, { length: { by: 'times', times: 1 } })}>Make it a ball</button
				>
			{/if}
			<span class="figure mb-1.5 text-sm">{made?.segments[i]?.rows ?? 0} rows</span>
			{#if part.segments.length > 1}<button
					class="btn btn-sm mb-1"
					aria-label={`Take swelling ${i + 1} out`}
					onclick={() =>
						put('a swelling less', { segments: part.segments.filter((_, k) => k !== i) })}
					>Out</button
				>{/if}
		</li>
	{/each}
</ol>
{#if part.segments.length < 12}<button
		class="btn btn-sm mt-2"
		onclick={() =>
			put('a swelling more', {
				segments: [...part.segments, { ...last(part.segments) }]
			})}>Tie it off and go on</button
	>{/if}
