<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { planStages } from '$lib/core/thing/plan-stages';
	import type { PlanOf } from '$lib/core/plan';
	import { stitchesAcross } from '$lib/core/plan/lies';
	import { printValue } from '$lib/core/quantity/print';
	import type { Units } from '$lib/core/quantity/units';
	import { wordStep } from '$lib/core/technique/say-step';
	import { boxOf, FabricDrawing } from './draw-fabric';

	interface Props {
		plan: PlanOf<'worn'> | PlanOf<'tube'>;
		units: Units;
		/** The most it may take, px. */
		width?: number;
		height?: number;
		/** The finishing step to stand at; the finished thing where none is named. */
		step?: string | null;
	}
	let { plan, units, width = 420, height = 300, step = null }: Props = $props();
	const id = $props.id();
	const PAD = 14;
	const BAR_PX = 26;

	const stages = $derived(planStages(plan));
	const last = $derived(stages.length - 1);
	/** The stage a named step leads to, or the last that is done before it. */
	const stand = $derived.by(() => {
		if (step === null) return last;
		const at = stages.findIndex((s) => s.finish?.id === step);
		if (at >= 0) return at;
		const steps = plan.steps.map((s) => s.id);
		const before = new Set(steps.slice(0, steps.indexOf(step)));
		return stages.findLastIndex((s) => s.finish === null || before.has(s.finish.id));
	});
	let moved = $state<number | null>(null);
	// Another step, another plan: the slider follows again.
	$effect(() => {
		void stand;
		moved = null;
	});
	const at = $derived(Math.min(last, moved ?? stand));
	const shown = $derived(entryAt(stages, Math.round(at)));
	/** Larger than this the stitches look coarser than they are, px for a cm. */
	const MOST_PX = 15;
	// Each stage fills its frame; between two the scale goes over, and the bar with it.
	const frames = $derived(
		stages.map((s) => {
			const box = boxOf([s]);
			const px = Math.min(
				MOST_PX,
				(width - 2 * PAD) / box.width,
				(height - 2 * PAD - BAR_PX) / box.height
			);
			return { ...box, px };
		})
	);
	const mix = (of: 'left' | 'top' | 'width' | 'height' | 'px'): number => {
		const from = Math.floor(at);
		const [a, b] = [entryAt(frames, from), entryAt(frames, Math.min(last, from + 1))];
		return a[of] + (b[of] - a[of]) * (at - from);
	};
	const px = $derived(mix('px'));
	const box = $derived({
		left: mix('left'),
		top: mix('top'),
		width: mix('width'),
		height: mix('height')
	});
	const wide = $derived(Math.ceil(box.width * px + 2 * PAD));
	const high = $derived(Math.ceil(box.height * px + 2 * PAD + BAR_PX));
	const barCm = $derived(units === 'cm' ? 10 : 10.16);
	const words = $derived(
		shown.finish ? wordStep(shown.finish, units).title : 'The tube as it comes off the machine'
	);

	let canvas = $state<HTMLCanvasElement>();
	const drawing = new FabricDrawing();
	$effect(() => {
		const c = canvas?.getContext('2d');
		if (!canvas || !c) return;
		const scale = Math.max(2, window.devicePixelRatio || 1);
		canvas.width = wide * scale;
		canvas.height = high * scale;
		c.setTransform(scale, 0, 0, scale, 0, 0);
		c.clearRect(0, 0, wide, high);
		const ink = getComputedStyle(canvas).color;
		const from = Math.floor(at);
		const to = entryAt(stages, Math.min(last, from + 1));
		drawing.draw(
			c,
			{ from: entryAt(stages, from), to, t: at - from },
			{
				colours: plan.yarns.map((y) => y.colour),
				stitches: Math.max(1, stitchesAcross(plan)),
				px,
				left: PAD - box.left * px,
				top: PAD - box.top * px,
				ink
			}
		);
		// For scale.
		c.strokeStyle = ink;
		c.lineWidth = 1.2;
		c.beginPath();
		c.moveTo(PAD, high - 12);
		c.lineTo(PAD, high - 6);
		c.lineTo(PAD + barCm * px, high - 6);
		c.lineTo(PAD + barCm * px, high - 12);
		c.stroke();
	});
	const copies = $derived(plan.finished.kind === 'tube' ? plan.finished.tube.copies : 1);
</script>

<figure style:width={`${width}px`} class="max-w-full">
	<figcaption class="text-sm">
		{#if last > 0}
			<label class="hint sr-only" for={id}>From the machine to the finished thing</label>
			<input
				{id}
				type="range"
				class="range range-xs stages no-print w-full"
				list={`${id}-stops`}
				min="0"
				max={last}
				step="0.02"
				value={at}
				aria-valuetext={words}
				oninput={(e) => (moved = Number(e.currentTarget.value))}
				onchange={() => {
					if (moved !== null) moved = Math.round(moved);
				}}
			/>
			<datalist id={`${id}-stops`}>
				{#each stages, i (i)}<option value={i}></option>{/each}
			</datalist>
		{/if}
		<span class="block min-h-10">
			{at === last && last > 0 ? 'Finished. Last: ' : ''}{words}{copies > 1
				? `. Make ${copies} alike.`
				: ''}
		</span>
	</figcaption>
	<div class="flex justify-center">
		<div
			class="relative"
			style:width={`${wide}px`}
			role="img"
			aria-label={`${words}; ${printValue(box.width, 'length', units)} by ${printValue(box.height, 'length', units)} at most`}
		>
			<canvas
				bind:this={canvas}
				style:width={`${wide}px`}
				style:height={`${high}px`}
				class="text-base-content block max-w-full"
			></canvas>
			<span class="absolute bottom-[7px] text-[12px]" style:left={`${PAD + 5}px`}
				>{units === 'cm' ? '10 cm' : '4 in'}</span
			>
		</div>
	</div>
</figure>

<style>
	.stages {
		appearance: none;
		height: 24px;
		background: linear-gradient(var(--color-base-content), var(--color-base-content)) center / 100%
			1.5px no-repeat;
		cursor: pointer;
	}
	.stages::-webkit-slider-thumb {
		appearance: none;
		width: 12px;
		height: 20px;
		border-radius: 4px;
		background: var(--color-accent);
		border: 1.5px solid var(--color-base-content);
	}
	.stages::-moz-range-thumb {
		width: 10px;
		height: 18px;
		border-radius: 4px;
		background: var(--color-accent);
		border: 1.5px solid var(--color-base-content);
	}
</style>
