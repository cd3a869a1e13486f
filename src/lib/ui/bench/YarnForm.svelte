<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { DRIES, FIBRES, WASHES, type Fibre, type Yarn } from '$lib/core/model/bench';
	import { inRange, parseCount, parseGrams, readNumber, tidy } from '$lib/core/quantity/parse';
	import { printValue, printYarnFine } from '$lib/core/quantity/print';
	import { bad, type Result } from '$lib/core/quantity/problem';
	import { colourOfName, nameOfColour } from '$lib/core/bench/yarn/colour-names';
	import { effectiveTex } from '$lib/core/bench/yarn/tex';
	import { USUAL_METRES_PER_100G, WEIGHT_CLASSES } from '$lib/core/bench/yarn/weight-class';
	import { DRY_WORDS, WASH_WORDS } from '$lib/core/words/tag';
	import { testsOf, verdicts } from '$lib/core/bench/yarn/trials';
	import VerdictMark from './VerdictMark.svelte';
	import { VERDICT_WORDS } from './words';
	import { gramsOnHand, partsOf } from '$lib/core/bench/yarn/parts';
	import GramsField from '../scale/GramsField.svelte';
	import Phases from './Phases.svelte';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import TextField from '../parts/TextField.svelte';
	import YarnCake from '../pictures/YarnCake.svelte';
	import { between, labelMetres } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		yarn: Yarn;
		onchange: (y: Yarn) => unknown;
		onremove: () => void;
		ondone: () => void;
	}
	let { yarn, onchange, onremove, ondone }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const put = (patch: Partial<Yarn>) => onchange({ ...yarn, ...patch });

	/** A name that still is its colour's follows it. */
	const recolour = (colour: string) =>
		put({
			colour,
			...(yarn.colourName === nameOfColour(yarn.colour) ? { colourName: nameOfColour(colour) } : {})
		});
	/** A name that names a colour sets it, unless one was chosen for it before. */
	function rename(colourName: string) {
		const named = colourOfName(colourName);
		const chosen = yarn.colour !== colourOfName(yarn.colourName);
		put({ colourName, ...(named && !chosen ? { colour: named } : {}) });
	}

	const metres = $derived(labelMetres(units));
	const wraps = (t: string): Result<number> => {
		const n = readNumber(tidy(t));
		return n === undefined
			? bad({ code: 'not-understood', typed: t, wanted: '10' })
			: inRange(n, { min: 3, max: 100, unit: 'wraps' });
	};
	const lookup = (id: Yarn['id']) => workbench.bench.yarns.find((y) => y.id === id);
	const grams = (t: string, min: number, max: number) =>
		between('mass', units, min, max)(parseGrams(t));
	const value = (r: Result<number>, otherwise: number) => (r.ok ? r.value : otherwise);
	const metresShown = $derived(printYarnFine(yarn.metresPer100g, units, units === 'cm' ? 1 : 0));
	const percent = (t: string): Result<number> => {
		const n = parseCount(t.replace('%', ''), '');
		return n.ok && n.value > 100
			? bad({ code: 'out-of-range', value: n.value, min: 1, max: 100, unit: '%' })
			: n;
	};
	const judged = $derived(verdicts(testsOf(yarn, workbench.bench.tests, workbench.bench.yarns)));
	const total = $derived(yarn.fibres.reduce((s, f) => s + f.percent, 0));
	const setFibre = (i: number, patch: Partial<Yarn['fibres'][number]>) =>
		put({ fibres: yarn.fibres.map((f, k) => (k === i ? { ...f, ...patch } : f)) });
	const unused = $derived(FIBRES.filter((f) => !yarn.fibres.some((x) => x.fibre === f)));
	const usual = (c: number) => entryAt(USUAL_METRES_PER_100G, c);
</script>

<div class="grid gap-4 sm:grid-cols-[auto_1fr_1fr]">
	<div class="row-span-2 flex flex-col items-center gap-2">
		<YarnCake {yarn} {lookup} grams={gramsOnHand(yarn, lookup)} size={120} />
		<label class="btn btn-sm">
			Colour
			<input
				type="color"
				class="h-6 w-8"
				value={yarn.colour}
				onchange={(e) => recolour(e.currentTarget.value)}
				aria-label="Colour swatch"
			/>
		</label>
	</div>
	<TextField
		label="Yarn"
		value={yarn.name}
		example="Breakwater"
		onvalue={(name) => put({ name })}
	/>
	<TextField label="Colour name" value={yarn.colourName} example="foam" onvalue={rename} />
	<Select
		label="Weight class"
		value={String(yarn.weightClass)}
		options={WEIGHT_CLASSES.map((c) => ({ value: String(c.class), label: `${c.class} ${c.name}` }))}
		onvalue={(v) => {
			const c = Number(v);
			// Metres never touched follow the class; metres from a hint stay.
			const follows = yarn.metresPer100g === usual(yarn.weightClass);
			put({ weightClass: c, ...(follows ? { metresPer100g: usual(c) } : {}) });
		}}
	/>
	<QuantityField
		label="Length of 100 g (one strand)"
		text={metresShown}
		parse={metres}
		onvalue={(t) => put({ metresPer100g: value(metres(t), yarn.metresPer100g) })}
		hint="From the label: 210 m, or 105 m / 50 g"
	/>
</div>
<div class="mt-4 grid gap-4 sm:grid-cols-2">
	{#if yarn.heldTogether.length > 0}
		<div>
			<p class="hint mb-0.5">Held together from</p>
			<ul class="text-sm">
				{#each partsOf(yarn, lookup) as p (p.yarn.id)}
					<li>{p.strands} × {p.yarn.colourName}, {p.yarn.name}</li>
				{/each}
			</ul>
			<p class="hint">
				{printValue(gramsOnHand(yarn, lookup), 'mass', units)} on hand, as far as the scarcest reaches.
			</p>
		</div>
	{:else}
		<GramsField
			label="On hand"
			grams={yarn.gramsOnHand}
			ongrams={(gramsOnHand) => put({ gramsOnHand })}
		/>
	{/if}
</div>
<details class="mt-4">
	<summary class="cursor-pointer font-semibold"
		>More about this yarn: its ball, its strength, its washing, its fibre</summary
	>
	<div class="mt-2 grid gap-4 sm:grid-cols-2">
		<QuantityField
			label="One ball"
			text={printValue(yarn.ballGrams, 'mass', units)}
			parse={(t) => grams(t, 5, 2000)}
			onvalue={(t) => put({ ballGrams: value(grams(t, 5, 2000), yarn.ballGrams) })}
		/>
		{#if yarn.heldTogether.length === 0}
			<Choice
				label="Strands held together"
				value={yarn.strands}
				options={[1, 2, 3, 4].map((n) => ({ value: n, label: String(n) }))}
				onvalue={(strands) => put({ strands })}
			/>
		{/if}
		<Choice
			label="Pulled as a drawstring it"
			value={yarn.strength}
			options={[
				{ value: 'strong', label: 'holds' },
				{ value: 'weak', label: 'breaks' }
			]}
			onvalue={(strength) => put({ strength })}
		/>
		<Choice
			label="Its surface is"
			value={yarn.surface}
			options={[
				{ value: 'smooth', label: 'smooth' },
				{ value: 'fuzzy', label: 'fuzzy', hint: 'It clings: slow to crank, hard to ladder' }
			]}
			onvalue={(surface) => put({ surface })}
		/>
		<Choice
			label="The yarn itself"
			value={yarn.stretch}
			options={[
				{ value: 'stretchy', label: 'stretches' },
				{ value: 'little', label: 'hardly', hint: 'As cotton and linen do' }
			]}
			onvalue={(stretch) => put({ stretch })}
		/>
		<Select
			label="Warmest wash its label allows"
			value={yarn.wash}
			options={WASHES.map((w) => ({ value: w, label: WASH_WORDS[w] }))}
			onvalue={(v) => put({ wash: v as Yarn['wash'] })}
		/>
		<Select
			label="Drying"
			value={yarn.dry}
			options={DRIES.map((d) => ({ value: d, label: DRY_WORDS[d] }))}
			onvalue={(v) => put({ dry: v as Yarn['dry'] })}
		/>
		<QuantityField
			label="Wraps of one strand in an inch"
			text={yarn.wrapsPerInch === null ? '' : String(yarn.wrapsPerInch)}
			parse={wraps}
			onvalue={(t) => put({ wrapsPerInch: value(wraps(t), 10) })}
			onempty={() => put({ wrapsPerInch: null })}
			hint="Wound snug round a ruler; empty where not measured"
		/>
		{#if yarn.heldTogether.length === 0}
			<div class="sm:col-span-2">
				<Phases phases={yarn.phases} onput={(phases) => put({ phases })} />
			</div>
		{/if}
		<fieldset class="sm:col-span-2">
			<legend class="hint mb-0.5">Fibre</legend>
			<div class="flex flex-wrap items-start gap-3">
				{#each yarn.fibres as f, i (f.fibre)}
					<div class="flex items-start gap-1">
						<div class="w-20">
							<QuantityField
								label={`Share of ${f.fibre}`}
								hideLabel
								text={`${f.percent} %`}
								parse={percent}
								onvalue={(t) => setFibre(i, { percent: value(percent(t), f.percent) })}
							/>
						</div>
						<div class="w-28">
							<Select
								label="Fibre"
								hideLabel
								value={f.fibre}
								options={FIBRES.filter((x) => x === f.fibre || unused.includes(x)).map((x) => ({
									value: x,
									label: x
								}))}
								onvalue={(v) => setFibre(i, { fibre: v as Fibre })}
							/>
						</div>
						{#if yarn.fibres.length > 1}<button
								class="btn btn-sm mt-1"
								aria-label={`Remove ${f.fibre}`}
								onclick={() => put({ fibres: yarn.fibres.filter((_, k) => k !== i) })}>×</button
							>{/if}
					</div>
				{/each}
				{#if yarn.fibres.length < 6 && unused[0]}
					<button
						class="btn btn-sm mt-1"
						onclick={() =>
							put({
								fibres: [
									...yarn.fibres,
									{ fibre: entryAt(unused, 0), percent: Math.max(1, 100 - total) }
								]
							})}>Add a fibre</button
					>
				{/if}
			</div>
			{#if total !== 100}<p class="text-warning mt-1 text-sm">
					The shares make {total} %; a hint adds up to 100 %.
				</p>{/if}
		</fieldset>
	</div>
	<p class="hint mt-3">
		As you use it: {Math.round(effectiveTex(yarn))} tex (grams to 1000 m){yarn.strands > 1
			? `, ${yarn.strands} strands together`
			: ''}.
	</p>
</details>
{#if judged.length > 0}
	<ul class="mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm" aria-label="How it runs">
		{#each judged as v (v.machineId + v.strands)}
			<li class="flex items-center gap-1.5">
				<VerdictMark verdict={v.verdict} worded />
				{workbench.bench.machines.find((m) => m.id === v.machineId)?.pins ?? '?'} pins{v.strands > 1
					? `, ${v.strands} strands`
					: ''}: {VERDICT_WORDS[v.verdict]}{v.disputed ? ', disputed' : ''}
			</li>
		{/each}
	</ul>
{/if}
<div class="mt-4 flex justify-between">
	<button class="btn" onclick={onremove}>Take it off the bench</button>
	<button class="btn btn-neutral" onclick={ondone}>Done</button>
</div>
