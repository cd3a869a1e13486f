<script lang="ts">
	import Hand from '@lucide/svelte/icons/hand';
	import { entryAt, last } from '$lib/core/quantity/sure';
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
	import RowTable from '../parts/RowTable.svelte';
	import { doubled } from '../parts/row-table';
	import ToyPartMore from './ToyPart.svelte';

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
	const putIn = (id: string, what: string, patch: Partial<ToyPart>) =>
		editor.options(what, {
			parts: options.parts.map((p) => (p.id === id ? { ...p, ...patch } : p))
		});
	const freshId = () => {
		let n = options.parts.length + 1;
		while (options.parts.some((p) => p.id === `part-${n}`)) n++;
		return `part-${n}`;
	};
	function add() {
		const fresh: ToyPart = {
			id: freshId(),
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
	<div class="flex flex-wrap items-end gap-x-4">
		<h2 class="mr-2 text-base">Parts</h2>
		{#if options.stands}
			<div class="w-44">
				<Select
					hideLabel
					label="Begin again with"
					value=""
					options={[
						{ value: '', label: 'begin again with…' },
						...TOY_PRESETS.filter((t) => t.id !== 'ball').map((t) => ({
							value: t.id,
							label: t.name
						}))
					]}
					onvalue={begin}
				/>
			</div>
		{/if}
	</div>
	<RowTable
		label="Parts"
		heads={['', 'Part', 'How many', 'Made on', 'Stuffed', 'Long']}
		rows={options.parts}
		nameOf={(p) => p.name.toLowerCase()}
		least={control.least}
		most={control.most}
		fixed={(p) => p.to === null}
		add="Add a part"
		onadd={add}
		ondouble={(i) =>
			editor.options('a part more', {
				parts: doubled(options.parts, i, (p) => {
					const to = p.to ?? { part: p.id, along: 0.5, angle: 90 };
					return { ...structuredClone($state.snapshot(p) as ToyPart), id: freshId(), to };
				})
			})}
		onrows={(parts, what) => editor.options(what, { parts })}
	>
		{#snippet row(p: ToyPart)}
			<td>
				<button
					class="btn btn-sm min-w-8"
					aria-pressed={p.id === part.id}
					aria-label={`Take up ${p.count > 1 ? `${p.count} × ` : ''}${p.name}`}
					title="Take it up: its handles are on the picture, its swellings below"
					onclick={() => onpick(p.id)}><Hand size={16} aria-hidden="true" /></button
				>
			</td>
			<td class="w-36">
				<TextField
					hideLabel
					label={`Name of ${p.name.toLowerCase()}`}
					value={p.name}
					example="Ear"
					onvalue={(name) => putIn(p.id, 'name…', { name })}
				/>
			</td>
			<td class="w-28">
				<div class="flex items-center gap-2">
					<div class="w-14">
						<NumberField
							hideLabel
							label={`How many of ${p.name.toLowerCase()}`}
							of=""
							value={p.count}
							min={1}
							max={12}
							onvalue={(count) => putIn(p.id, 'how many…', { count })}
						/>
					</div>
					{#if p.count > 1}<label class="hint flex items-center gap-1"
							><input
								type="checkbox"
								class="checkbox checkbox-sm"
								checked={p.pair}
								onchange={(e) => putIn(p.id, 'pairs', { pair: e.currentTarget.checked })}
							/>pairs</label
						>{/if}
				</div>
			</td>
			<td class="min-w-48">
				<Select
					hideLabel
					label={`Made on, ${p.name.toLowerCase()}`}
					value={p.cordPins ? `cord-${p.cordPins}` : (p.on ?? '')}
					options={[
						{ value: '', label: 'this machine' },
						...machines.map((m) => ({ value: m.id as string, label: m.name })),
						...[2, 3, 4].map((n) => ({ value: `cord-${n}`, label: `a cord on ${n} pins` }))
					]}
					onvalue={(v) =>
						putIn(
							p.id,
							'machine of a part',
							v.startsWith('cord-')
								? { cordPins: Number(v.slice(5)), stuffed: false }
								: { cordPins: null, on: (v || null) as ToyPart['on'] }
						)}
				/>
			</td>
			<td>
				<input
					type="checkbox"
					class="checkbox checkbox-sm"
					aria-label={`Stuffed, ${p.name.toLowerCase()}`}
					checked={p.stuffed}
					onchange={(e) => putIn(p.id, 'stuffed', { stuffed: e.currentTarget.checked })}
				/>
			</td>
			<td class="figure whitespace-nowrap">{size(p.id)}</td>
		{/snippet}
	</RowTable>
	<details class="mt-2" open={part.segments.length > 1 || undefined}>
		<summary class="cursor-pointer">
			<b class="font-semibold">{part.name}</b>, more closely
			<span class="hint"
				>on the picture, its bright handles make it longer, the pale ones thicker</span
			>
		</summary>
		<ToyPartMore
			{part}
			parts={options.parts}
			{made}
			yarns={options.yarns.length}
			put={(what, patch) => putIn(part.id, what, patch)}
		/>
	</details>
</section>
