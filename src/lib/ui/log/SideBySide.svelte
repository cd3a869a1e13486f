<script lang="ts">
	import { format } from 'date-fns';
	import { sideBySide } from '$lib/core/learn/next-time';
	import { compare } from '$lib/core/learn/lesson';
	import type { Project } from '$lib/core/model/project';
	import { printValue } from '$lib/core/quantity/print';
	import { wordWhen } from '$lib/core/words/lessons';
	import { useWorkbench } from '../state/workbench.svelte';

	/** This thing beside the last ones of its kind: what was knitted, what came of it, what was noted. */
	let { project }: { project: Project } = $props();
	const workbench = useWorkbench();
	const kin = $derived(
		sideBySide(project, workbench.records.projects, workbench.records.results).map((k) => ({
			...k,
			measured: compare(
				k.result.forecast ?? {
					version: 1,
					on: [],
					sizes: [],
					grams: null,
					minutes: { mean: 0, sd: 0 }
				},
				k.result
			)
		}))
	);
	/** Everything that was measured of any of them, once. */
	const lines = $derived([
		...new Map(kin.flatMap((k) => k.measured.map((m) => [m.what, m] as const))).values()
	]);
</script>

{#if kin.length > 1}
	<section aria-labelledby="side-title">
		<h2 id="side-title" class="mb-1 text-xl">Side by side</h2>
		<div class="overflow-x-auto">
			<table class="table-sm table w-auto">
				<thead>
					<tr>
						<th><span class="sr-only">What</span></th>
						{#each kin as k (k.project.id)}<th class="align-bottom font-semibold">
								{#if k.project.id === project.id}this one{:else}<a
										class="underline"
										href={`/project/${k.project.id}/log`}>{k.project.name}</a
									>{/if}
								<span class="hint block font-normal"
									>{format(k.result.at, 'd MMM yyyy')}, {wordWhen(k.result.when)}</span
								>
							</th>{/each}
					</tr>
				</thead>
				<tbody>
					<tr>
						<th class="font-normal">Rows</th>
						{#each kin as k (k.project.id)}<td class="figure">{k.result.rowsKnitted}</td>{/each}
					</tr>
					{#each lines as line (line.what)}
						<tr>
							<th class="font-normal">{line.label}</th>
							{#each kin as k (k.project.id)}
								{@const m = k.measured.find((x) => x.what === line.what)}
								<td class="figure"
									>{m ? printValue(m.measured, m.kind, workbench.units) : '–'}{m?.odd
										? ' (odd)'
										: ''}</td
								>
							{/each}
						</tr>
					{/each}
					<tr>
						<th class="font-normal">Note</th>
						{#each kin as k (k.project.id)}<td class="min-w-36 align-top whitespace-pre-line"
								>{k.result.note || '–'}</td
							>{/each}
					</tr>
				</tbody>
			</table>
		</div>
	</section>
{/if}
