<script lang="ts">
	import type { Project } from '$lib/core/model/project';
	import type { TrimKind } from '$lib/core/model/kinds';
	import type { Trim } from '$lib/core/model/trim';
	import { MOST_CHAINS } from '$lib/core/quantity/bounds';
	import type { Plan } from '$lib/core/plan';
	import { suits, trimsFor, usualTrim } from '$lib/core/plan/trims';
	import NumberField from '../parts/NumberField.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';

	let { project, plan, editor }: { project: Project; plan: Plan; editor: ProjectEditor } = $props();

	const NAMES: Record<TrimKind, string> = {
		'pom-pom': 'Pom-pom',
		drawstring: 'Drawstring',
		button: 'Buttons',
		patch: 'Patch',
		tag: 'Tag'
	};
	const trims = $derived(project.trims ?? []);
	const open = $derived(trimsFor(plan.assembly).filter((k) => !trims.some((t) => t.kind === k)));
	const put = (what: string, next: readonly Trim[]) => editor.change(what, { trims: [...next] });
	const set = (t: Trim) =>
		put(
			NAMES[t.kind].toLowerCase(),
			trims.map((x) => (x.kind === t.kind ? t : x))
		);
</script>

<section class="no-print mt-4" aria-labelledby="trims-title">
	<h2 id="trims-title" class="mb-1 text-base">Added at the end</h2>
	{#each trims as t (t.kind)}
		<div class="mb-1 flex flex-wrap items-end gap-2 text-sm">
			<span class="w-24 self-center font-semibold">{NAMES[t.kind]}</span>
			{#if t.kind === 'drawstring'}
				<div class="w-28">
					<NumberField
						label="Chains"
						value={t.chains}
						min={5}
						max={MOST_CHAINS}
						of="chains"
						onvalue={(chains) => set({ ...t, chains })}
					/>
				</div>
			{:else}
				<div class="w-24">
					<NumberField
						label="How many"
						value={t.count}
						min={1}
						max={60}
						of=""
						onvalue={(count) => set({ ...t, count })}
					/>
				</div>
				{#if t.kind === 'pom-pom'}
					<div class="w-28">
						<NumberField
							label="Card, long"
							value={t.cardCm}
							min={2}
							max={30}
							of="length"
							onvalue={(cardCm) => set({ ...t, cardCm })}
						/>
					</div>
				{/if}
			{/if}
			<button
				class="btn btn-sm"
				onclick={() =>
					put(
						`no ${NAMES[t.kind].toLowerCase()}`,
						trims.filter((x) => x !== t)
					)}>Leave off</button
			>
			{#if !suits(t.kind, plan.assembly)}<p class="hint w-full">
					No end is bound off or hemmed as it is now, for a cord to run through: it is left out.
				</p>{/if}
		</div>
	{/each}
	<div class="flex flex-wrap gap-1">
		{#each open as kind (kind)}
			<button
				class="btn btn-sm"
				onclick={() => put(NAMES[kind].toLowerCase(), [...trims, usualTrim(kind, plan)])}
				>+ {NAMES[kind].toLowerCase()}</button
			>
		{/each}
	</div>
</section>
