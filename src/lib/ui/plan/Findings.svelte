<script lang="ts">
	import type { Finding } from '$lib/core/finding/finding';
	import type { Fix } from '$lib/core/finding/fix';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { wordFinding } from '$lib/core/finding/says';
	import { wordFix } from '$lib/core/finding/fix';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';
	import Glossed from '../parts/Glossed.svelte';
	import SeverityMark from '../parts/SeverityMark.svelte';

	interface Props {
		findings: readonly Finding[];
		plan: Plan | null;
		project: Project;
		editor: ProjectEditor;
		onfix: (fix: Fix) => void;
	}
	let { findings, plan, project, editor, onfix }: Props = $props();
	const workbench = useWorkbench();
	const context = $derived({
		units: workbench.units,
		yarnName: (i: number) => plan?.yarns[i]?.colourName ?? 'The yarn'
	});
	const open = $derived(findings.filter((f) => !f.accepted));
	const accepted = $derived(findings.filter((f) => f.accepted));
	const SAYS = { stop: 'Stop', warn: 'Look', tip: 'Tip' } as const;
	const without = (key: string) => project.accepted.filter((k) => k !== key);
</script>

<h2 class="mb-1 text-base">What a careful maker would say</h2>
{#if open.length === 0}
	<p class="quiet text-sm">Nothing: this can be knitted as it stands.</p>
{/if}
<ul class="space-y-2.5">
	{#each open as f (f.key)}
		{@const words = wordFinding(f, context)}
		<li class="flex gap-2">
			<SeverityMark severity={f.severity} />
			<div class="min-w-0 text-sm">
				<p class="font-semibold"><span class="sr-only">{SAYS[f.severity]}: </span>{words.what}</p>
				<p><Glossed text={words.why} /></p>
				<div class="no-print mt-1 flex flex-wrap gap-1">
					{#if f.fix}<button class="btn btn-sm" onclick={() => onfix(f.fix!)}
							>{wordFix(f.fix, workbench.units)}</button
						>{/if}
					{#if f.or}<button class="btn btn-sm" onclick={() => onfix(f.or!)}
							>{wordFix(f.or, workbench.units)}</button
						>{/if}
					{#if f.severity !== 'stop'}
						<button
							class="btn btn-sm"
							onclick={() =>
								editor.change('accepting a finding', { accepted: [...without(f.key), f.key] })}
							>Accept</button
						>
					{/if}
				</div>
			</div>
		</li>
	{/each}
</ul>
{#if accepted.length > 0}
	<details class="no-print mt-3 text-sm">
		<summary class="quiet cursor-pointer">{accepted.length} accepted</summary>
		<ul class="mt-1 space-y-1">
			{#each accepted as f (f.key)}
				<li class="flex items-baseline justify-between gap-2">
					<span class="quiet">{wordFinding(f, context).what}</span>
					<button
						class="btn btn-sm"
						onclick={() => editor.change('taking an acceptance back', { accepted: without(f.key) })}
						>Say it again</button
					>
				</li>
			{/each}
		</ul>
	</details>
{/if}
