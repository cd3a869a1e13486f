<script lang="ts">
	import type { WidenedWay, WrittenPattern } from '$lib/core/model/written';
	import { outlineOf, type Strip } from '$lib/core/convert/pieces/strip';
	import type { PatternPiece } from '$lib/core/convert/pieces/pieces';
	import { WIDENED_WORDS, wordPieceProblem, wordWidening } from '$lib/core/words/pieces';
	import { wordShapeProblem } from '$lib/core/shaping/words';
	import { say } from '$lib/core/quantity/say';
	import Choice from '../parts/Choice.svelte';
	import PieceAt from './PieceAt.svelte';
	import type { Reading } from './reading.svelte';

	/** Every piece of a pattern, in its own gauge and as it is knitted here. */
	interface Props {
		reading: Reading;
		onchange: (patch: Partial<WrittenPattern>) => void;
	}
	let { reading, onchange }: Props = $props();
	const { taken, draw, made, on } = $derived(reading);
	/** All panels of a pattern are drawn by one scale: the tallest so high, px. */
	const TALL = 240;
	const MOST_SCALE = 9;
	const tallest = $derived(
		Math.max(
			1,
			...reading.strips.map((s) => s.rows / draw.rowsPerCm),
			...(made?.pieces ?? []).map((p) => p.rows / reading.density.rowsPerCm)
		)
	);
	const scale = $derived(Math.min(MOST_SCALE, TALL / tallest));
	const madeOf = (s: Strip) => made?.pieces.filter((p) => p.of === s.id && !p.mirrorOf) ?? [];
	const setWay = (piece: PatternPiece, way: WidenedWay) =>
		onchange({
			ways: [...on.pattern.ways.filter((w) => w.piece !== piece.name), { piece: piece.name, way }]
		});
</script>

{#if taken.pieces.length === 0}
	<p class="quiet text-sm">
		No piece yet. One begins with a heading or a cast-on: “Back. Cast on 46 sts. Work 40 rows.”
	</p>
{:else}
	<p class="hint mb-2 flex flex-wrap gap-x-4">
		<span><span class="sign dashed"></span> as the pattern has it</span>
		<span
			><span class="sign" style:background={on.yarn.colour}></span> as it is knitted here, in {on
				.yarn.colourName} on {on.machine.pins} pins</span
		>
	</p>
	<ul class="pieces grid gap-x-6 gap-y-4">
		{#each taken.pieces as piece, i (`${piece.name} ${i}`)}
			<li
				class={['rule-line border-t pt-2', (piece.strips.length > 1 || piece.widening) && 'wide']}
			>
				<h3 class="text-base">
					{piece.name}{piece.count > 1 ? `, ${piece.count} of it` : ''}
				</h3>
				{#if piece.problem}
					<p class="text-warning text-sm">{wordPieceProblem(piece.problem, on.units)}</p>
				{:else}
					{#if piece.widening}
						<div class="mb-2 text-sm">
							{#if piece.widening.kind === 'both'}
								<Choice
									label={wordWidening('both')}
									value={piece.way}
									options={piece.widening.ways.map((w) => ({
										value: w,
										label: WIDENED_WORDS[w].label,
										hint: WIDENED_WORDS[w].what
									}))}
									onvalue={(w) => setWay(piece, w)}
								/>
								<p class="mt-1">{WIDENED_WORDS[piece.way].what}</p>
							{:else}
								<p>{wordWidening(piece.widening.kind)}</p>
							{/if}
						</div>
					{/if}
					<div class="flex flex-wrap items-start gap-x-8 gap-y-4">
						{#each piece.strips as s (s.id)}
							<PieceAt strip={s} outline={outlineOf(s, draw)} made={madeOf(s)} {reading} {scale} />
							{#each madeOf(s).filter((m) => m.problem) as m (m.id)}
								{#if m.problem}<p class="text-warning text-sm">
										{wordShapeProblem(m.problem, say(on.units))}
									</p>{/if}
							{/each}
						{/each}
					</div>
				{/if}
			</li>
		{/each}
	</ul>
{/if}

<style>
	.pieces {
		grid-template-columns: repeat(auto-fill, minmax(min(100%, 16rem), 1fr));
	}
	.wide {
		grid-column: 1 / -1;
	}
	.sign {
		display: inline-block;
		width: 1.4rem;
		height: 0.8rem;
		border: 1px solid currentColor;
		vertical-align: -0.05rem;
	}
	.dashed {
		border: 0;
		border-top: 2px dashed currentColor;
		height: 0.35rem;
	}
</style>
