<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { recipeFor } from '$lib/core/recipe';
	import type { Control } from '$lib/core/recipe/controls';
	import { slipOf } from '$lib/core/recipe/slip';
	import { provideDrafts } from '../parts/drafts.svelte';
	import type { Pointing } from '../state/pointing.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import SlipPhrase from './SlipPhrase.svelte';

	/** What is to be made, in one sentence whose phrases are the choices. */
	interface Props {
		project: Project;
		plan: Plan;
		controls: readonly Control[];
		editor: ProjectEditor;
		pointing: Pointing;
	}
	let { project, plan, controls, editor, pointing }: Props = $props();
	const workbench = useWorkbench();
	const drafts = provideDrafts();
	const slip = $derived(
		slipOf(recipeFor(project.options)?.phrase ?? '', project.options, controls, {
			machine: plan.machine,
			machines: workbench.bench.machines,
			yarns: workbench.bench.yarns,
			units: workbench.units
		})
	);
	const colour = $derived(plan.yarns[0]?.colour ?? 'currentColor');
	let more = $state(false);
	/** Between the last phrase and what is folded after it. */
	const SPACE = ' ';
	const rest = $derived({ project, plan, editor, pointing });
	const wrong = $derived(
		controls.flatMap((c) => {
			const draft = drafts.of(c.key);
			return draft ? [{ key: c.key, label: c.label, ...draft }] : [];
		})
	);
</script>

<section class="slip no-print mb-3" aria-label="What is to be made" style:--yarn={colour}>
	<p class="figure sentence">
		{#each slip.parts as part, i (i)}{#if typeof part === 'string'}{part}{:else}<SlipPhrase
					phrase={part}
					{...rest}
				/>{/if}{/each}{#if slip.rest.length > 0}{SPACE}<button
				class="phrase is-more"
				aria-expanded={more}
				onclick={() => (more = !more)}>{more ? 'and' : `and ${slip.rest.length} more…`}</button
			>{:else}.{/if}
	</p>
	{#if more}
		<p class="seldom">
			{#each slip.rest as phrase (phrase.id)}<SlipPhrase {phrase} named {...rest} />{/each}
		</p>
	{/if}
	{#each wrong as w (w.key)}
		<p class="text-error text-sm" role="status">
			{w.label}: “{w.typed}” stands as it was. {w.problem}
		</p>
	{/each}
</section>

<style>
	.sentence {
		font-size: clamp(1.15rem, 0.95rem + 0.8vw, 1.55rem);
		line-height: 1.5;
		max-width: 74rem;
		text-wrap: pretty;
	}
	.seldom {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 1.2rem;
		margin-top: 0.15rem;
	}
	.slip :global(.phrase) {
		font: inherit;
		display: inline;
		text-align: start;
		cursor: pointer;
		min-height: 24px;
		border-radius: 3px;
		padding: 0 0.1em;
		margin: 0 -0.1em;
		font-weight: 650;
		box-decoration-break: clone;
		-webkit-box-decoration-break: clone;
		text-decoration: underline;
		/* Seen on either ground, whatever the yarn. */
		text-decoration-color: color-mix(in oklch, var(--yarn) 75%, var(--color-base-content));
		text-decoration-thickness: 0.16em;
		text-underline-offset: 0.2em;
	}
	.slip .seldom :global(.phrase) {
		font-weight: 550;
	}
	.slip :global(.phrase:hover),
	.slip :global(.phrase[data-state='open']) {
		background: var(--color-base-200);
	}
	.slip :global(.phrase.is-wrong) {
		text-decoration: underline wavy var(--color-error);
	}
	.slip .is-more {
		font-weight: 500;
		text-decoration-style: dotted;
	}
</style>
