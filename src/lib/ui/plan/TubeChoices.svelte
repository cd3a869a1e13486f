<script lang="ts">
	import type { Yarn } from '$lib/core/model/bench';
	import type { TubeProject } from '$lib/core/model/project';
	import type { PlainTubeWish } from '$lib/core/recipe/tubes/options';
	import type { PlanOf } from '$lib/core/plan';
	import { hiddenJoins } from '$lib/core/assembly/layers';
	import { rowPlaces } from '$lib/core/plan/places';
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import { tubeSections } from '$lib/core/recipe/tubes/tube';
	import { TUBE_KINDS } from '$lib/core/recipe/tubes/kinds';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import StripeField from './StripeField.svelte';
	import YarnPicks from './YarnPicks.svelte';

	interface Props {
		project: TubeProject;
		editor: ProjectEditor;
		plan: PlanOf<'tube'>;
		yarns: readonly Yarn[];
	}
	let { project, editor, plan, yarns }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const wish = $derived(project.wish);
	const kind = $derived(TUBE_KINDS[wish.recipe]);
	const colours = $derived(
		wish.yarns.map((id) => yarns.find((y) => y.id === id)?.colour ?? '#9fb0b8')
	);

	type By = PlainTubeWish['length']['by'];
	const OPTIONS = $derived<{ value: By; label: string }[]>([
		...(wish.recipe === 'free-tube'
			? []
			: [{ value: 'fit' as const, label: kind.around ? 'what it is to fit' : 'the usual' }]),
		{ value: 'line', label: 'the stripe line, once' },
		{ value: 'cm', label: 'a length, flat' },
		{ value: 'rows', label: 'a row count' },
		{ value: 'yarn', label: 'the yarn on hand' }
	]);
	/** Choosing what to set starts from what the plan says now, so that nothing jumps. */
	function setBy(by: By) {
		const rows = plan.pieces[0]!.mainRows;
		const length: PlainTubeWish['length'] =
			by === 'rows'
				? { by, rows: Math.min(600, rows) }
				: by === 'cm'
					? { by, cm: Math.round(plan.finished.tube.flatLength.mean * 2) / 2 }
					: { by };
		editor.wish('what sets the length', { length });
	}
	const parseRows = (t: string): Result<number> => {
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 4, max: 600, unit: 'rows' }) : n;
	};
	const cm = $derived(lengthBetween(units, 3, 400));
	const parseCm = $derived((t: string) => cm(parseLengthCm(t, units)));
	const around = $derived(lengthBetween(units, 5, 150));
	const parseAround = $derived((t: string) => around(parseLengthCm(t, units)));
	function setLength(t: string) {
		if (wish.length.by === 'rows') {
			const r = parseRows(t);
			if (r.ok) editor.wish('rows…', { length: { by: 'rows', rows: r.value } });
		} else {
			const r = parseCm(t);
			if (r.ok) editor.wish('length…', { length: { by: 'cm', cm: r.value } });
		}
	}
	const parseHem = (t: string): Result<number> => {
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 2, max: 200, unit: 'rows' }) : n;
	};
	const parseChains = (t: string): Result<number> => {
		const n = parseCount(t, 'chains');
		return n.ok ? inRange(n.value, { min: 5, max: 300, unit: 'chains' }) : n;
	};
	const thumb = $derived(lengthBetween(units, 2, 12));
	const parseThumb = $derived((t: string) => thumb(parseLengthCm(t, units)));
	/** A measure of one's own is being given. */
	let measuring = $state(false);
	/** What a named size goes round; a measure of one's own otherwise. */
	const named = $derived(
		kind.sizes?.find((s) => s.cm === (wish.aroundCm ?? kind.around?.usualCm))?.name ?? 'own'
	);
</script>

<div class="no-print grid gap-2 pt-1">
	<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
		<YarnPicks chosen={wish.yarns} {yarns} onvalue={(yarns) => editor.wish('colours', { yarns })} />
		<div class="w-48">
			<Select
				label="Length is set by"
				value={wish.length.by}
				options={OPTIONS}
				onvalue={(v) => setBy(v as By)}
			/>
		</div>
		{#if wish.length.by === 'rows' || wish.length.by === 'cm'}
			<div class="w-32">
				<QuantityField
					label={wish.length.by === 'rows' ? 'Rows' : 'Length, flat'}
					text={wish.length.by === 'rows'
						? `${wish.length.rows} rows`
						: printValue(wish.length.cm, 'length', units)}
					parse={wish.length.by === 'rows' ? parseRows : parseCm}
					onvalue={setLength}
				/>
			</div>
		{/if}
		{#if kind.sizes}
			<div class="w-44">
				<Select
					label="For"
					value={measuring ? 'own' : named}
					options={[
						...kind.sizes.map((s) => ({
							value: s.name,
							label: `${s.name}, ${printValue(s.cm, 'length', units)}`
						})),
						{ value: 'own', label: 'one I measured' }
					]}
					onvalue={(v) => {
						measuring = v === 'own';
						const size = kind.sizes?.find((s) => s.name === v);
						if (size) editor.wish('size', { aroundCm: size.cm });
					}}
				/>
			</div>
		{/if}
		{#if kind.around && (measuring || named === 'own')}
			<div class="w-44">
				<QuantityField
					label={kind.around.what}
					text={wish.aroundCm === null ? '' : printValue(wish.aroundCm, 'length', units)}
					placeholder={`${printValue(kind.around.usualCm, 'length', units)}, the usual`}
					parse={parseAround}
					onvalue={(t) => {
						const r = parseAround(t);
						if (r.ok) editor.wish('what it goes round…', { aroundCm: r.value });
					}}
					onempty={() => editor.wish('what it goes round…', { aroundCm: null })}
				/>
			</div>
		{/if}
	</div>
	<div class="flex flex-wrap items-start gap-x-5 gap-y-2">
		<StripeField
			value={wish.stripes}
			{colours}
			whole={tubeSections(wish, plan.pieces[0]!.mainRows)}
			hidden={hiddenJoins(plan.pieces[0]!.runs, rowPlaces(plan)).length}
			onvalue={(stripes, what) => editor.wish(what, { stripes })}
		/>
		{#if wish.length.by !== 'line'}
			<Choice
				label="The line comes to the length"
				value={wish.fill}
				options={[
					{ value: 'repeat', label: 'said again and again' },
					{ value: 'stretch', label: 'stretched to it' }
				]}
				onvalue={(fill) => editor.wish('how the line fills', { fill })}
			/>
		{/if}
		{#if wish.recipe === 'cowl'}
			<Choice
				label="Closed to a ring"
				value={wish.twist ? 'twist' : 'plain'}
				options={[
					{ value: 'plain', label: 'plain' },
					{ value: 'twist', label: 'with a half turn' }
				]}
				onvalue={(t) => editor.wish('twist', { twist: t === 'twist' })}
			/>
		{/if}
		{#if kind.hem}
			<div class="w-44">
				<QuantityField
					label={kind.hem.what}
					text={wish.hemRows === null ? '' : `${wish.hemRows} rows`}
					placeholder={`${kind.hem.usualRows} rows, the usual`}
					parse={parseHem}
					onvalue={(t) => {
						const r = parseHem(t);
						if (r.ok) editor.wish('hem…', { hemRows: r.value });
					}}
					onempty={() => editor.wish('hem…', { hemRows: null })}
				/>
			</div>
		{/if}
		{#if kind.thumb}
			<div class="w-44">
				<QuantityField
					label="Gap for the thumb"
					text={wish.thumbCm === null ? '' : printValue(wish.thumbCm, 'length', units)}
					placeholder="none"
					parse={parseThumb}
					onvalue={(t) => {
						const r = parseThumb(t);
						if (r.ok) editor.wish('thumb…', { thumbCm: r.value });
					}}
					onempty={() => editor.wish('thumb…', { thumbCm: null })}
				/>
			</div>
		{/if}
		{#if kind.chains}
			<div class="w-44">
				<QuantityField
					label={kind.chains.what}
					text={wish.chains === null ? '' : String(wish.chains)}
					placeholder={`${kind.chains.usual}, the usual`}
					parse={parseChains}
					onvalue={(t) => {
						const r = parseChains(t);
						if (r.ok) editor.wish('chains…', { chains: r.value });
					}}
					onempty={() => editor.wish('chains…', { chains: null })}
				/>
			</div>
		{/if}
		{#if kind.cord}
			<Choice
				label="Pins of the cord"
				value={wish.pins}
				options={[2, 3, 4].map((n) => ({ value: n, label: String(n) }))}
				onvalue={(pins) => editor.wish('pins', { pins })}
			/>
		{/if}
		{#if kind.purlOut}
			<Choice
				label="Face"
				value={wish.purlOut ? 'purl' : 'knit'}
				options={[
					{ value: 'purl', label: 'purl side out' },
					{ value: 'knit', label: 'knit side out' }
				]}
				onvalue={(side) => editor.wish('face', { purlOut: side === 'purl' })}
			/>
		{/if}
	</div>
</div>
