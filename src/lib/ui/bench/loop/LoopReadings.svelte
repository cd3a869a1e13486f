<script lang="ts">
	import type { LoopReading, Machine, Yarn } from '$lib/core/model/bench';
	import { inRange, parseCount, parseGrams, parseYarnMetres } from '$lib/core/quantity/parse';
	import { printValue, printYarnFine } from '$lib/core/quantity/print';
	import type { Result } from '$lib/core/quantity/problem';
	import { wordProblem } from '$lib/core/words/problems';
	import { metresPerGram } from '$lib/core/bench/yarn/tex';
	import { newId } from '$lib/store/store';
	import Choice from '../../parts/Choice.svelte';
	import { between } from '../../state/ranges';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { untrack } from 'svelte';

	interface Props {
		loops: readonly LoopReading[];
		machine: Machine;
		yarn: Yarn;
		onput: (loops: LoopReading[]) => void;
	}
	let { loops, machine, yarn, onput }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const id = $props.id();

	let by = $state<LoopReading['by']>('unravelled');
	const blank = () => ({ rows: '', stitches: String(machine.pins), metres: '', grams: '' });
	let typed = $state(untrack(blank));
	let tried = $state(false);

	const count = (t: string, noun: string, min: number, max: number): Result<number> => {
		const n = parseCount(t, noun);
		return n.ok ? inRange(n.value, { min, max, unit: noun }) : n;
	};
	type Key = keyof typeof typed;
	const FIELDS: Record<LoopReading['by'], readonly Key[]> = {
		unravelled: ['rows', 'stitches', 'metres'],
		weighed: ['stitches', 'grams']
	};
	const LABELS = $derived({
		rows: 'Whole rows unravelled',
		stitches: by === 'unravelled' ? 'Stitches in a row' : 'Stitches in all (pins × rows)',
		metres: 'Yarn they gave, pulled straight',
		grams: 'The swatch weighs'
	});
	const EXAMPLES = $derived({
		rows: '4',
		stitches: by === 'unravelled' ? String(machine.pins) : String(machine.pins * 40),
		metres: units === 'cm' ? '5.3 m' : '5.8 yd',
		grams: '26 g'
	});
	const read = $derived({
		rows: count(typed.rows, 'rows', 1, 200),
		stitches:
			by === 'unravelled'
				? count(typed.stitches, 'stitches', 2, 200)
				: count(typed.stitches, 'stitches', 20, 100_000),
		metres: between('yarn', units, 0.01, 2000)(parseYarnMetres(typed.metres, units)),
		grams: between('mass', units, 0.1, 5000)(parseGrams(typed.grams))
	});

	function add() {
		const { rows, stitches, metres, grams } = read;
		const made: LoopReading | undefined =
			by === 'unravelled'
				? rows.ok && stitches.ok && metres.ok
					? { id: newId(), by, rows: rows.value, stitches: stitches.value, metres: metres.value }
					: undefined
				: stitches.ok && grams.ok
					? { id: newId(), by, stitches: stitches.value, grams: grams.value }
					: undefined;
		tried = made === undefined;
		if (!made) return;
		onput([...loops, made]);
		typed = blank();
	}
	const loopCm = (l: LoopReading) =>
		l.by === 'unravelled'
			? (l.metres * 100) / (l.rows * l.stitches)
			: (l.grams * metresPerGram(yarn) * 100) / l.stitches;
	const describe = (l: LoopReading) =>
		l.by === 'unravelled'
			? `${l.rows === 1 ? 'one row' : `${l.rows} rows`} of ${l.stitches} gave ${printYarnFine(l.metres, units, 2)}`
			: `${l.stitches} stitches weigh ${printValue(l.grams, 'mass', units)}`;
</script>

<h3 class="mt-4 mb-1 text-base">Measure it</h3>
{#if loops.length > 0}
	<ul class="mb-2 text-sm">
		{#each loops as l (l.id)}
			<li class="rule-line flex items-center gap-3 border-t py-1">
				<span class="min-w-0 flex-1">{describe(l)}</span>
				<span class="figure">{printValue(loopCm(l), 'loop', units)}</span>
				<button
					class="btn btn-sm"
					aria-label={`Remove: ${describe(l)}`}
					onclick={() => onput(loops.filter((x) => x.id !== l.id))}>×</button
				>
			</li>
		{/each}
	</ul>
{/if}
<form
	onsubmit={(e) => {
		e.preventDefault();
		add();
	}}
>
	<Choice
		label="How"
		hideLabel
		value={by}
		options={[
			{ value: 'unravelled', label: 'unravel whole rows' },
			{ value: 'weighed', label: 'weigh a counted swatch' }
		]}
		onvalue={(v) => {
			by = v;
			typed = { ...blank(), stitches: v === 'unravelled' ? String(machine.pins) : '' };
			tried = false;
		}}
	/>
	<div class="mt-2 grid items-end gap-2 sm:grid-cols-2">
		{#each FIELDS[by] as key (key)}
			{@const r = read[key]}
			{@const wrong = !r.ok && (typed[key].trim() !== '' || tried)}
			<div class="min-w-0">
				<label class="hint mb-0.5 block" for={`${id}-${key}`}>{LABELS[key]}</label>
				<input
					id={`${id}-${key}`}
					class="input w-full"
					bind:value={typed[key]}
					placeholder={EXAMPLES[key]}
					autocomplete="off"
					aria-invalid={wrong}
					aria-describedby={`${id}-${key}-p`}
				/>
				<p id={`${id}-${key}-p`} class="text-error text-sm" role="status">
					{#if wrong && !r.ok}{wordProblem(r.problem)}{/if}
				</p>
			</div>
		{/each}
		<div><button class="btn btn-neutral">Add</button></div>
	</div>
</form>
