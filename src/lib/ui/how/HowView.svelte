<script lang="ts">
	import { GLOSSARY } from '$lib/core/words/glossary';
	import { SKILL_IDS } from '$lib/core/technique/drawing/skills';
	import { CAUTIONS } from '$lib/core/technique/cautions';
	import { SCHOOLS, type SchoolId } from '$lib/core/technique/drawing/skill-words';
	import { findsSkill, skillWords } from '$lib/core/technique/drawing/words';
	import { demonstrationOf } from '$lib/core/practice/demonstration';
	import { learnerOf, ownRing } from '../practice/own-ring';
	import HandsShown from './HandsShown.svelte';
	import Caution from '../parts/Caution.svelte';
	import Choice from '../parts/Choice.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import Stepper from './Stepper.svelte';

	const workbench = useWorkbench();
	const terms = $derived(workbench.settings.crochet);
	let find = $state('');
	const all = $derived(SKILL_IDS.map((id) => ({ id, words: skillWords(id, terms) })));
	const found = $derived(all.filter((t) => findsSkill(t.words, find)));
	const schools = $derived(
		(Object.keys(SCHOOLS) as SchoolId[])
			.map((school) => ({ school, ways: found.filter((t) => t.words.school === school) }))
			.filter((s) => s.ways.length > 0)
	);
	const single = $derived(found.filter((t) => !t.words.school));
	const ring = $derived(ownRing(workbench));
	const learner = $derived(learnerOf(ring, workbench.units));
	const WORDS = [...GLOSSARY].sort((a, b) => a.word.localeCompare(b.word));
</script>

{#snippet technique(t: (typeof all)[number])}
	<article id={t.id} class="min-w-0 scroll-mt-4">
		<h3 class="mb-1 text-base">{t.words.name}</h3>
		<Stepper
			shown={demonstrationOf(t.id, learner, { loops: learner.pins })}
			name={t.words.name}
			pictured
		/>
		<p class="mt-1 text-sm"><b>{t.words.goodFor}</b></p>
		<ol class="mt-1 list-decimal space-y-0.5 pl-5 text-sm">
			{#each t.words.how as h, i (i)}<li>{h}</li>{/each}
		</ol>
		<p class="quiet mt-1 text-sm">What goes wrong: {t.words.wrong}</p>
	</article>
{/snippet}

<div class="mb-4 flex flex-wrap items-end gap-x-6 gap-y-2">
	<h1 class="text-2xl">How it is done</h1>
	<input
		class="input max-w-64"
		type="search"
		placeholder="gather, edge, toy…"
		aria-label="Find a technique"
		bind:value={find}
	/>
	<Choice
		label="Crochet words"
		value={terms}
		options={[
			{ value: 'us', label: 'US', hint: 'single crochet' },
			{ value: 'uk', label: 'UK', hint: 'the same stitch is double crochet' }
		]}
		onvalue={(crochet) => void workbench.set({ crochet })}
	/>
	<a class="underline sm:ml-auto" href="#words">Words of the field</a>
	<a class="underline" href="#cautions">Where it can hurt</a>
</div>
{#if found.length === 0}
	<p class="quiet py-6">Nothing is called that. Try one word, such as “edge” or “toy”.</p>
{/if}
<HandsShown {find} />
{#each schools as s (s.school)}
	<section class="rule-line border-t py-4" aria-labelledby={`school-${s.school}`}>
		<h2 id={`school-${s.school}`} class="mb-1 text-lg">{SCHOOLS[s.school]}</h2>
		<p class="hint mb-3">Makers differ: each of these works.</p>
		<div class="grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-3">
			{#each s.ways as t (t.id)}{@render technique(t)}{/each}
		</div>
	</section>
{/each}
{#if single.length > 0}
	<section class="rule-line border-t py-4" aria-labelledby="steps-title">
		<h2 id="steps-title" class="mb-3 text-lg">Step by step</h2>
		<div class="grid gap-x-8 gap-y-7 sm:grid-cols-2 lg:grid-cols-4">
			{#each single as t (t.id)}{@render technique(t)}{/each}
		</div>
	</section>
{/if}
<section id="words" class="rule-line scroll-mt-4 border-t py-4" aria-labelledby="words-title">
	<h2 id="words-title" class="mb-3 text-lg">Words of the field</h2>
	<dl class="grid gap-x-8 gap-y-2 lg:grid-cols-2">
		{#each WORDS as t (t.word)}
			<div>
				<dt class="inline font-semibold">{t.word}:</dt>
				<dd class="inline">{t.means}</dd>
			</div>
		{/each}
	</dl>
</section>
<section id="cautions" class="rule-line scroll-mt-4 border-t py-4" aria-labelledby="cautions-title">
	<h2 id="cautions-title" class="mb-1 text-lg">Where it can hurt</h2>
	<p class="mb-3 max-w-2xl text-sm">
		These sentences stand at the steps where they matter. Tomble only reminds: local rules, the
		maker of your machine, and people qualified for it decide; a clinician for what hurts, the toy
		rules of your country for toys that are sold or given, a hospital’s own list for gifts.
	</p>
	<ul class="grid gap-x-8 gap-y-2 lg:grid-cols-2">
		{#each Object.values(CAUTIONS) as text (text)}<li><Caution {text} /></li>{/each}
	</ul>
</section>
