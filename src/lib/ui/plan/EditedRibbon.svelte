<script lang="ts">
	import type { YarnId } from '$lib/core/model/bench';
	import type { Project } from '$lib/core/model/project';
	import type { Plan, PlannedPiece } from '$lib/core/plan';
	import { rowsOnHand } from '$lib/core/plan/rows-on-hand';
	import { filledSections, type Striped } from '$lib/core/stripes/filled';
	import type { YarnRun } from '$lib/core/simulate/fabric';
	import { joined } from '$lib/core/stripes/stripe-line';
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
	const wish = $derived(
		project.wish as unknown as Omit<Striped, 'yarns'> & { readonly yarns: readonly YarnId[] }
	);
	const edit = new RibbonEdit(
		() => filledSections(wish, piece.mainRows),
		(stripes, what, newTotal) =>
			editor.wish(what, {
				stripes,
				fill: 'repeat',
				...(newTotal ? { length: { by: 'line' as const } } : {})
			})
	);
	/** Index among the plan's yarns of each letter: two letters may stand for one. */
	const indexOf = $derived(wish.yarns.map((id) => piece.yarns.indexOf(id)));
	const preview = $derived.by((): YarnRun[] | undefined => {
		if (!edit.dragged) return undefined;
		let at = 0;
		return joined(edit.dragged.map((s) => ({ ...s, yarn: indexOf[s.yarn] ?? 0 }))).map((s) => {
			const from = at;
			at += s.rows;
			return { from, to: at, yarn: s.yarn };
		});
	});
	const names = $derived(wish.yarns.map((id) => workbench.bench.yarns.find((y) => y.id === id)));
	const onHand = $derived(
		rowsOnHand(
			plan,
			piece,
			wish.yarns,
			(letter) => edit.sections.filter((s) => s.yarn === letter).length
		)
	);

	let dragging: number | null = null;
	function down(e: PointerEvent & { currentTarget: SVGElement }, i: number) {
		if (e.button !== 0) return;
		e.preventDefault();
		e.currentTarget.setPointerCapture(e.pointerId);
		e.currentTarget.focus();
		dragging = i;
	}
	function move(e: PointerEvent & { currentTarget: SVGElement }, rowAt: (x: number) => number) {
		const svg = e.currentTarget.ownerSVGElement;
		if (dragging === null || !svg) return;
		edit.drag(dragging, rowAt(e.clientX - svg.getBoundingClientRect().left));
	}
	function up() {
		if (dragging === null) return;
		dragging = null;
		edit.drop();
	}
	function keys(e: KeyboardEvent, i: number) {
		const step = e.shiftKey ? 5 : 1;
		const by = { ArrowLeft: -step, ArrowDown: -step, ArrowRight: step, ArrowUp: step }[e.key];
		if (e.key === 'Escape') {
			dragging = null;
			edit.cancel();
		}
		if (by === undefined) return;
		e.preventDefault();
		e.stopPropagation();
		edit.nudge(i, by);
	}
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
		<g class="no-print">
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
				{@const s = starts[edit.at]!}
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
					{@const half = Math.max(2, Math.min(8, (x(starts[i + 1]!.to) - x(s.from)) / 4))}
					<g
						class="boundary"
						role="slider"
						tabindex="0"
						aria-label={`Boundary between section ${i + 1} and ${i + 2}`}
						aria-valuemin={s.from + 1}
						aria-valuemax={starts[i + 1]!.to - 1}
						aria-valuenow={s.to}
						aria-valuetext={`row ${s.to}`}
						aria-orientation="horizontal"
						onpointerdown={(e) => down(e, i)}
						onpointermove={(e) => move(e, rowAt)}
						onpointerup={up}
						onpointercancel={() => {
							dragging = null;
							edit.cancel();
						}}
						onkeydown={(e) => keys(e, i)}
					>
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
		touch-action: none;
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
