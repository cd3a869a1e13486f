<script lang="ts">
	import type { Yarn, YarnId } from '$lib/core/model/bench';
	import type { HatProject } from '$lib/core/model/project';
	import type { ColourScheme } from '$lib/core/recipe/hats/options';
	import { inRange, parseCount } from '$lib/core/quantity/parse';
	import { readNumber, tidy } from '$lib/core/quantity/parse';
	import { bad, good, type Result } from '$lib/core/quantity/problem';
	import { yarnsOf } from '$lib/core/recipe/uses';
	import Choice from '../parts/Choice.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import YarnPick from './YarnPick.svelte';

	interface Props {
		project: HatProject;
		editor: ProjectEditor;
		yarns: readonly Yarn[];
	}
	let { project, editor, yarns }: Props = $props();
	const scheme = $derived(project.wish.scheme);
	const used = $derived(yarnsOf(project.wish));

	const put = (next: ColourScheme, what = 'colours') => editor.wish(what, { scheme: next });

	function pick(kind: ColourScheme['kind']) {
		const a = used[0]!;
		const b = used[1] ?? yarns.find((y) => y.id !== a)?.id ?? a;
		switch (kind) {
			case 'one':
				return put({ kind, yarn: a });
			case 'outer-lining':
				return put({ kind, outer: a, lining: b, liningExtraRows: 6 });
			case 'false-brim':
				return put({ kind, main: a, brim: b, brimRows: 24 });
			case 'stripes':
				return put({ kind, yarns: [a, b], stripeRows: 5 });
		}
	}
	const rows =
		(min: number, max: number) =>
		(t: string): Result<number> => {
			const n = parseCount(t, 'rows');
			return n.ok ? inRange(n.value, { min, max, unit: 'rows' }) : n;
		};
	// The lining may also be shorter than the outer: 0 and negative counts have a meaning here.
	const extra = (t: string): Result<number> => {
		const n = readNumber(tidy(t).replace(/\s*rows?$/, ''));
		if (n === undefined) return bad({ code: 'not-understood', typed: t, wanted: '6 rows' });
		if (!Number.isInteger(n)) return bad({ code: 'not-whole', value: n, wanted: '6 rows' });
		const r = inRange(n, { min: -20, max: 40, unit: 'rows' });
		return r.ok ? good(n) : r;
	};
	const as = (id: string) => id as YarnId;
</script>

<div class="no-print flex flex-wrap items-end gap-x-5 gap-y-2 pt-1">
	<Choice
		label="Colours"
		value={scheme.kind}
		options={[
			{ value: 'one', label: 'One' },
			{ value: 'outer-lining', label: 'Outer and lining' },
			{ value: 'false-brim', label: 'False brim a b a' },
			{ value: 'stripes', label: 'Stripes' }
		]}
		onvalue={pick}
	/>
	{#if scheme.kind === 'one'}
		<YarnPick
			label="Yarn"
			value={scheme.yarn}
			{yarns}
			onvalue={(v) => put({ ...scheme, yarn: as(v) })}
		/>
	{:else if scheme.kind === 'outer-lining'}
		<YarnPick
			label="Outer"
			value={scheme.outer}
			{yarns}
			onvalue={(v) => put({ ...scheme, outer: as(v) })}
		/>
		<YarnPick
			label="Lining"
			value={scheme.lining}
			{yarns}
			onvalue={(v) => put({ ...scheme, lining: as(v) })}
		/>
		<div class="w-40">
			<QuantityField
				label="Lining longer by"
				text={`${scheme.liningExtraRows} rows`}
				parse={extra}
				onvalue={(t) => {
					const r = extra(t);
					if (r.ok) put({ ...scheme, liningExtraRows: r.value }, 'lining…');
				}}
			/>
		</div>
	{:else if scheme.kind === 'false-brim'}
		<YarnPick
			label="Main, a"
			value={scheme.main}
			{yarns}
			onvalue={(v) => put({ ...scheme, main: as(v) })}
		/>
		<YarnPick
			label="Brim, b"
			value={scheme.brim}
			{yarns}
			onvalue={(v) => put({ ...scheme, brim: as(v) })}
		/>
		<div class="w-40">
			<QuantityField
				label="Brim rows (half show)"
				text={`${scheme.brimRows} rows`}
				parse={rows(2, 200)}
				onvalue={(t) => {
					const r = rows(2, 200)(t);
					if (r.ok) put({ ...scheme, brimRows: r.value }, 'brim rows…');
				}}
			/>
		</div>
	{:else}
		{#each scheme.yarns as y, i (i)}
			<YarnPick
				label={`Stripe ${i + 1}`}
				value={y}
				{yarns}
				onvalue={(v) =>
					put({ ...scheme, yarns: scheme.yarns.map((x, k) => (k === i ? as(v) : x)) })}
			/>
		{/each}
		<div class="flex gap-1">
			{#if scheme.yarns.length < 8}<button
					class="act act-small mb-1"
					onclick={() =>
						put({
							...scheme,
							yarns: [
								...scheme.yarns,
								(yarns.find((y) => !scheme.yarns.includes(y.id)) ?? yarns[0]!).id
							]
						})}>Add a colour</button
				>{/if}
			{#if scheme.yarns.length > 2}<button
					class="act act-small mb-1"
					onclick={() => put({ ...scheme, yarns: scheme.yarns.slice(0, -1) })}>One less</button
				>{/if}
		</div>
		<div class="w-32">
			<QuantityField
				label="Rows in a stripe"
				text={`${scheme.stripeRows} rows`}
				parse={rows(1, 100)}
				onvalue={(t) => {
					const r = rows(1, 100)(t);
					if (r.ok) put({ ...scheme, stripeRows: r.value }, 'stripe rows…');
				}}
			/>
		</div>
	{/if}
</div>
