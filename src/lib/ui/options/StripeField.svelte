<script lang="ts">
	import { sectionsOf } from '$lib/core/stripes/sections';
	import { readStripes, rowsOf, writeStripes } from '$lib/core/stripes/stripe-line';
	import { lineOf } from '$lib/core/stripes/edit';
	import { joinsOf, wider } from '$lib/core/stripes/joins';
	import { wordFewer } from '$lib/core/words/joins';
	import { rowsWord } from '$lib/core/quantity/say';
	import { wordStripeProblem } from '$lib/core/words/stripes';
	import { hiddenJoins } from '$lib/core/assembly/layers';
	import { rowPlaces } from '$lib/core/plan/places';
	import { filledSections, type Striped } from '$lib/core/stripes/filled';
	import { untrack } from 'svelte';
	import { drafted, type Draft } from '../parts/drafts.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { EditorProps } from './editor';

	let { control, project, plan, editor }: EditorProps = $props();
	const workbench = useWorkbench();
	const value = $derived(String(control.value));
	const striped = $derived(project.options as unknown as Striped);
	/** Colours of A, B, C … */
	const colours = $derived(
		striped.yarns.map((id) => workbench.bench.yarns.find((y) => y.id === id)?.colour ?? '#9fb0b8')
	);
	const piece = $derived(plan.pieces[0]);
	/** The sections of the whole piece: the line as often as it takes. */
	const whole = $derived(filledSections(striped, piece?.mainRows ?? 10));
	/** Joins that nobody sees once it is folded. */
	const hidden = $derived(piece ? hiddenJoins(piece.runs, rowPlaces(plan)).length : 0);
	/** `what` names the change; typing goes on as one. */
	const onvalue = (line: string, what: string) => editor.options(what, control.patch(line));
	const id = $props.id();
	const kept = untrack(() =>
		drafted(control.key, (): Draft | null =>
			problem ? { typed, problem: wordStripeProblem(problem, colours.length) } : null
		)
	);
	let typed: string = $state(untrack(() => kept ?? value));
	// What is stored takes the place of what is typed only when it has changed from outside, by an undo or another tab:
	// what was typed and does not read yet is never lost.
	let seen = untrack(() => value);
	$effect(() => {
		const stored = value;
		untrack(() => {
			if (stored === seen) return;
			seen = stored;
			typed = stored;
		});
	});
	const read = $derived(readStripes(typed, colours.length));
	const problem = $derived(read.ok ? null : read.problem);
	const sections = $derived(read.ok ? sectionsOf(read.line) : []);
	const rows = $derived(read.ok ? rowsOf(read.line) : 0);
	const pieceRows = $derived(whole.reduce((t, s) => t + s.rows, 0));
	const joins = $derived(joinsOf(whole, hidden));

	function put(line: string, what = 'stripe line…') {
		typed = line;
		if (readStripes(line, colours.length).ok) onvalue(line, what);
	}
	// A colour was added: what did not read before may read now.
	$effect(() => {
		const yarns = colours.length;
		untrack(() => {
			if (typed !== value && readStripes(typed, yarns).ok) onvalue(typed, 'stripe line…');
		});
	});
	const tidy = () => read.ok && put(writeStripes(lineOf(sections)), 'tidied line');
	const widened = () => read.ok && put(writeStripes(lineOf(wider(whole))), 'wider stripes');
</script>

<div class="min-w-0 flex-1 basis-96">
	<label for={id} class="hint mb-0.5 block"
		>Stripe line: rows and letters, such as 40 A, 7 times (5 A 5 B)</label
	>
	<!-- What does not read is marked in place, under the text that stays as typed. -->
	<div class="relative">
		<pre
			class="pointer-events-none absolute inset-0 overflow-hidden px-[0.6rem] py-[0.35rem] font-[inherit] whitespace-pre-wrap text-transparent"
			aria-hidden="true">{#if problem}{typed.slice(0, problem.from)}<mark
					class="border-error border-b-[3px] bg-transparent text-transparent"
					>{typed.slice(problem.from, Math.max(problem.to, problem.from + 1)) || ' '}</mark
				>{typed.slice(problem.to)}{/if}</pre>
		<textarea
			{id}
			class="textarea w-full relative block resize-y bg-transparent!"
			rows="2"
			spellcheck="false"
			aria-invalid={problem ? 'true' : undefined}
			aria-describedby={`${id}-says`}
			value={typed}
			oninput={(e) => put(e.currentTarget.value)}></textarea>
	</div>
	<div class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm" id={`${id}-says`}>
		{#if problem}
			<p class="text-error" role="alert">
				At “{typed.slice(Math.max(0, problem.from - 6), problem.to).trim() || 'the end'}”: {wordStripeProblem(
					problem,
					colours.length
				)}
			</p>
		{:else}
			<svg width="180" height="14" class="shrink-0" role="img" aria-label="The line once over">
				{#each sections.slice(0, 400) as s, i (i)}
					{@const before = sections.slice(0, i).reduce((t, x) => t + x.rows, 0)}
					<rect
						x={(180 * before) / rows}
						width={(180 * s.rows) / rows}
						height="14"
						fill={colours[s.yarn]}
					/>
				{/each}
				<rect width="180" height="14" fill="none" class="stroke-base-content/70" />
			</svg>
			<span
				>{pieceRows === rows ? rowsWord(rows) : `${rowsWord(rows)}; in all ${rowsWord(pieceRows)}`}, {joins.joins ===
				1
					? 'one join'
					: `${joins.joins} joins`}{joins.joins > 0 ? `, ${joins.tails} tails` : ''}</span
			>
			<button type="button" class="btn btn-sm" onclick={tidy}>Tidy</button>
			{#if joins.joins > 0}
				<details class="basis-full">
					<summary class="quiet cursor-pointer">Where the joins are, and how to have fewer</summary>
					<p class="mt-1">
						Before row {joins.at
							.slice(0, 40)
							.map((r) => r + 1)
							.join(', ')}{joins.at.length > 40 ? ` and ${joins.at.length - 40} more` : ''}: two
						tails each.
					</p>
					<ul class="mt-1 list-disc space-y-1 pl-5">
						{#each joins.ways as w (w.way)}
							<li>
								{wordFewer(w)}
								{#if w.way === 'wider'}<button type="button" class="btn btn-sm" onclick={widened}
										>Do that</button
									>{/if}
							</li>
						{/each}
					</ul>
				</details>
			{/if}
		{/if}
	</div>
</div>
