<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { readPattern } from '$lib/core/convert/pattern/read';
	import { takenPiece } from '$lib/core/convert/pieces/free';
	import { piecesOf } from '$lib/core/convert/pieces/pieces';
	import { leftOf } from '$lib/core/convert/pieces/strip';
	import {
		endsOf,
		type FreePiece,
		type FreeSeam,
		type FreeSeamEnd
	} from '$lib/core/recipe/garments/free-piece';
	import { inRange, NUMBER, parseCount, readNumber, tidy } from '$lib/core/quantity/parse';
	import type { Result } from '$lib/core/quantity/problem';
	import type { PlanOf } from '$lib/core/plan';
	import { wordWhy } from '$lib/core/words/pattern';
	import { wordGuess, wordPieceProblem } from '$lib/core/words/pieces';
	import QuantityField from '../parts/QuantityField.svelte';
	import Select from '../parts/Select.svelte';
	import TextField from '../parts/TextField.svelte';
	import FreePoints from './FreePoints.svelte';
	import { wholeGarment } from '$lib/core/recipe/garments/start';
	import type { EditorProps } from './editor';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, plan: whole, editor }: EditorProps = $props();
	const workbench = useWorkbench();
	const plan = $derived(whole as PlanOf<'flat'>);
	const options = $derived(wholeGarment(project.options));
	const id = $props.id();
	let text = $state(
		'88 stitches, 60 rows, then 1 at each end every 4th row 8 times, 72 stitches, 10 rows, cast off'
	);
	let gaugeStitches = $state(22);
	let gaugeRows = $state(30);
	const theirs = $derived({ stitchesPerCm: gaugeStitches / 10, rowsPerCm: gaugeRows / 10 });
	const read = $derived(readPattern(text));
	const taken = $derived(piecesOf(read, { source: text, gauge: theirs, draw: theirs, ways: [] }));
	const pieces = $derived(taken.pieces);
	const strips = $derived(pieces.flatMap((p) => p.strips));
	const notes = $derived(
		[
			...read.instructions.flatMap((i) => (i.why ? [wordWhy(i.why)] : [])),
			...taken.notes.map((n) => wordGuess(n.guess)),
			...pieces.flatMap((p) => (p.problem ? [wordPieceProblem(p.problem, workbench.units)] : []))
		].filter((n, i, all) => all.indexOf(n) === i)
	);
	const parsePer10 = (t: string): Result<number> => {
		const n = readNumber(tidy(t).match(new RegExp(NUMBER))?.[0] ?? '');
		return n === undefined
			? parseCount(t, 'stitches')
			: inRange(n, { min: 4, max: 80, unit: 'to 10 cm' });
	};
	const parseCopies = (t: string): Result<number> => {
		const n = parseCount(t, 'pieces');
		return n.ok ? inRange(n.value, { min: 1, max: 40, unit: 'pieces' }) : n;
	};
	const put = (pieces: readonly FreePiece[], what = 'pieces…') =>
		editor.options(what, { pieces: pieces as FreePiece[] });
	// An edge that is moved by hand is no longer the one that was typed.
	const change = (i: number, patch: Partial<FreePiece>) =>
		put(
			options.pieces.map((p, k) => {
				const byHand = 'left' in patch || 'right' in patch;
				return k === i
					? { ...p, ...patch, ...(byHand && { typed: undefined, says: undefined }) }
					: p;
			})
		);
	function add() {
		const ids = options.pieces.map((p) => p.id);
		const added = strips.map((s) => {
			const piece = takenPiece(s, theirs, { read, source: text });
			let id = piece.id;
			for (let n = 2; ids.includes(id); n++) id = `${piece.id}-${n}`;
			ids.push(id);
			return { ...piece, id };
		});
		put([...options.pieces, ...added], 'a piece from a pattern');
	}
	const remove = (i: number) => {
		const gone = entryAt(options.pieces, i).id;
		editor.options('a piece taken out', {
			pieces: options.pieces.filter((_, k) => k !== i),
			seams: options.seams.filter(
				(s) =>
					![...endsOf(s.a), ...endsOf(s.b)].some((e) => e.piece.replace(/-mirror$/, '') === gone)
			)
		});
	};
	const parts = $derived(
		options.pieces.flatMap((p) =>
			[
				...new Set(
					[...p.left, ...p.right]
						.flatMap((q) => (q.part ? [q.part] : []))
						.concat(p.top ?? 'top', 'hem')
				)
			].map((part) => ({ value: `${p.id}|${part}`, label: `${p.name}, ${part}` }))
		)
	);
	/** A stretch of a border in the maker's words: a mirror image by its piece. */
	function wordEnd({ piece, part, side }: FreeSeamEnd): string {
		const image = piece.endsWith('-mirror');
		const p = options.pieces.find((x) => x.id === piece.replace(/-mirror$/, ''));
		if (!p) return 'a missing edge';
		const where =
			side === 'left' || side === 'right' ? `${side} ` : side === 'top' ? 'last row, ' : '';
		return `${p.name}${image ? ', mirrored' : ''}, ${where}${part}`;
	}
	const wordSide = (side: FreeSeam['a']) => endsOf(side).map(wordEnd).join(' and ');
	const endOf = (value: string) => {
		const [piece, part] = value.split('|');
		return { piece: piece!, part: part! };
	};
	let opened = $state('');
	let a = $state('');
	let b = $state('');
	const fallback = $derived(parts[0]?.value ?? '');
</script>

<section aria-labelledby={`${id}-title`}>
	<h2 id={`${id}-title`} class="mb-1 text-base">Pieces of your own</h2>
	<p class="hint mb-2">
		Drag the points on the drawing, or take a piece from a written pattern: in its own gauge it is
		knitted as typed, row for row; in another it is worked anew.
	</p>
	<ul class="mb-3 space-y-2">
		{#each options.pieces as p, i (p.id)}
			<li class="flex flex-wrap items-end gap-2">
				<div class="w-40">
					<TextField
						label="Piece"
						value={p.name}
						max={60}
						example="Front"
						onvalue={(name) => change(i, { name })}
					/>
				</div>
				<div class="w-24">
					<QuantityField
						label="How many"
						text={String(p.count)}
						parse={parseCopies}
						onvalue={(t) => {
							const r = parseCopies(t);
							if (r.ok) change(i, { count: r.value });
						}}
					/>
				</div>
				<label class="flex items-center gap-1.5 pb-2 text-sm"
					><input
						type="checkbox"
						class="checkbox checkbox-sm"
						checked={p.mirrored}
						onchange={(e) =>
							change(i, {
								mirrored: e.currentTarget.checked,
								count: e.currentTarget.checked ? Math.max(2, p.count) : p.count
							})}
					/> half of them mirrored</label
				>
				<button
					class="btn btn-sm mb-1"
					aria-expanded={opened === p.id}
					onclick={() => (opened = opened === p.id ? '' : p.id)}>Its points</button
				>
				<button
					class="btn btn-sm mb-1"
					onclick={() => remove(i)}
					disabled={options.pieces.length < 2}>Take it out</button
				>
				{#if opened === p.id}<div class="w-full">
						<FreePoints piece={p} onchange={(patch) => change(i, patch)} />
					</div>{/if}
			</li>
		{/each}
	</ul>
	<div class="grid gap-2">
		<label class="block">
			<span class="hint mb-0.5 block">A pattern’s words for one piece</span>
			<textarea class="textarea w-full min-h-20" maxlength="4000" bind:value={text}></textarea>
		</label>
		<div class="flex flex-wrap items-end gap-2">
			<div class="w-36">
				<QuantityField
					label="Its stitches to 10 cm"
					text={String(gaugeStitches)}
					parse={parsePer10}
					onvalue={(t) => {
						const r = parsePer10(t);
						if (r.ok) gaugeStitches = r.value;
					}}
				/>
			</div>
			<div class="w-36">
				<QuantityField
					label="Its rows to 10 cm"
					text={String(gaugeRows)}
					parse={parsePer10}
					onvalue={(t) => {
						const r = parsePer10(t);
						if (r.ok) gaugeRows = r.value;
					}}
				/>
			</div>
			<button
				class="btn mb-0"
				disabled={strips.length === 0 || options.pieces.length + strips.length > 12}
				onclick={add}>Draw this piece</button
			>
			{#each strips as s (s.id)}
				<p class="pb-2 text-sm">
					{s.name}: {s.castOn} stitches, {s.rows} rows, {leftOf(s)} left by the pattern{s.turned
						? '; it widens, so it is knitted from its other end'
						: ''}.
				</p>
			{/each}
		</div>
		{#each notes as note (note)}
			<p class="text-warning text-sm">{note}</p>
		{/each}
	</div>
	<h3 class="mt-3 mb-1 text-sm">What is sewn to what</h3>
	<ul class="space-y-1 text-sm">
		{#each options.seams as s, i (i)}
			<li class="flex items-baseline justify-between gap-2">
				<span
					>{s.name === undefined ? '' : `${s.name}: `}{wordSide(s.a)} to {wordSide(s.b)}{(s.times ??
						1) > 1
						? `, ${s.times} times`
						: ''}</span
				>
				<button
					class="btn btn-sm"
					onclick={() =>
						editor.options('a seam taken out', { seams: options.seams.filter((_, k) => k !== i) })}
					>Take it out</button
				>
			</li>
		{/each}
	</ul>
	{#if parts.length > 0}
		<div class="mt-2 flex flex-wrap items-end gap-2">
			<div class="w-44">
				<Select label="Sew" value={a || fallback} options={parts} onvalue={(v) => (a = v)} />
			</div>
			<div class="w-44">
				<Select label="to" value={b || fallback} options={parts} onvalue={(v) => (b = v)} />
			</div>
			<button
				class="btn"
				disabled={options.seams.length >= 60}
				onclick={() =>
					editor.options('a seam', {
						seams: [...options.seams, { a: endOf(a || fallback), b: endOf(b || fallback) }]
					})}>Add the seam</button
			>
		</div>
	{/if}
	{#if plan.finished.made.pieces.length === 0}<p class="text-sm">No piece yet.</p>{/if}
</section>
