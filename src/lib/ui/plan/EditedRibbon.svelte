<script lang="ts">
	import { entryAt } from '$lib/core/quantity/sure';
	import type { YarnId } from '$lib/core/model/bench';
	import type { Project } from '$lib/core/model/project';
	import type { Plan, PlannedPiece } from '$lib/core/plan';
	import { rowsOnHand } from '$lib/core/plan/rows-on-hand';
	import { filledSections, type Striped } from '$lib/core/stripes/filled';
	import type { YarnRun } from '$lib/core/simulate/fabric';
	import { joined } from '$lib/core/stripes/sections';
	import { grip, type Grip } from '../parts/grip';
	import Ribbon from '../pictures/Ribbon.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { eventPins, findingMarks, foldRow } from '../state/ribbon-pins';
	import { useWorkbench } from '../state/workbench.svelte';
	import { RibbonEdit } from './ribbon-edit.svelte';
	import RibbonTools from './RibbonTools.svelte';

	interface Props {
		project: Project;
		editor: ProjectEditor;
		plan: Plan;
		piece: PlannedPiece;
	}
	let { project, editor, plan, piece }: Props = $props();
	const workbench = useWorkbench();
	/** A stripe line that sets what lies on the ribbon. */
	const options = $derived(
		project.options as unknown as Omit<Striped, 'yarns'> & { readonly yarns: readonly YarnId[] }
	);
	const edit = new RibbonEdit(
		() => filledSections(options, piece.mainRows),
		(stripes, what, newTotal) =>
			editor.options(what, {
				stripes,
				fill: 'repeat',
				...(newTotal ? { length: { by: 'line' as const } } : {})
			})
	);
	/** Index among the plan's yarns of each letter: two letters may stand for one. */
	const indexOf = $derived(options.yarns.map((id) => piece.yarns.indexOf(id)));
	const preview = $derived.by((): YarnRun[] | undefined => {
		if (!edit.dragged) return undefined;
		let at = 0;
		return joined(edit.dragged.map((s) => ({ ...s, yarn: indexOf[s.yarn] ?? 0 }))).map((s) => {
			const from = at;
			at += s.rows;
			return { from, to: at, yarn: s.yarn };
		});
	});
	const names = $derived(options.yarns.map((id) => workbench.bench.yarns.find((y) => y.id === id)));
	const onHand = $derived(
		rowsOnHand(
			plan,
			piece,
			options.yarns,
			(letter) => edit.sections.filter((s) => s.yarn === letter).length
		)
	);

	let ribbon = $state<SVGGElement>();
	const boundary = (i: number, rowAt: (x: number) => number): Grip => {
		const [from, to] = [starts[i]?.from ?? 0, starts[i]?.to ?? 0];
		return {
			label: `Boundary between section ${i + 1} and ${i + 2}`,
			now: to,
			least: from + 1,
			most: (starts[i + 1]?.to ?? to) - 1,
			text: `row ${to}`,
			move: (_by, e) => {
				const svg = ribbon?.ownerSVGElement;
				if (svg) edit.drag(i, rowAt(e.clientX - svg.getBoundingClientRect().left));
			},
			drop: () => edit.drop(),
			cancel: () => edit.cancel(),
			step: (by, large) => edit.nudge(i, (by.x + by.y) * (large ? 5 : 1))
		};
	};
	/** Past this many the boundaries are too close to be taken hold of: the line is edited instead. */
	const MOST_HANDLES = 160;
	// Where each section begins, once for all handles.
	const starts = $derived.by(() => {
		let at = 0;
		return edit.sections.map((s) => {
			const from = at;
			at += s.rows;
			return { from, to: at };
		});
	});
</script>

<Ribbon
	{piece}
	yarns={plan.yarns}
	gauges={plan.gauges}
	units={workbench.units}
	foldRow={foldRow(plan)}
	pins={eventPins(plan, workbench.units)}
	marks={findingMarks(plan, workbench.units)}
	runs={preview}
>
	{#snippet overlay({ x, rowAt, top, band })}
		<g class="no-print" bind:this={ribbon}>
			{#each starts as s, i (i)}
				<!-- A press takes a section in hand; the tools below do the same by keys. -->
				<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
				<rect
					x={x(s.from)}
					y={top}
					width={Math.max(0, x(s.to) - x(s.from))}
					height={band}
					fill="transparent"
					onclick={() => (edit.at = i)}
				/>
			{/each}
			{#if edit.at !== null && starts[edit.at]}
				{@const s = entryAt(starts, edit.at)}
				<rect
					x={x(s.from)}
					y={top - 3}
					width={x(s.to) - x(s.from)}
					height={band + 6}
					fill="none"
					class="stroke-base-content pointer-events-none"
					stroke-width="3"
				/>
				<rect
					x={x(s.from)}
					y={top - 3}
					width={x(s.to) - x(s.from)}
					height={band + 6}
					fill="none"
					class="stroke-accent pointer-events-none"
					stroke-width="1.5"
				/>
			{/if}
			{#if starts.length <= MOST_HANDLES}
				{#each starts.slice(0, -1) as s, i (i)}
					{@const at = x(s.to)}
					{@const half = Math.max(2, Math.min(8, (x(entryAt(starts, i + 1).to) - x(s.from)) / 4))}
					<g class="boundary" use:grip={boundary(i, rowAt)}>
						<rect x={at - half} y={top} width={2 * half} height={band} fill="transparent" />
						<path d={`M${at} ${top}v${band}`} class="line" />
						<rect
							x={at - 2.5}
							y={top + band - 24}
							width="5"
							height="18"
							rx="2.5"
							class={['grip', half < 5 && 'crowded']}
							fill="white"
							stroke="#0b1820"
							stroke-width="1.2"
						/>
					</g>
				{/each}
			{/if}
		</g>
	{/snippet}
</Ribbon>
<RibbonTools {edit} yarns={names} rowsOnHand={onHand} />

<style>
	.boundary {
		cursor: ew-resize;
	}
	.line {
		stroke: transparent;
		stroke-width: 2.5;
	}
	.boundary:hover .line,
	.boundary:focus-visible .line {
		stroke: var(--color-accent);
	}
	.crowded {
		opacity: 0;
	}
	.boundary:hover .crowded,
	.boundary:focus-visible .crowded {
		opacity: 1;
	}
	.boundary:focus-visible {
		outline: none;
	}
	.boundary:focus-visible .grip {
		fill: var(--color-accent);
	}
</style>
