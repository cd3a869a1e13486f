<script lang="ts">
	import { askedOf, wild } from '$lib/core/learn/ask';
	import type { Forecast, MeasuredResult, MeasuredSize, Project } from '$lib/core/model/project';
	import { inRange, parseCount, parseGrams, readNumber, tidy } from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { bad, type Result } from '$lib/core/quantity/problem';
	import { newId } from '$lib/store/store';
	import Choice from '../parts/Choice.svelte';
	import { keepDraft, readDraft } from './draft';
	import QuantityField from '../parts/QuantityField.svelte';
	import { between } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import { untrack } from 'svelte';
	import SizeField from './SizeField.svelte';

	interface Props {
		projectId: Project['id'];
		/** What is foretold of the rows that are said to be knitted; null where it cannot be. */
		foretold: (rows: number) => Forecast | null;
		/** Main rows by the count, or the plan's where nothing was counted. */
		rows: number;
		/** Names of its pieces, each once. */
		pieces: readonly string[];
		/** Minutes by the count. */
		minutes: number | null;
		onadd: (r: MeasuredResult) => Promise<unknown>;
	}
	let { projectId, foretold, rows, pieces, minutes, onadd }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);

	const kept = untrack(() => readDraft(projectId));
	let when = $state<MeasuredResult['when']>(kept?.when ?? 'rested');
	let sizes = $state.raw<readonly MeasuredSize[]>(kept?.sizes ?? []);
	let grams = $state<number | null>(kept?.grams ?? null);
	let took = $state<number | null>(kept ? kept.took : untrack(() => minutes));
	let knitted = $state(kept?.knitted ?? untrack(() => rows));
	let note = $state(kept?.note ?? '');
	let next = $state(kept?.next ?? false);
	let piece = $state<string | null>(kept?.piece ?? null);
	let row = $state<number | null>(kept?.row ?? null);
	let wrong = $state<Record<string, boolean>>({});
	let round = $state(0);

	const told = $derived(foretold(knitted));
	const asked = $derived(told ? askedOf(told, when) : []);
	const worn = $derived(told?.sizes.some((s) => s.lies === 'worn') ?? false);
	const mass = $derived((t: string) => between('mass', units, 1, 5000)(parseGrams(t)));
	const time = (t: string): Result<number> => {
		const n = readNumber(tidy(t).replace(/\s*(min|minutes|m)$/, ''));
		if (n === undefined) return bad({ code: 'not-understood', typed: t, wanted: '18 min' });
		return inRange(n, { min: 0.5, max: 6000, unit: 'min' });
	};
	const count = (t: string): Result<number> => {
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 1, max: 2000, unit: 'rows' }) : n;
	};
	/** Fields that hold something unreadable, so that nothing typed is left out unseen. */
	const noting = (key: string) => (is: boolean) => (wrong[key] = is);
	const shown = $derived(sizes.filter((s) => asked.some((a) => a.id === s.id)));
	const something = $derived(shown.length > 0 || grams !== null || took !== null);
	const typed = $derived(note !== '' || sizes.length > 0 || grams !== null);
	$effect(() =>
		keepDraft(
			projectId,
			typed ? { when, sizes: [...sizes], grams, took, knitted, note, next, piece, row } : null
		)
	);
	/** Readings that can hardly be, which are neither read otherwise nor kept as odd yet. */
	const unanswered = $derived(
		told ? shown.filter((s) => !s.odd && wild(told, s.id, s.cm, when) !== null) : []
	);
	const blocked = $derived(Object.values(wrong).some(Boolean));

	const put = (id: string, cm: number | null, odd = false) => {
		sizes = [...sizes.filter((s) => s.id !== id), ...(cm === null ? [] : [{ id, cm, odd }])];
	};
	async function add() {
		await onadd({
			id: newId(),
			projectId,
			at: Date.now(),
			when,
			sizes: [...shown],
			grams,
			minutes: took,
			rowsKnitted: knitted,
			forecast: told,
			shows: 'shape',
			tailMetres: null,
			usualMinutes: null,
			note,
			...(note.trim() !== '' && (piece !== null || row !== null) ? { about: { piece, row } } : {}),
			next: next && note.trim() !== '' ? 'open' : 'no'
		});
		sizes = [];
		grams = null;
		took = null;
		note = '';
		next = false;
		piece = null;
		row = null;
		round += 1;
	}
</script>

{#snippet field(size: Forecast['sizes'][number])}
	<SizeField
		{size}
		{told}
		{when}
		measured={sizes.find((s) => s.id === size.id)}
		onproblem={noting(size.id)}
		onmeasured={(cm, odd) => put(size.id, cm, odd)}
	/>
{/snippet}

<section aria-labelledby="measure-title">
	<h2 id="measure-title" class="mb-1 text-xl">Measure it</h2>
	<form
		class="grid gap-4"
		onsubmit={(e) => {
			e.preventDefault();
			if (something && !blocked && unanswered.length === 0) void add();
		}}
	>
		<Choice
			label="When"
			value={when}
			options={[
				{ value: 'at-once', label: 'at once' },
				{ value: 'rested', label: 'after a rest' },
				{ value: 'washed', label: 'after a wash' },
				...(worn ? [{ value: 'on-head' as const, label: 'as worn' }] : [])
			]}
			onvalue={(v) => (when = v)}
		/>
		{#key `${round} ${units} ${when}`}
			{#if asked.length > 0}
				<div class="grid gap-3">
					{#each asked.slice(0, 2) as size (size.id)}{@render field(size)}{/each}
				</div>
				{#if asked.length > 2}
					<details open={shown.some((s) => asked.slice(2).some((a) => a.id === s.id)) || undefined}>
						<summary class="cursor-pointer"
							>{asked.length === 3 ? 'One more size' : `${asked.length - 2} more sizes`}
							<span class="hint">the two above teach most</span></summary
						>
						<div class="mt-2 grid gap-3">
							{#each asked.slice(2) as size (size.id)}{@render field(size)}{/each}
						</div>
					</details>
				{/if}
			{:else}
				<p class="quiet text-sm">
					Its plan has no size that a tape can check; weight and time still teach.
				</p>
			{/if}
			<div class="grid grid-cols-2 items-start gap-3">
				<QuantityField
					live
					label="Weight"
					text={untrack(() => (grams === null ? '' : printValue(grams, 'mass', units)))}
					parse={mass}
					onproblem={noting('grams')}
					onvalue={(t) => {
						const r = mass(t);
						grams = r.ok ? r.value : null;
					}}
					onempty={() => {
						grams = null;
					}}
				/>
				<QuantityField
					live
					label="Time at the crank"
					text={took === null ? '' : `${took} min`}
					parse={time}
					onproblem={noting('minutes')}
					onvalue={(t) => {
						const r = time(t);
						took = r.ok ? r.value : null;
					}}
					onempty={() => {
						took = null;
					}}
					hint={minutes !== null && took === minutes ? 'from the count' : undefined}
				/>
				<QuantityField
					live
					label="Main rows really knitted"
					text={untrack(() => String(knitted))}
					parse={count}
					onproblem={noting('rows')}
					inputmode="numeric"
					onvalue={(t) => {
						const r = count(t);
						if (r.ok) knitted = r.value;
					}}
				/>
			</div>
		{/key}
		<div>
			<label for="note" class="hint mb-0.5 block">Note</label>
			<textarea id="note" class="textarea w-full min-h-16" maxlength="2000" bind:value={note}
			></textarea>
			{#if note.trim() !== ''}
				<div class="mt-1 flex flex-wrap items-end gap-3">
					{#if pieces.length > 1}
						<label class="grid text-sm"
							><span class="hint">Of which piece</span>
							<select class="select w-auto" bind:value={piece}>
								<option value={null}>of all of it</option>
								{#each pieces as p (p)}<option value={p}>{p}</option>{/each}
							</select></label
						>
					{/if}
					<div class="w-40">
						{#key round}<QuantityField
								live
								label="Of which row, if of one"
								text={untrack(() => (row === null ? '' : String(row)))}
								parse={count}
								onproblem={noting('about')}
								inputmode="numeric"
								onvalue={(t) => {
									const r = count(t);
									if (r.ok) row = r.value;
								}}
								onempty={() => {
									row = null;
								}}
							/>{/key}
					</div>
				</div>
			{/if}
			<label class="mt-1 flex items-center gap-2">
				<input type="checkbox" class="checkbox" bind:checked={next} />
				<span>for next time: it greets the next plan like this one</span>
			</label>
		</div>
		<div class="flex flex-wrap items-center gap-3">
			<button class="btn btn-neutral" disabled={!something || blocked || unanswered.length > 0}
				>Put it in the log</button
			>
			{#if blocked}<span class="text-error text-sm"
					>One field cannot be read yet: mend it or empty it.</span
				>
			{:else if unanswered.length > 0}<span class="text-error text-sm"
					>One size can hardly be: say above how it is meant.</span
				>
			{:else if !something}<span class="hint">One measured value is enough.</span>{/if}
		</div>
	</form>
</section>
