<script lang="ts">
	import { LEAST_PINS, MOST_PINS } from '$lib/core/practice/acts';
	import { LESSONS } from '$lib/core/practice/index';
	import { frameDrawing, frameOf } from '$lib/core/practice/frames';
	import InkDrawing from '../how/InkDrawing.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	import { learnerOf, ownRing } from './own-ring';

	const workbench = useWorkbench();
	const ring = $derived(ownRing(workbench));
	const learner = $derived(learnerOf(ring, workbench.units));
	const doneIn = (id: string) =>
		workbench.settings.practised.filter((p) => p.startsWith(`${id}/`)).length;
	const begun = $derived(LESSONS.filter((l) => doneIn(l.id) > 0).length);
	const first = $derived(LESSONS.find((l) => doneIn(l.id) === 0));
</script>

<header class="mb-4 flex flex-wrap items-end gap-x-6 gap-y-1">
	<div>
		<h1 class="text-2xl">Practice</h1>
		<p class="max-w-2xl">
			{learner.pins < LEAST_PINS
				? `A ring of ${LEAST_PINS} pins, the fewest that these hands need,`
				: `Your own ring, ${Math.min(MOST_PINS, learner.pins)} pins,`} drawn loop by loop: it cannot be
			broken, every act can be taken back, and the fabric shows what came of it.
		</p>
	</div>
	{#if first}
		<a class="btn btn-md btn-neutral ml-auto" href={`/practice/${first.id}`}
			>{begun === 0 ? 'Begin' : 'Go on'}: {first.name}</a
		>
	{/if}
</header>
<ol class="grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
	{#each LESSONS as lesson, i (lesson.id)}
		<li class="min-w-0">
			<a class="group block no-underline" href={`/practice/${lesson.id}`}>
				<InkDrawing diagram={frameDrawing(frameOf(lesson, learner), 5, 2)} width={264} />
				<h2 class="mt-1 text-lg group-hover:underline">
					<span class="quiet">{i + 1}</span>
					{lesson.name}
				</h2>
				<p class="text-sm">{lesson.why}</p>
				<p class="hint mt-0.5">
					{doneIn(lesson.id) === 0
						? lesson.tries.length === 1
							? 'not tried yet'
							: `${lesson.tries.length} things to try`
						: `${doneIn(lesson.id)} of ${lesson.tries.length} done`}
				</p>
			</a>
		</li>
	{/each}
</ol>
