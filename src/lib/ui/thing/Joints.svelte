<script lang="ts">
	import { counted, type Joint, type JointSide } from '$lib/core/assembly/joint';
	import { printValue } from '$lib/core/quantity/print';
	import { useWorkbench } from '../state/workbench.svelte';

	let { joints }: { joints: readonly Joint[] } = $props();
	const workbench = useWorkbench();
	const shown = $derived(joints.slice(0, 14));
	const end = (e: JointSide, by: Joint['by']) =>
		by === 'length'
			? printValue(e.cm, 'length', workbench.units)
			: `${counted(e, by)} ${by === 'rows' ? 'rows' : 'loops'}`;
	const SAYS: { readonly [K in Joint['kind']]?: (j: Joint) => string } = {
		tubes: () => 'row to row',
		bag: () => 'row to row',
		attach: (j) => (j.verdict === 'meets' ? 'stands on it' : 'wider than what it stands on'),
		border: () => 'crochet to loops',
		hang: () => 'too near one another'
	};
	const MARK = { meets: '✓', eases: '≈', off: '✕', missing: '?' } as const;
	const WORD = {
		meets: 'agrees',
		eases: 'eased in',
		off: 'does not agree',
		missing: 'an edge is missing'
	} as const;
</script>

<section aria-labelledby="joints-title">
	<h2 id="joints-title" class="mb-1 text-base">Where pieces come together</h2>
	<table class="w-full text-sm">
		<tbody>
			{#each shown as j (j.id)}
				<tr class="rule-line border-t align-baseline">
					<td
						class={['w-6 py-1 font-semibold', j.verdict === 'off' && 'text-error']}
						title={WORD[j.verdict]}
						><span aria-hidden="true">{MARK[j.verdict]}</span><span class="sr-only"
							>{WORD[j.verdict]}</span
						></td
					>
					<td class="py-1">{j.times > 1 ? `${j.times} × ` : ''}{j.a.name}</td>
					<td class="figure py-1 text-right whitespace-nowrap">{end(j.a, j.by)}</td>
					<td class="quiet px-2 py-1">to</td>
					<td class="figure py-1 text-right whitespace-nowrap">{end(j.b, j.by)}</td>
					<td class="py-1 pl-2">{j.b.name}</td>
					<td class="quiet py-1 pl-3">{SAYS[j.kind]?.(j) ?? ''}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if joints.length > shown.length}<p class="hint mt-1">
			And {joints.length - shown.length} more like these.
		</p>{/if}
</section>
