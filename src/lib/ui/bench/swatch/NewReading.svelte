<script lang="ts">
	import { notationExample, parseReadingSide } from '$lib/core/bench/gauge/notation';
	import { type Side } from '$lib/core/bench/gauge/density';
	import type { Machine, Notation, Reading, ReadingState } from '$lib/core/model/bench';
	import { newId } from '$lib/store/store';
	import { wordProblem } from '$lib/core/words/problems';
	import Choice from '../../parts/Choice.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { NOTATION_OPTIONS, STATE_OPTIONS } from '../words';
	import { untrack } from 'svelte';

	interface Props {
		machine: Machine;
		last: Reading | undefined;
		/** Called as the reading takes shape, with null while it is incomplete. */
		ondraft: (r: Reading | null) => void;
		onadd: (r: Reading) => void;
	}
	let { machine, last, ondraft, onadd }: Props = $props();
	const workbench = useWorkbench();
	const id = $props.id();

	let notation = $state<Notation>(
		untrack(() => last?.notation ?? (workbench.units === 'cm' ? 'per-10cm' : 'per-4in'))
	);
	let swatchState = $state<ReadingState>(untrack(() => last?.state ?? 'rested'));
	let typed = $state<Record<Side, string>>({ stitches: '', rows: '' });
	let tried = $state(false);
	const inputs = $state<Partial<Record<Side, HTMLInputElement>>>({});

	const read = (side: Side) =>
		parseReadingSide(typed[side], {
			notation,
			side,
			units: workbench.units,
			pins: machine.pins,
			tubeRows: last?.notation === 'tube' ? last.rows?.count : undefined
		});
	const stitches = $derived(read('stitches'));
	const rows = $derived(read('rows'));
	const LABELS = $derived({
		stitches:
			notation === 'tube'
				? 'Flat width of the tube'
				: notation === 'cm-to-40'
					? '40 stitches measure'
					: 'Stitches',
		rows:
			notation === 'tube'
				? 'Rows over a length'
				: notation === 'cm-to-40'
					? '20 rows measure'
					: 'Rows'
	});

	/** What was typed: either side may be left empty, not both. */
	const taken = $derived.by(() => {
		const empty = (side: Side) => typed[side].trim() === '';
		if (empty('stitches') && empty('rows')) return null;
		if ((!stitches.ok && !empty('stitches')) || (!rows.ok && !empty('rows'))) return null;
		return { stitches: stitches.ok ? stitches.value : null, rows: rows.ok ? rows.value : null };
	});

	function show() {
		ondraft(taken && { id: 'draft', state: swatchState, notation, ...taken });
	}
	function add() {
		if (!taken) {
			tried = true;
			return;
		}
		onadd({ id: newId(), state: swatchState, notation, ...taken });
		typed = { stitches: '', rows: '' };
		tried = false;
		inputs.stitches?.focus();
	}
</script>

<form
	class="rule-line border-t pt-2"
	onsubmit={(e) => {
		e.preventDefault();
		add();
	}}
>
	<div class="mb-2 flex flex-wrap gap-x-5 gap-y-2">
		<Choice
			label="Measured"
			value={notation}
			options={NOTATION_OPTIONS}
			onvalue={(v) => {
				notation = v;
				show();
			}}
		/>
		<Choice
			label="State"
			value={swatchState}
			options={STATE_OPTIONS}
			onvalue={(v) => {
				swatchState = v;
				show();
			}}
		/>
	</div>
	<div class="grid items-start gap-2 sm:grid-cols-[1fr_1fr_auto]">
		{#each [{ side: 'stitches', r: stitches }, { side: 'rows', r: rows }] as const as f (f.side)}
			{@const wrong = !f.r.ok && (typed[f.side].trim() !== '' || (tried && !taken))}
			<div>
				<label class="hint mb-0.5 block" for={`${id}-${f.side}`}>{LABELS[f.side]}</label>
				<input
					id={`${id}-${f.side}`}
					bind:this={inputs[f.side]}
					class="input w-full"
					bind:value={typed[f.side]}
					oninput={show}
					placeholder={notationExample(notation, f.side)}
					autocomplete="off"
					aria-invalid={wrong}
					aria-describedby={`${id}-${f.side}-p`}
				/>
				<p id={`${id}-${f.side}-p`} class="text-error text-sm" role="status">
					{#if wrong && !f.r.ok}{wordProblem(f.r.problem)}{/if}
				</p>
			</div>
		{/each}
		<button class="btn btn-neutral mt-[1.3rem]">Add reading</button>
	</div>
</form>
