<script lang="ts">
	import type { Yarn } from '$lib/core/model/bench';
	import { BODY_SIZES, type BodySize } from '$lib/core/model/kinds';
	import type { GarmentProject } from '$lib/core/model/project';
	import type { PlanOf } from '$lib/core/plan';
	import { inRange, parseCount, parseLengthCm } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { bad, good, type Result } from '$lib/core/quantity/problem';
	import { BODY, BODY_NAMES } from '$lib/core/bench/size/body';
	import { sectionsFor } from '$lib/core/recipe/garments/make';
	import { ladderPinsOf, layoutOf } from '$lib/core/recipe/garments/simple';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import StripeField from '../plan/StripeField.svelte';
	import YarnPicks from '../plan/YarnPicks.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		project: GarmentProject;
		plan: PlanOf<'flat'>;
		editor: ProjectEditor;
		yarns: readonly Yarn[];
	}
	let { project, plan, editor, yarns }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const wish = $derived(project.wish);
	const worn = $derived(plan.finished.body !== null);
	const colours = $derived(
		wish.yarns.map((id) => yarns.find((y) => y.id === id)?.colour ?? '#9fb0b8')
	);
	const letter = (i: number) => String.fromCharCode(65 + i);
	const easeRange = $derived(lengthBetween(units, -20, 60));
	const parseEase = $derived((t: string) => easeRange(parseLengthCm(t, units)));
	const count =
		(noun: string, min: number, max: number) =>
		(t: string): Result<number> => {
			const n = parseCount(t, noun);
			return n.ok ? inRange(n.value, { min, max, unit: noun }) : n;
		};
	/** Two different pins of the ring, such as 1 and 25. */
	const parseLadders = $derived((t: string): Result<[number, number]> => {
		const found = [...t.matchAll(/\d+/g)].map((m) => Number(m[0]));
		const [a, b] = found;
		const { pins } = plan.machine;
		if (a === undefined || b === undefined || found.length !== 2 || a === b)
			return bad({ code: 'not-understood', typed: t, wanted: `1 and ${1 + Math.floor(pins / 2)}` });
		const range = { min: 1, max: pins, unit: 'pins' };
		for (const n of [a, b]) {
			const ok = inRange(n, range);
			if (!ok.ok) return ok;
		}
		return good([a, b]);
	});
	const parseAcross = count('panels', 1, 12);
	const layout = $derived(wish.layout);
	const setLayout = (patch: Partial<typeof layout>) =>
		editor.wish('layout…', { layout: { ...layout, ...patch } });
	/** The next colour at a place of the blanket. */
	function recolour(i: number) {
		const colours = layoutOf(wish);
		colours[i] = (colours[i]! + 1) % wish.yarns.length;
		editor.wish('colour of a panel', { layout: { ...layout, colours } });
	}
	/** Usual ways to wear it, cm more than the body round (from memory). */
	const EASES = [
		{ cm: 0, name: 'close' },
		{ cm: 5, name: 'fitted' },
		{ cm: 8, name: 'usual' },
		{ cm: 10, name: 'easy' },
		{ cm: 16, name: 'loose' }
	];
	let own = $state(false);
</script>

<div class="no-print grid gap-2 pt-1">
	<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
		<YarnPicks chosen={wish.yarns} {yarns} onvalue={(yarns) => editor.wish('colours', { yarns })} />
		{#if worn}
			<div class="w-44">
				<Select
					label="Sizes come from"
					value={wish.from}
					options={[
						{ value: 'table', label: 'the table' },
						{ value: 'body', label: 'a body I measured' },
						{ value: 'flat', label: 'a garment, flat' }
					]}
					onvalue={(from) =>
						editor.wish('where sizes come from', { from: from as typeof wish.from })}
				/>
			</div>
			<div class="w-48">
				<Select
					label={wish.from === 'table' ? 'Size' : 'What is not measured, like'}
					value={wish.size}
					options={BODY_SIZES.map((value) => ({
						value,
						label: `${BODY_NAMES[value]}, ${printValue(BODY[value].chest, 'length', units)}`
					}))}
					onvalue={(size) => editor.wish('size', { size: size as BodySize })}
				/>
			</div>
		{/if}
		{#if worn && wish.from !== 'flat'}
			<div class="w-36">
				<Select
					label="Ease, round"
					value={own || !EASES.some((e) => e.cm === wish.ease) ? 'own' : String(wish.ease)}
					options={[
						...EASES.map((e) => ({
							value: String(e.cm),
							label: `${e.name}, ${printValue(e.cm, 'length', units)}`
						})),
						{ value: 'own', label: 'my own' }
					]}
					onvalue={(v) => {
						own = v === 'own';
						if (!own) editor.wish('ease', { ease: Number(v) });
					}}
				/>
			</div>
			{#if own || !EASES.some((e) => e.cm === wish.ease)}
				<div class="w-24">
					<QuantityField
						label="of"
						text={printValue(wish.ease, 'length', units)}
						parse={parseEase}
						onvalue={(t) => {
							const r = parseEase(t);
							if (r.ok) editor.wish('ease…', { ease: r.value });
						}}
					/>
				</div>
			{/if}
		{/if}
		{#if wish.recipe === 'shrug'}
			<div class="w-40">
				<QuantityField
					label="Ladders at pins"
					text={ladderPinsOf(wish, plan.machine.pins).join(' and ')}
					parse={parseLadders}
					onvalue={(t) => {
						const r = parseLadders(t);
						if (r.ok) editor.wish('ladders', { ladderPins: [...r.value] });
					}}
					onempty={() => editor.wish('ladders', { ladderPins: [] })}
				/>
			</div>
		{/if}
		{#if wish.recipe === 'blanket'}
			<div class="w-28">
				<QuantityField
					label="Panels across"
					text={String(layout.across)}
					parse={parseAcross}
					onvalue={(t) => {
						const r = parseAcross(t);
						if (r.ok) setLayout({ across: r.value });
					}}
				/>
			</div>
			<div class="w-28">
				<QuantityField
					label="Panels down"
					text={String(layout.down)}
					parse={parseAcross}
					onvalue={(t) => {
						const r = parseAcross(t);
						if (r.ok) setLayout({ down: r.value });
					}}
				/>
			</div>
		{/if}
	</div>
	<div class="flex flex-wrap items-start gap-x-5 gap-y-2">
		{#if worn}
			<Choice
				label="Neck"
				value={wish.neck}
				options={[
					{ value: 'v', label: 'V' },
					{ value: 'round', label: 'round' }
				]}
				onvalue={(neck) => editor.wish('neck', { neck })}
			/>
			<Choice
				label="Shoulder"
				value={wish.shoulder}
				options={[
					{ value: 'sloped', label: 'sloped' },
					{ value: 'straight', label: 'straight' }
				]}
				onvalue={(shoulder) => editor.wish('shoulder', { shoulder })}
			/>
			<Choice
				label="Armhole"
				value={wish.armhole}
				options={[
					{ value: 'drop', label: 'drop', hint: 'Straight up: the shoulder falls over the arm' },
					{ value: 'set-in', label: 'set in', hint: 'Cut in at the underarm' }
				]}
				onvalue={(armhole) => editor.wish('armhole', { armhole })}
			/>
			{#if wish.recipe !== 'vest'}
				<Choice
					label="Sleeves"
					value={wish.sleeves}
					options={[
						{ value: 'panel', label: 'panels' },
						{ value: 'tube', label: 'tubes', hint: 'No sleeve seam; as wide as the ring makes it' }
					]}
					onvalue={(sleeves) => editor.wish('sleeves', { sleeves })}
				/>
			{/if}
		{/if}
		{#if wish.recipe === 'blanket'}
			<fieldset>
				<legend class="hint mb-0.5">Colours by place: press to change</legend>
				<div
					class="grid w-fit gap-0.5"
					style:grid-template-columns={`repeat(${layout.across}, 1.75rem)`}
				>
					{#each layoutOf(wish) as c, i (i)}
						<button
							class="border-base-content/60 h-6 cursor-pointer rounded-[4px] border-[1.5px]"
							style:background={colours[c]}
							aria-label={`Panel ${i + 1}: ${letter(c)}`}
							onclick={() => recolour(i)}
						></button>
					{/each}
				</div>
			</fieldset>
		{:else if wish.yarns.length > 1}
			<StripeField
				value={wish.stripes}
				{colours}
				whole={sectionsFor(wish, {}, plan.pieces[0]?.mainRows ?? 10)}
				hidden={0}
				onvalue={(stripes, what) => editor.wish(what, { stripes })}
			/>
		{/if}
	</div>
</div>
