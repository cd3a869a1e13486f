<script lang="ts">
	import { entryAt, last } from '$lib/core/quantity/sure';
	import { PART_ROLES } from '$lib/core/model/kinds';
	import type { ToyPart, ToyOptions } from '$lib/core/recipe/assembled/options';
	import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
	import { partLength } from '$lib/core/recipe/assembled/form/toy';
	import { printValue } from '$lib/core/quantity/print';
	import NumberField from '../parts/NumberField.svelte';
	import Select from '../parts/Select.svelte';
	import TextField from '../parts/TextField.svelte';
	import { TOY_PRESETS, toyFrom } from '$lib/core/recipe/assembled/toy';
	import type { EditorProps } from './editor';
	import { useWorkbench } from '../state/workbench.svelte';
	import LineField from './LineField.svelte';

	let { control, project, plan, editor, pointing }: EditorProps = $props();
	const workbench = useWorkbench();
	const options = $derived(project.options as unknown as ToyOptions);
	const finished = $derived(plan.finished as AssembledOf<'stuffed'>);
	const onpick = (id: string) => (pointing.piece = id);
	const part = $derived(
		options.parts.find((p) => p.id === pointing.piece) ?? entryAt(options.parts, 0)
	);
	const made = $derived(finished.parts.find((m) => m.part.id === part.id));
	/** The parts of a set, in the yarns and for the age that are chosen already. */
	function begin(id: string) {
		const preset = TOY_PRESETS.find((t) => t.id === id);
		const begun = preset && toyFrom(preset, workbench.bench);
		if (!preset || !begun) return;
		const yarns = [...options.yarns];
		for (const y of workbench.bench.yarns)
			if (yarns.length < preset.yarns && !yarns.includes(y.id)) yarns.push(y.id);
		while (yarns.length < preset.yarns) yarns.push(last(yarns));
		editor.options('another toy', {
			parts: begun.parts,
			eyes: begun.eyes,
			yarns,
			...(options.stands && { stands: begun.stands })
		});
	}
	const machines = $derived(workbench.bench.machines);
	const put = (what: string, patch: Partial<ToyPart>) =>
		editor.options(what, {
			parts: options.parts.map((p) => (p.id === part.id ? { ...p, ...patch } : p))
		});
	const segment = (i: number, patch: Partial<ToyPart['segments'][number]>) =>
		put('a swelling…', {
			segments: part.segments.map((s, k) => (k === i ? { ...s, ...patch } : s))
		});
	function add() {
		let n = options.parts.length + 1;
		while (options.parts.some((p) => p.id === `part-${n}`)) n++;
		const fresh: ToyPart = {
			id: `part-${n}`,
			name: 'Ear',
			role: 'ear',
			on: part.on,
			cordPins: null,
			stuffed: true,
			count: 2,
			pair: true,
			segments: [{ line: '10 A', length: { by: 'times', times: 0.8 }, puff: 0 }],
			to: { part: entryAt(options.parts, 0).id, along: 0.85, angle: 60 }
		};
		editor.options('a part more', { parts: [...options.parts, fresh] });
		onpick(fresh.id);
	}
	const size = (id: string) => {
		const m = finished.parts.find((x) => x.part.id === id);
		return m ? printValue(partLength(m), 'length', workbench.units) : '';
	};
</script>

<section class="min-w-0 basis-full" aria-label="Parts">
	<div class="flex flex-wrap items-center gap-2">
		<h2 class="mr-2 text-base">Parts</h2>
		{#each options.parts as p (p.id)}
			<button
				class={['btn btn-sm', p.id === part.id && 'btn-neutral']}
				aria-pressed={p.id === part.id}
				onclick={() => onpick(p.id)}
				>{p.count > 1 ? `${p.count} × ` : ''}{p.name}, {size(p.id)}</button
			>
		{/each}
		{#if options.parts.length < control.most}<button class="btn btn-sm" onclick={add}
				>Add a part</button
			>{/if}
		{#if part.to}<button
				class="btn btn-sm"
				onclick={() =>
					editor.options('a part less', { parts: options.parts.filter((p) => p.id !== part.id) })}
				>Take {part.name.toLowerCase()} off</button
			>{/if}
	</div>
	{#if options.stands}
		<div class="mt-1 w-44">
			<Select
				label="Begin again with"
				value=""
				options={[
					{ value: '', label: 'a set of parts…' },
					...TOY_PRESETS.filter((t) => t.id !== 'ball').map((t) => ({ value: t.id, label: t.name }))
				]}
				onvalue={begin}
			/>
		</div>
	{/if}
	<p class="hint mt-1">
		On the picture: the bright handles make the chosen part longer, the pale ones thicker; arrow
		keys do the same.
	</p>
	<div class="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
		<div class="w-36">
			<TextField
				label="Called"
				value={part.name}
				example="Ear"
				onvalue={(name) => put('name…', { name })}
			/>
		</div>
		<div class="w-28">
			<Select
				label="It is"
				value={part.role}
				options={PART_ROLES.map((r) => ({ value: r, label: r }))}
				onvalue={(role) => put('role', { role: role as ToyPart['role'] })}
			/>
		</div>
		<div class="w-24">
			<NumberField
				label="How many"
				of=""
				value={part.count}
				min={1}
				max={12}
				onvalue={(count) => put('how many…', { count })}
			/>
		</div>
		<div class="w-44">
			<Select
				label="Made on"
				value={part.cordPins ? `cord-${part.cordPins}` : (part.on ?? '')}
				options={[
					{ value: '', label: 'the project’s machine' },
					...machines.map((m) => ({ value: m.id as string, label: m.name })),
					...[2, 3, 4].map((n) => ({ value: `cord-${n}`, label: `a cord on ${n} pins` }))
				]}
				onvalue={(v) =>
					put(
						'machine of a part',
						v.startsWith('cord-')
							? { cordPins: Number(v.slice(5)), stuffed: false }
							: { cordPins: null, on: (v || null) as ToyPart['on'] }
					)}
			/>
		</div>
		<label class="flex min-h-9 items-center gap-2 text-sm"
			><input
				type="checkbox"
				class="checkbox checkbox-sm"
				checked={part.stuffed}
				onchange={(e) => put('stuffed', { stuffed: e.currentTarget.checked })}
			/>Stuffed</label
		>
		{#if part.count > 1}<label class="flex min-h-9 items-center gap-2 text-sm"
				><input
					type="checkbox"
					class="checkbox checkbox-sm"
					checked={part.pair}
					onchange={(e) => put('pairs', { pair: e.currentTarget.checked })}
				/>Left and right</label
			>{/if}
		{#if part.to}
			{@const to = part.to}
			<div class="w-36">
				<Select
					label="Sewn to"
					value={to.part}
					options={options.parts
						.filter((p) => p.id !== part.id)
						.map((p) => ({ value: p.id, label: p.name }))}
					onvalue={(p) => put('sewn to', { to: { ...to, part: p } })}
				/>
			</div>
			<label class="block w-32"
				><span class="hint mb-0.5 block">Along it, {Math.round(to.along * 100)} %</span>
				<input
					type="range"
					min="0"
					max="100"
					class="range range-xs w-full"
					value={Math.round(to.along * 100)}
					oninput={(e) =>
						put('place…', { to: { ...to, along: Number(e.currentTarget.value) / 100 } })}
				/></label
			>
			<label class="block w-32"
				><span class="hint mb-0.5 block">Pointing, {to.angle}°</span>
				<input
					type="range"
					min="-180"
					max="180"
					step="5"
					class="range range-xs w-full"
					value={to.angle}
					oninput={(e) => put('angle…', { to: { ...to, angle: Number(e.currentTarget.value) } })}
				/></label
			>
		{/if}
	</div>
	<ol class="mt-3 grid gap-x-6 gap-y-2 lg:grid-cols-2">
		{#each part.segments as s, i (i)}
			<li class="rule-line flex flex-wrap items-end gap-x-3 gap-y-1 border-t pt-2">
				<span class="figure mb-2 w-5">{i + 1}</span>
				<LineField
					label={i === 0 ? 'From its first row: stripes' : 'then, past a tie: stripes'}
					line={s.line}
					yarns={options.yarns.length}
					onvalue={(line) => segment(i, { line })}
				/>
				<div class="w-28">
					<NumberField
						label="Tube, flat"
						of="length"
						value={Math.round((made?.segments[i]?.flatCm ?? 5) * 10) / 10}
						min={1}
						max={100}
						onvalue={(cm) => segment(i, { length: { by: 'cm', cm } })}
					/>
				</div>
				{#if part.stuffed}
					<label class="block w-28"
						><span class="hint mb-0.5 block">Widened by {Math.round(s.puff * 100)} %</span>
						<input
							type="range"
							min="0"
							max="60"
							class="range range-xs w-full"
							value={Math.round(s.puff * 100)}
							oninput={(e) => segment(i, { puff: Number(e.currentTarget.value) / 100 })}
						/></label
					>
					<button
						class="btn btn-sm mb-1"
						onclick={() => segment(i, { length: { by: 'times', times: 1 } })}>Make it a ball</button
					>
				{/if}
				<span class="figure mb-1.5 text-sm">{made?.segments[i]?.rows ?? 0} rows</span>
				{#if part.segments.length > 1}<button
						class="btn btn-sm mb-1"
						aria-label={`Take swelling ${i + 1} out`}
						onclick={() =>
							put('a swelling less', { segments: part.segments.filter((_, k) => k !== i) })}
						>Out</button
					>{/if}
			</li>
		{/each}
	</ol>
	{#if part.segments.length < 12}<button
			class="btn btn-sm mt-2"
			onclick={() =>
				put('a swelling more', {
					segments: [...part.segments, { ...last(part.segments) }]
				})}>Tie it off and go on</button
		>{/if}
</section>
