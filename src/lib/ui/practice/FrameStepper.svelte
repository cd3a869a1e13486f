<script lang="ts">
	import { frameAt, frameDrawing, stepsOf } from '$lib/core/practice/frames';
	import type { Learner, Lesson, Try } from '$lib/core/practice/lesson';
	import InkDrawing from '../how/InkDrawing.svelte';

	/** A demonstration, a step at a time, drawn from the machine as it stands then. */
	interface Props {
		lesson: Lesson;
		t: Try;
		learner: Learner;
		width?: number;
	}
	let { lesson, t, learner, width = 264 }: Props = $props();
	const steps = $derived(stepsOf(t, learner));
	let step = $state(0);
	const frame = $derived(frameAt(t, learner, step));
	const drawing = $derived(frameDrawing(frame, 5, 2));
</script>

<div>
	<InkDrawing diagram={drawing} {width} named />
	<div class="mt-1 flex items-center gap-2" style:max-width={`${width}px`}>
		<button
			class="btn btn-sm"
			aria-label={`Step before, of ${t.name}`}
			disabled={step === 0}
			onclick={() => (step -= 1)}>‹</button
		>
		<span class="figure text-sm" role="status">{step + 1} of {steps}</span>
		<button
			class="btn btn-sm"
			aria-label={`Next step, of ${t.name}`}
			disabled={step >= steps - 1}
			onclick={() => (step += 1)}>›</button
		>
		<a class="ml-auto text-sm underline" href={`/practice/${lesson.id}?try=${t.id}`}>Try it</a>
	</div>
	<p class="mt-1 min-h-10 text-sm">{frame.says}.</p>
</div>
