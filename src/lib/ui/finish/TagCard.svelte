<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import { tagOf } from '$lib/core/order/tag';
	import type { Project } from '$lib/core/model/project';
	import { recipeFor } from '$lib/core/recipe';
	import type { Plan } from '$lib/core/plan';
	import type { Figure } from '$lib/core/quantity/working';
	import { printValue } from '$lib/core/quantity/print';
	import { wordTag } from '$lib/core/words/tag';
	import { notices } from '../state/notices.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { project, plan }: { project: Project; plan: Plan } = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	// By what it really took where that was weighed, else by the sum.
	const tag = $derived(
		tagOf(
			plan.amounts.map((a) => ({
				yarn: entryAt(plan.yarns, a.yarn),
				grams: project.used?.find((u) => u.yarnId === a.yarnId)?.grams ?? a.grams.value.mean
			}))
		)
	);
	const size = $derived.by(() => {
		const made = recipeFor(project.options)?.madeFor?.(project.options);
		if (made)
			return made.cm === undefined
				? made.label
				: `${made.label} ${printValue(made.cm, 'length', units)}`;
		const said = (f: Figure) =>
			`${f.label.toLowerCase()} ${printValue(Math.round(f.value.mean), f.kind, units)}`;
		return plan.sizes
			.slice(0, 2)
			.map((x) => said(x.figure))
			.join(', ');
	});
	const lines = $derived(tag ? wordTag(project.name, size, tag) : []);

	async function copy() {
		try {
			await navigator.clipboard.writeText(lines.join('\n'));
			void notices.say('The tag’s text is copied');
		} catch {
			void notices.warn('This browser does not let it be copied: mark the text and copy it.');
		}
	}
</script>

{#if tag}
	<section aria-labelledby="tag-title" class="mt-5">
		<h2 id="tag-title" class="mb-1 text-base">Its tag</h2>
		<div
			class="tag border-base-content/70 relative rounded-[5px] border-[1.5px] py-3 pr-4 pl-9 text-sm"
		>
			<span
				class="border-base-content/70 absolute top-4 left-3 size-3 rounded-full border-[1.5px]"
				aria-hidden="true"
			></span>
			{#each lines as line, i (i)}
				<p class={i === 0 ? 'figure text-lg font-semibold' : ''}>{line}</p>
			{/each}
		</div>
		{#if tag.unknown.length > 0}
			<p class="text-warning mt-1 text-sm">
				The label’s care was never noted for {tag.unknown.join('; ')}: note it on the bench.
			</p>
		{/if}
		<p class="no-print mt-2">
			<button class="btn btn-sm" onclick={copy}>Copy the text</button>
		</p>
		<p class="hint mt-1">For sale, local rules say what a label must hold.</p>
	</section>
{/if}
