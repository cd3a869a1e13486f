<script lang="ts">
	import { triedAs } from '$lib/core/practice/demonstration';
	import { LESSONS } from '$lib/core/practice/index';
	import { SHOWN_AS_TECHNIQUES } from '$lib/core/practice/skills';
	import { learnerOf, ownRing } from '../practice/own-ring';
	import { useWorkbench } from '../state/workbench.svelte';
	import Stepper from './Stepper.svelte';

	/** What comes before and at the machine: every try of every lesson, its demonstration stepped. */
	let { find }: { find: string } = $props();
	const workbench = useWorkbench();
	const ring = $derived(ownRing(workbench));
	const learner = $derived(learnerOf(ring, workbench.units));
	const words = $derived(find.trim().toLowerCase());
	const lessons = $derived(
		LESSONS.map((lesson) => ({
			lesson,
			tries: lesson.tries.filter(
				(t) =>
					!SHOWN_AS_TECHNIQUES.has(`${lesson.id}/${t.id}`) &&
					`${lesson.name} ${t.name} ${lesson.why}`.toLowerCase().includes(words)
			)
		})).filter((l) => l.tries.length > 0)
	);
</script>

{#each lessons as { lesson, tries } (lesson.id)}
	<section
		id={`hands-${lesson.id}`}
		class="rule-line grid scroll-mt-4 gap-x-8 gap-y-3 border-t py-4 lg:grid-cols-[17rem_minmax(0,1fr)]"
	>
		<div>
			<h2 class="mb-1 text-lg">{lesson.name}</h2>
			<p class="max-w-2xl text-sm">{lesson.why}</p>
			<p class="mt-1 max-w-2xl text-sm"><b>Watch for:</b> {lesson.watch}</p>
		</div>
		<div class="grid gap-x-8 gap-y-6 sm:grid-cols-2 xl:grid-cols-3">
			{#each tries as t (t.id)}
				<article class="min-w-0">
					<h3 class="mb-1 text-base">{t.name}</h3>
					<Stepper shown={triedAs(`${lesson.id}/${t.id}`, t, learner)} name={t.name} />
				</article>
			{/each}
		</div>
	</section>
{/each}
