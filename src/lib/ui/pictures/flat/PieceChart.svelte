<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { sectionsFor, type MadePiece } from '$lib/core/recipe/garments/made-piece';
	import type { Yarn } from '$lib/core/model/bench';
	import type { GarmentOptions } from '$lib/core/recipe/garments/options';
	import { offByRow, type Take } from '$lib/core/shaping/edge-schedule';
	import { rowsWord } from '$lib/core/quantity/say';

	interface Props {
		piece: MadePiece;
		options: GarmentOptions;
		yarns: readonly Yarn[];
		/** Height of a row over the width of a stitch. */
		aspect: number;
	}
	let { piece, options, yarns, aspect }: Props = $props();
	let canvas: HTMLCanvasElement | undefined = $state();
	let room = $state(0);
	let at: { row: number; stitch: number } | null = $state(null);
	const RULER = 34;
	const schedule = $derived(piece.schedule);
	const left = $derived(schedule ? offByRow(schedule.left.takes, piece.rows) : []);
	const right = $derived(schedule ? offByRow(schedule.right.takes, piece.rows) : []);
	const cellW = $derived(Math.max(4, Math.min(13, (room - RULER) / Math.max(1, piece.stitches))));
	const cellH = $derived(Math.max(3, cellW * aspect));
	const width = $derived(Math.ceil(RULER + piece.stitches * cellW + 2));
	const height = $derived(Math.ceil(piece.rows * cellH + 6));
	const ids = $derived([...new Set(options.yarns)]);
	const rowYarn = $derived.by(() => {
		const out: number[] = [];
		for (const s of sectionsFor(options, piece.cut, piece.rows))
			for (let i = 0; i < s.rows; i++) out.push(ids.indexOf(entryAt(options.yarns, s.yarn)));
		return out;
	});

	/** What is done at an edge before a row: a slant for each decrease, with the lean it has; a bar for a group. */
	function marks(
		ctx: CanvasRenderingContext2D,
		take: Take,
		side: 'left' | 'right',
		before: number
	) {
		const y = height - 3 - take.row * cellH;
		const x = (stitch: number) => RULER + stitch * cellW;
		const edge = side === 'left' ? before : piece.stitches - before;
		const inward = side === 'left' ? 1 : -1;
		ctx.lineWidth = Math.max(1.6, cellW * 0.2);
		if (take.how === 'group') {
			ctx.fillRect(
				Math.min(x(edge), x(edge + inward * take.stitches)),
				y - 2,
				take.stitches * cellW,
				4
			);
			return;
		}
		// Stacked beside the edge stitch: the left edge leans right, the right edge left.
		for (let i = 0; i < take.stitches; i++) {
			const foot = x(edge + inward * (take.stitches + 0.2 + i));
			ctx.beginPath();
			ctx.moveTo(foot, y + cellH * 0.3);
			ctx.lineTo(foot + inward * cellW * 1.6, y - cellH * 1.4);
			ctx.stroke();
		}
	}

	$effect(() => {
		const ctx = canvas?.getContext('2d');
		if (!ctx || !canvas || room === 0) return;
		const ratio = window.devicePixelRatio || 1;
		canvas.width = width * ratio;
		canvas.height = height * ratio;
		ctx.scale(ratio, ratio);
		ctx.clearRect(0, 0, width, height);
		const ink = getComputedStyle(canvas).color;
		for (let r = 0; r < piece.rows; r++) {
			const y = height - 3 - (r + 1) * cellH;
			const from = left[r] ?? 0;
			const to = piece.stitches - (right[r] ?? 0);
			ctx.fillStyle = yarns[rowYarn[r] ?? 0]?.colour ?? '#9fb0b8';
			ctx.fillRect(RULER + from * cellW, y, (to - from) * cellW, cellH + 0.4);
			ctx.strokeStyle = 'rgb(0 0 0 / 0.28)';
			ctx.lineWidth = 0.6;
			ctx.beginPath();
			for (let s = from; s <= to; s++) {
				ctx.moveTo(RULER + s * cellW, y);
				ctx.lineTo(RULER + s * cellW, y + cellH);
			}
			ctx.moveTo(RULER + from * cellW, y + cellH);
			ctx.lineTo(RULER + to * cellW, y + cellH);
			ctx.stroke();
		}
		ctx.fillStyle = ink;
		ctx.strokeStyle = ink;
		ctx.font = '11px "Atkinson Hyperlegible Next Variable", sans-serif';
		ctx.textAlign = 'right';
		for (let r = 10; r <= piece.rows; r += 10) {
			const y = height - 3 - r * cellH;
			ctx.fillText(String(r), RULER - 8, y + 4);
			ctx.fillRect(RULER - 5, y - 0.5, 5, 1);
		}
		for (const l of piece.ladders) {
			ctx.fillStyle = ink;
			const x = RULER + (l.after + 1) * cellW;
			for (let r = 0; r < piece.rows; r += 2)
				ctx.fillRect(x - 1.5, height - 3 - (r + 1) * cellH, 3, cellH);
		}
		if (!schedule) return;
		for (const side of ['left', 'right'] as const) {
			let before = 0;
			for (const t of schedule[side].takes) {
				// White under the ink, so that a mark is seen on any yarn.
				ctx.strokeStyle = 'rgb(255 255 255 / 0.9)';
				ctx.fillStyle = ink;
				ctx.save();
				ctx.shadowColor = 'white';
				ctx.shadowBlur = 2;
				ctx.strokeStyle = ink;
				marks(ctx, t, side, before);
				ctx.restore();
				before += t.stitches;
			}
		}
	});

	function move(e: PointerEvent) {
		if (!canvas) return;
		const box = canvas.getBoundingClientRect();
		const row = Math.floor((height - 3 - (e.clientY - box.top)) / cellH);
		const stitch = Math.floor((e.clientX - box.left - RULER) / cellW);
		const inside =
			row >= 0 &&
			row < piece.rows &&
			stitch >= (left[row] ?? 0) &&
			stitch < piece.stitches - (right[row] ?? 0);
		at = inside ? { row, stitch } : null;
	}
	const told = $derived.by(() => {
		if (!at) return `${piece.stitches} stitches, ${rowsWord(piece.rows)}`;
		const from = left[at.row] ?? 0;
		const on = piece.stitches - from - (right[at.row] ?? 0);
		return `Row ${at.row + 1}, stitch ${at.stitch - from + 1} of ${on}`;
	});
</script>

<div bind:clientWidth={room} class="min-w-0">
	<p class="hint mb-1 h-5" aria-live="off">{told}</p>
	<!-- It scrolls: the keys have to reach it. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div
		class="max-h-[26rem] overflow-auto"
		tabindex="0"
		role="region"
		aria-label="The chart, scrolled"
	>
		<canvas
			bind:this={canvas}
			style:width={`${width}px`}
			style:height={`${height}px`}
			class="text-base-content"
			aria-label={`Stitch chart of ${piece.name}, seen on the right side: ${piece.stitches} stitches, ${piece.rows} rows`}
			onpointermove={move}
			onpointerleave={() => (at = null)}
		></canvas>
	</div>
</div>
