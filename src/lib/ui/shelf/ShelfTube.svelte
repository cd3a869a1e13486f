<script lang="ts">
	import { eventsAhead, positionAt } from '$lib/core/runsheet/runsheet';
	import type { RunState } from '$lib/core/learn/count';
	import type { MeasuredResult, Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { wordEvent } from '$lib/core/words/events';
	import FabricPatterns from '../pictures/FabricPatterns.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		project: Project;
		plan: Plan | null;
		run: RunState | null;
		measured: readonly MeasuredResult[];
		/** Length of the longest tube on the shelf, cm: it fills the width. */
		longest: number;
	}
	let { project, plan, run, measured, longest }: Props = $props();
	const workbench = useWorkbench();
	const id = $props.id();
	let width = $state(0);

	const px = $derived((width - 20) / longest);
	const piece = $derived(plan?.pieces[0]);
	// Lengths share one scale; the height is a strip of the tube, wide tubes having a wider one.
	const tall = $derived(plan ? Math.max(34, plan.figures.flatWidth.value.mean * px * 0.15) : 34);
	const position = $derived(piece && run ? positionAt(piece.sheet, run.done) : undefined);
	const doneShare = $derived(
		piece && position
			? run?.off || position.finished
				? 1
				: position.main / Math.max(1, piece.mainRows)
			: 0
	);
	const next = $derived.by(() => {
		if (!plan || !piece || !run || run.off || run.done === 0) return null;
		const e = eventsAhead(piece.sheet, run.done).find((x) => x.kind !== 'slow');
		if (!e) return null;
		const words = wordEvent(e, {
			units: workbench.units,
			machine: plan.machine,
			yarnName: (i) => plan.yarns[i]?.colourName ?? 'yarn'
		});
		return { title: words.title, after: e.after, in: e.after - run.done };
	});
	const stage = $derived.by((): { word: string; page: string } => {
		if (measured.length > 0) return { word: 'in the log', page: 'log' };
		if (run?.off) return { word: 'off the machine', page: 'finish' };
		if (run && (run.started || run.done > 0)) return { word: 'on the machine', page: 'knit' };
		return { word: 'planned', page: 'plan' };
	});
	const tubeCm = $derived(plan?.hat.tubeFlat.mean ?? 0);
	const x = (row: number) => (piece ? (row / Math.max(1, piece.mainRows)) * tubeCm * px : 0);
	const wasteBefore = $derived(
		piece?.sheet.legs[0]?.kind === 'waste' ? piece.sheet.legs[0].rows : 0
	);
</script>

<li class="rule-line border-b py-3">
	<a href={`/project/${project.id}/${stage.page}`} class="group block no-underline">
		<span class="mb-1.5 flex flex-wrap items-baseline gap-x-3">
			<span class="figure text-lg font-semibold underline-offset-4 group-hover:underline"
				>{project.name}</span
			>
			<span class="hint">{stage.word}</span>
			{#if plan && piece}
				<span class="ml-auto text-sm">
					{#if stage.page === 'log' && measured.at(-1)?.tubeCm}
						measured {printValue(measured.at(-1)!.tubeCm!, 'length', workbench.units)} from {measured.at(
							-1
						)!.rowsKnitted} rows
					{:else if stage.page === 'knit' && position}
						<span class="figure font-semibold">{position.main}</span> of {piece.mainRows} rows
					{:else}
						{piece.mainRows} rows, {printWithSpread(plan.hat.tubeFlat, 'length', workbench.units)}
					{/if}
					<span class="quiet">· {plan.machine.pins} pins</span>
				</span>
			{:else}
				<span class="text-error ml-auto text-sm">its machine or yarn is gone from the bench</span>
			{/if}
		</span>
		<span bind:clientWidth={width} class="block">
			{#if width > 0 && plan && piece}
				<svg
					{width}
					height={tall + 18}
					class="block"
					role="img"
					aria-label={`${piece.mainRows} rows, ${Math.round(doneShare * 100)} % knitted`}
				>
					<defs>
						<FabricPatterns
							prefix={id}
							yarns={plan.yarns}
							stitchPx={px / plan.gauges[0]!.stitchesPerCm.mean}
							rowPx={px / plan.gauges[0]!.rowsPerCm.mean}
							lying
						/>
						<clipPath id={`${id}-done`}
							><rect x="0" y="0" width={tubeCm * px * doneShare} height={tall} /></clipPath
						>
					</defs>
					{#each piece.runs as r, i (i)}
						<rect
							x={x(r.from)}
							y="1"
							width={x(r.to) - x(r.from)}
							height={tall - 2}
							fill={plan.yarns[r.yarn]?.colour}
							fill-opacity="0.16"
						/>
					{/each}
					<g clip-path={`url(#${id}-done)`}>
						{#each piece.runs as r, i (i)}
							<rect
								x={x(r.from)}
								y="1"
								width={x(r.to) - x(r.from)}
								height={tall - 2}
								fill={`url(#${id}-${r.yarn})`}
							/>
						{/each}
					</g>
					<rect
						x="1"
						y="1"
						width={tubeCm * px - 2}
						height={tall - 2}
						rx="3"
						fill="none"
						class="stroke-base-content/70"
						stroke-width="1.5"
						stroke-dasharray={doneShare === 0 ? '5 4' : undefined}
					/>
					{#if next && doneShare > 0 && doneShare < 1}
						{@const at = Math.min(tubeCm * px, Math.max(2, x(next.after - wasteBefore)))}
						<path
							d={`M${x(position?.main ?? 0)} 0V${tall}`}
							class="stroke-accent"
							stroke-width="4"
						/>
						<path d={`M${at} 2V${tall + 5}`} class="stroke-base-content" stroke-width="1.5" />
						<circle cx={at} cy={tall + 5} r="3" class="fill-base-content" />
						<text
							x={at > width * 0.6 ? at - 7 : at + 7}
							y={tall + 15}
							text-anchor={at > width * 0.6 ? 'end' : 'start'}
							class="fill-base-content text-[13px]"
							>{next.title}{next.in > 0 ? `, in ${next.in} rows` : ', now'}</text
						>
					{/if}
				</svg>
			{/if}
		</span>
	</a>
</li>
