<script lang="ts">
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import type { BuntingProject } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import YarnPick from './YarnPick.svelte';

	interface Props {
		project: BuntingProject;
		editor: ProjectEditor;
		plan: PlanOf<'flags'>;
		yarns: readonly Yarn[];
	}
	let { project, editor, plan, yarns }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const wish = $derived(project.wish);
	const count =
		(noun: string, min: number, max: number) =>
		(t: string): Result<number> => {
			const n = parseCount(t, noun);
			return n.ok ? inRange(n.value, { min, max, unit: noun }) : n;
		};
	const parseFlags = count('flags', 1, 60);
	const parseStitches = count('stitches', 5, 190);
	const parseTip = count('stitches', 3, 8);
	const cm = $derived(lengthBetween(units, 3, 120));
	const parseWidth = $derived((t: string) =>
		wish.width.by === 'stitches' ? parseStitches(t) : cm(parseLengthCm(t, units))
	);
	function take(parse: (t: string) => Result<number>, t: string, put: (n: number) => void) {
		const r = parse(t);
		if (r.ok) put(r.value);
	}
	const setYarns = (ids: readonly string[]) =>
		editor.wish('colours', { yarns: ids as readonly YarnId[] as YarnId[] });
</script>

<div class="no-print flex flex-wrap items-end gap-x-5 gap-y-2 pt-1">
	{#each wish.yarns as y, i (i)}
		<YarnPick
			label={wish.yarns.length > 1 ? `Colour ${i + 1}` : 'Colour'}
			value={y}
			{yarns}
			onvalue={(v) => setYarns(wish.yarns.map((x, k) => (k === i ? v : x)))}
		/>
	{/each}
	<div class="flex gap-1">
		{#if wish.yarns.length < 8}<button
				class="act act-small mb-1"
				onclick={() =>
					setYarns([
						...wish.yarns,
						(yarns.find((y) => !wish.yarns.includes(y.id)) ?? yarns[0]!).id
					])}>Add a colour</button
			>{/if}
		{#if wish.yarns.length > 1}<button
				class="act act-small mb-1"
				onclick={() => setYarns(wish.yarns.slice(0, -1))}>One less</button
			>{/if}
	</div>
	<div class="w-28">
		<QuantityField
			label="Flags"
			text={`${wish.flags} flags`}
			parse={parseFlags}
			onvalue={(t) => take(parseFlags, t, (flags) => editor.wish('flags…', { flags }))}
		/>
	</div>
	<div class="w-40">
		<Select
			label="Width is set by"
			value={wish.width.by}
			options={[
				{ value: 'stitches', label: 'stitches' },
				{ value: 'size', label: 'a length' }
			]}
			onvalue={(by) =>
				editor.wish('what sets the width', {
					width:
						by === 'stitches'
							? { by: 'stitches', stitches: plan.finished.flag.stitches }
							: { by: 'size', cm: Math.round(plan.finished.flag.width.mean * 2) / 2 }
				})}
		/>
	</div>
	<div class="w-32">
		<QuantityField
			label="Top edge"
			text={wish.width.by === 'stitches'
				? `${wish.width.stitches} stitches`
				: printValue(wish.width.cm, 'length', units)}
			parse={parseWidth}
			onvalue={(t) =>
				take(parseWidth, t, (n) =>
					editor.wish('width…', {
						width:
							wish.width.by === 'stitches' ? { by: 'stitches', stitches: n } : { by: 'size', cm: n }
					})
				)}
		/>
	</div>
	<Choice
		label="Decrease every"
		value={wish.everyRows}
		options={[2, 4, 6].map((n) => ({ value: n, label: `${n} rows` }))}
		onvalue={(n) => editor.wish('slope', { everyRows: n as 2 | 4 | 6 })}
	/>
	<Choice
		label="At each edge"
		value={wish.way}
		options={[
			{ value: 'single', label: 'one' },
			{ value: 'double', label: 'two' }
		]}
		onvalue={(way) => editor.wish('decrease', { way })}
	/>
	<div class="w-28">
		<QuantityField
			label="Left at the tip"
			text={`${wish.tip} stitches`}
			parse={parseTip}
			onvalue={(t) => take(parseTip, t, (tip) => editor.wish('tip…', { tip }))}
		/>
	</div>
	<Choice
		label="Turned"
		value={wish.turn}
		options={[
			{ value: 'switch', label: 'by the switch', hint: 'Panel mode: stops near the marker' },
			{ value: 'hand', label: 'by hand', hint: 'Tube mode: you turn back at each edge' }
		]}
		onvalue={(turn) => editor.wish('how it is turned', { turn })}
	/>
</div>
