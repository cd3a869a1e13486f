<script lang="ts">
	import { entryAt, last } from '$lib/core/quantity/sure';
	import { eventsAhead, positionAt } from '$lib/core/crank/runsheet';
	import { eventContext } from '$lib/core/words/context';
	import { makesOf, nameMake, progressOf } from '$lib/core/crank/makes';
	import type { MeasuredResult, Project, RunEvent } from '$lib/core/model/project';
	import { lengthOf, widthOf } from '$lib/core/plan/lies';
	import { pieceOutline } from '../pictures/outline';
	import type { Plan, PlannedPiece } from '$lib/core/plan';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { rowsWord } from '$lib/core/quantity/say';
	import FabricPatterns from '../pictures/FabricPatterns.svelte';
	import { afterFirstPage } from '../state/first-page';
	import { useWorkbench } from '../state/workbench.svelte';

	interface Props {
		project: Project;
		plan: Plan | null;
		/** Its plan is on its way. */
		waiting: boolean;
		events: readonly RunEvent[] | null;
		measured: readonly MeasuredResult[];
		/** Width of the rack, px; 0 until it is known. Measured once for all: asking each tube lays the page out each time. */
		width: number;
		/** Length of the longest tube on the shelf, cm: it fills the width. */
		longest: number;
	}
	let { project, plan, waiting, events, measured, longest, width }: Props = $props();
	const workbench = useWorkbench();
	const id = $props.id();

	const px = $derived((width - 20) / longest);
	const progress = $derived(plan && events ? progressOf(plan.pieces, events) : null);
	const at = $derived(progress?.makes[progress.current]);
	const piece = $derived(at?.make.piece ?? plan?.pieces[0]);
	const run = $derived(at?.run ?? null);
	/** Pieces of several kinds: each has a length of its own. */
	const different = $derived(
		plan !== null && new Set(plan.pieces.map((p) => p.mainRows)).size !== 1
	);
	const copies = $derived(plan?.pieces.reduce((t, p) => t + p.count, 0) ?? 1);
	/** Narrowed to a tip: what is left of it is high for its length. */
	const tapers = $derived(
		piece !== undefined && 2 * piece.stitches.last < piece.stitches.first && !piece.shaped
	);
	// Lengths share one scale; the height is a strip of the tube, wide tubes having a wider one.
	const tall = $derived(plan ? Math.max(34, widthOf(plan).mean * px * (tapers ? 0.28 : 0.15)) : 34);
	const position = $derived(piece && run ? positionAt(piece.sheet, run.done) : undefined);
	const GAP = 5;
	/** Every piece to be made, side by side in the order of making, as many as the rack is wide. */
	const rack = $derived.by(() => {
		if (!plan || width === 0) return [];
		const makes = progress?.makes ?? makesOf(plan.pieces).map((make) => ({ make, run: null }));
		// The pieces of garments and things have lengths of their own; all else is alike.
		const long = (p: PlannedPiece) =>
			different ? (p.mainRows / entryAt(p.gauges, 0).rowsPerCm.mean) * px : tubeCm * px;
		let left = 0;
		const lefts = makes.map(({ make }) => {
			const at = left;
			left += long(make.piece) + GAP;
			return at;
		});
		const room = left - GAP <= width ? width : width - 60;
		const fit = makes.findIndex(({ make }, i) => entryAt(lefts, i) + long(make.piece) > room);
		return makes.slice(0, fit < 0 ? makes.length : Math.max(1, fit)).map(({ make, run }, i) => {
			const rows = make.piece.mainRows;
			const main = run ? (positionAt(make.piece.sheet, run.done)?.main ?? 0) : 0;
			const whole = run?.off === true || main >= rows;
			const share = whole ? 1 : main / Math.max(1, rows);
			return {
				key: make.key,
				piece: make.piece,
				left: entryAt(lefts, i),
				long: long(make.piece),
				x: (row: number) => (row / Math.max(1, rows)) * long(make.piece),
				share,
				current: make.key === at?.make.key
			};
		});
	});
	const doneShare = $derived(
		progress && progress.rowsTotal > 0 ? progress.rowsDone / progress.rowsTotal : 0
	);
	/** The crank's titles, fetched for what is on the machine once the page stands; without them nothing is said. */
	let words = $state.raw<typeof import('$lib/core/words/title') | null>(null);
	const onMachine = $derived(run !== null && !run.off && run.done > 0);
	$effect(() => {
		if (onMachine && !words)
			afterFirstPage()
				.then(() => import('$lib/core/words/title'))
				.then(
					(w) => (words = w),
					() => undefined
				);
	});
	const next = $derived.by(() => {
		if (!plan || !piece || !run || !onMachine || !words) return null;
		const e = eventsAhead(piece.sheet, run.done).find((x) => x.kind !== 'slow');
		if (!e) return null;
		const context = eventContext(plan, piece.machine, workbench.units);
		return { title: words.titleOf(e, context), after: e.after, in: e.after - run.done };
	});
	const stage = $derived.by((): { word: string; page: string } => {
		if (measured.length > 0) return { word: 'in the log', page: 'log' };
		if (progress?.off) return { word: 'off the machine', page: 'finish' };
		// Until its plan has come the log alone says whether it was begun.
		if (progress?.started ?? events?.some((e) => e.type === 'row'))
			return { word: 'on the machine', page: 'knit' };
		return { word: 'planned', page: 'plan' };
	});
	const tubeCm = $derived(plan ? lengthOf(plan).mean : 0);
	const wasteBefore = $derived(piece?.sheet.wasteBefore ?? 0);
</script>

<li class="tube rule-line border-b py-3">
	<a href={`/project/${project.id}/${stage.page}`} class="group block no-underline">
		<span class="mb-1.5 flex flex-wrap items-baseline gap-x-3">
			<span class="figure text-lg font-semibold underline-offset-4 group-hover:underline"
				>{project.name}</span
			>
			<span class="hint">{stage.word}</span>
			{#if plan}
				<span class="ml-auto text-sm">
					{#if stage.page === 'log' && measured.at(-1)?.tubeCm}
						measured {printValue(last(measured).tubeCm!, 'length', workbench.units)} from {measured.at(
							-1
						)!.rowsKnitted} rows
					{:else if stage.page === 'knit' && position}
						{#if at && copies > 1}{nameMake(at.make)}:{/if}
						<span class="figure font-semibold">{position.main}</span> of {piece?.mainRows} rows
					{:else}
						{@const size = plan.sizes[0]?.figure}
						{#if different && copies !== 1 && size}
							{copies > 0 ? `${copies} pieces, ` : ''}{size.label.toLowerCase()}
							{printWithSpread(size.value, size.kind, workbench.units)}
						{:else}
							{#if copies > 1}{copies} pieces of{/if}
							{piece?.mainRows ?? 0} rows, {printWithSpread(
								lengthOf(plan),
								'length',
								workbench.units
							)}
						{/if}
					{/if}
					<span class="quiet">· {plan.machine.pins} pins</span>
				</span>
			{:else if !waiting}
				<span class="text-error ml-auto text-sm">its machine or yarn is gone from the bench</span>
			{/if}
		</span>
		<span class="block">
			{#if waiting}<span class="hint block h-[52px]">its pieces are being worked out…</span>{/if}
			{#if width > 0 && plan && piece}
				<svg
					{width}
					height={tall + 18}
					class="block"
					role="img"
					aria-label={`${copies > 1 ? `${copies} pieces of ` : ''}${piece.mainRows} rows, ${Math.round(doneShare * 100)} % knitted`}
				>
					<defs>
						<FabricPatterns
							prefix={id}
							yarns={plan.yarns}
							stitchPx={px / entryAt(plan.gauges, 0).stitchesPerCm.mean}
							rowPx={px / entryAt(plan.gauges, 0).rowsPerCm.mean}
							lying
						/>
					</defs>
					{#each rack as r (r.key)}
						{@const outline = pieceOutline(r.piece, r.x, { top: 1, height: tall - 2 })}
						<g transform={`translate(${r.left} 0)`}>
							<clipPath id={`${id}-${r.key}`}><path d={outline} /></clipPath>
							<clipPath id={`${id}-${r.key}-done`}
								><rect x="0" y="0" width={r.long * r.share} height={tall} /></clipPath
							>
							<g clip-path={`url(#${id}-${r.key})`}>
								{#each r.piece.runs as run, i (i)}
									{@const box = {
										x: r.x(run.from),
										y: 1,
										width: r.x(run.to) - r.x(run.from),
										height: tall - 2
									}}
									<rect {...box} fill={plan.yarns[run.yarn]?.colour} fill-opacity="0.16" />
								{/each}
								<g clip-path={`url(#${id}-${r.key}-done)`}>
									{#each r.piece.runs as run, i (i)}
										{@const box = {
											x: r.x(run.from),
											y: 1,
											width: r.x(run.to) - r.x(run.from),
											height: tall - 2
										}}
										<rect {...box} fill={`url(#${id}-${run.yarn})`} />
									{/each}
								</g>
							</g>
							<path
								d={outline}
								fill="none"
								class="stroke-base-content/70"
								stroke-width="1.5"
								stroke-linejoin="round"
								stroke-dasharray={r.share === 0 ? '5 4' : undefined}
							/>
						</g>
					{/each}
					{#if rack.length < copies}
						<text x={width} y={tall / 2 + 5} text-anchor="end" class="fill-base-content text-[13px]"
							>+ {copies - rack.length}</text
						>
					{/if}
					{#if next && doneShare > 0 && doneShare < 1 && rack.some((r) => r.current)}
						{@const now = rack.find((r) => r.current)}
						{@const from = now?.left ?? 0}
						{@const at =
							from + Math.min(now?.long ?? 0, Math.max(2, now?.x(next.after - wasteBefore) ?? 0))}
						<path
							d={`M${from + (now?.x(position?.main ?? 0) ?? 0)} 0V${tall}`}
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
							>{next.title}{next.in > 0 ? `, in ${rowsWord(next.in)}` : ', now'}</text
						>
					{/if}
				</svg>
			{/if}
		</span>
	</a>
</li>

<style>
	/* What is out of sight is laid out when it comes near. */
	.tube {
		content-visibility: auto;
		contain-intrinsic-size: auto 111px;
		/* Room for outlines at the edge, which are cut off otherwise. */
		margin-inline: -4px;
		padding-inline: 4px;
	}
</style>
