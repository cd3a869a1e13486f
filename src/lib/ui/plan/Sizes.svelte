<script lang="ts">
	import type { HatProject } from '$lib/core/model/project';
	import type { HatLength } from '$lib/core/recipe/hats/options';
	import { sizeOf } from '$lib/core/assembly/size';
	import type { PlanOf } from '$lib/core/plan';
	import { exact } from '$lib/core/quantity/estimate';
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import { figure } from '$lib/core/quantity/working';
	import { VISIBLE_SHARE, headCm, isAdult } from '$lib/core/bench/size/head';
	import Choice from '../parts/Choice.svelte';
	import Figure from '../parts/Figure.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	let {
		project,
		editor,
		plan
	}: { project: HatProject; editor: ProjectEditor; plan: PlanOf<'worn'> } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const wish = $derived(project.wish);
	const piece = $derived(plan.pieces[0]!);
	const rowsFigure = $derived(figure('Rows', 'rows', exact(piece.mainRows), piece.rowsWorking));

	type Key = 'fit' | 'rows' | 'layer-flat' | 'layer-worn' | 'tube-flat' | 'tube-worn' | 'yarn';
	const key = $derived<Key>(
		wish.length.by === 'fit' || wish.length.by === 'rows' || wish.length.by === 'yarn'
			? wish.length.by
			: `${wish.length.by}-${wish.length.as}`
	);
	const OPTIONS: { value: Key; label: string }[] = [
		{ value: 'fit', label: 'the head: what fits' },
		{ value: 'layer-flat', label: 'one layer, flat' },
		{ value: 'layer-worn', label: 'one layer, as worn' },
		{ value: 'tube-flat', label: 'the whole tube, flat' },
		{ value: 'tube-worn', label: 'the whole tube, as worn' },
		{ value: 'rows', label: 'a row count' },
		{ value: 'yarn', label: 'the yarn on hand' }
	];
	const round = (cm: number) => Math.round(cm * 2) / 2;

	/** Choosing what to set starts from what the plan says now, so that nothing jumps. */
	function setBy(next: Key) {
		const flat = plan.finished.hat.tubeFlat.mean;
		const worn = flat * plan.finished.hat.wornFactor;
		const START: Record<Key, HatLength> = {
			fit: { by: 'fit' },
			yarn: { by: 'yarn' },
			rows: { by: 'rows', rows: Math.min(600, piece.mainRows) },
			'layer-flat': { by: 'layer', as: 'flat', cm: round(flat / 2) },
			'layer-worn': { by: 'layer', as: 'worn', cm: round(worn / 2) },
			'tube-flat': { by: 'tube', as: 'flat', cm: round(flat) },
			'tube-worn': { by: 'tube', as: 'worn', cm: round(worn) }
		};
		editor.wish('what sets the length', { length: START[next] });
	}
	const parseRows = (t: string): Result<number> => {
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 8, max: 600, unit: 'rows' }) : n;
	};
	const parseCm = $derived((t: string) =>
		lengthBetween(
			units,
			wish.length.by === 'tube' ? 6 : 3,
			wish.length.by === 'tube' ? 160 : 80
		)(parseLengthCm(t, units))
	);
	function setLength(t: string) {
		const { length } = wish;
		if (length.by === 'rows') {
			const r = parseRows(t);
			if (r.ok) editor.wish('rows…', { length: { by: 'rows', rows: r.value } });
		} else if (length.by !== 'fit' && length.by !== 'yarn') {
			const r = parseCm(t);
			if (r.ok) editor.wish('length…', { length: { ...length, cm: r.value } });
		}
	}
	// An adult's hat is made by flat rules; how high that stands follows.
	const usual = $derived(
		isAdult(wish.head) ? plan.finished.hat.heightWorn.mean : VISIBLE_SHARE * headCm(wish.head)
	);
	const visible = $derived(lengthBetween(units, 5, 60));
	const brim = $derived(lengthBetween(units, 1, 20));
	const setVisible = (t: string) => {
		const r = visible(parseLengthCm(t, units));
		if (r.ok) editor.wish('height…', { visibleCm: r.value });
	};
	const setBrim = (t: string) => {
		const r = brim(parseLengthCm(t, units));
		if (r.ok) editor.wish('brim…', { brim: { turnedUp: true, heightCm: r.value } });
	};
</script>

<div class="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
	<Figure figure={rowsFigure} large mark={key === 'rows' ? 'set' : undefined} />
	<Figure
		figure={sizeOf(plan, 'tube-flat')}
		large
		mark={key.startsWith('tube') ? 'set' : undefined}
	/>
	<Figure figure={sizeOf(plan, 'height-worn')} large />
	<Figure figure={sizeOf(plan, 'layer-flat')} mark={key === 'layer-flat' ? 'set' : undefined} />
	<Figure figure={sizeOf(plan, 'layer-worn')} mark={key === 'layer-worn' ? 'set' : undefined} />
	<Figure figure={sizeOf(plan, 'flat-width')} />
</div>
<div class="no-print mt-3 grid grid-cols-2 items-start gap-3">
	<Select label="Length is set by" value={key} options={OPTIONS} onvalue={(v) => setBy(v as Key)} />
	{#if wish.length.by === 'fit'}
		<QuantityField
			label="Height on the head"
			text={wish.visibleCm === null ? '' : printValue(wish.visibleCm, 'length', units)}
			placeholder={`${printValue(Number(usual.toFixed(1)), 'length', units)}, the usual`}
			parse={(t) => visible(parseLengthCm(t, units))}
			onvalue={setVisible}
			onempty={() => editor.wish('height…', { visibleCm: null })}
		/>
	{:else if wish.length.by !== 'yarn'}
		<QuantityField
			label={OPTIONS.find((o) => o.value === key)!.label}
			text={wish.length.by === 'rows'
				? `${wish.length.rows} rows`
				: printValue(wish.length.cm, 'length', units)}
			parse={wish.length.by === 'rows' ? parseRows : parseCm}
			onvalue={setLength}
		/>
	{/if}
	<Choice
		label="Brim"
		value={wish.brim.turnedUp ? 'up' : 'down'}
		options={[
			{ value: 'up', label: 'turned up' },
			{ value: 'down', label: 'not turned' }
		]}
		onvalue={(v) => editor.wish('brim', { brim: { ...wish.brim, turnedUp: v === 'up' } })}
	/>
	{#if wish.brim.turnedUp}
		<QuantityField
			label="Brim height, as worn"
			text={printValue(wish.brim.heightCm, 'length', units)}
			parse={(t) => brim(parseLengthCm(t, units))}
			onvalue={setBrim}
		/>
	{/if}
</div>
