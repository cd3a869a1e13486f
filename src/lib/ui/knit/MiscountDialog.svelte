<script lang="ts">
	import { metresPerRow } from '$lib/core/bench/gauge/ball';
	import { byJoin, byLength, byWeight, type Found } from '$lib/core/crank/miscount';
	import type { SettledBy } from '$lib/core/model/kinds';
	import { wordYarn } from '$lib/core/words/yarn';
	import { parseCount, parseGrams, parseLengthCm, inRange } from '$lib/core/quantity/parse';
	import { printEstimate } from '$lib/core/quantity/print';
	import { good, type Result } from '$lib/core/quantity/problem';
	import { JOIN_TAIL_CM } from '$lib/core/crank/tails';
	import { metresPerGram } from '$lib/core/bench/yarn/tex';
	import Choice from '../parts/Choice.svelte';
	import Dialog from '../parts/Dialog.svelte';
	import QuantityField from '../parts/QuantityField.svelte';
	import { yarnNamer } from '../state/ribbon-pins';
	import { between, lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import type { Crank } from './crank.svelte';

	interface Props {
		crank: Crank;
		onsettle: (to: number, by: SettledBy) => void;
		onclose: () => void;
	}
	let { crank, onsettle, onclose }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);
	const plan = $derived(crank.plan);
	const main = $derived(crank.position.main);
	const waste = $derived(crank.position.leg.kind === 'waste');
	const before = $derived(crank.sheet.wasteBefore);
	const hem = $derived(plan.assembly.find((s) => s.do === 'hem'));
	const most = $derived(crank.piece.mainRows);
	const leg = $derived(crank.position.leg);
	const name = $derived(wordYarn(leg.yarn, yarnNamer(plan)));

	type Way = 'length' | 'join' | 'weigh';
	let way = $state<Way>('length');
	let hanging = $state<'hanging' | 'off'>('hanging');
	let typed = $state('');
	let from = $state('');
	const length = $derived(lengthBetween(units, 0.5, 400));
	const parseLength = (t: string) => length(parseLengthCm(t, units));
	const parseRows = (t: string): Result<number> => {
		if (/^0+$/.test(t.trim())) return good(0);
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 0, max: 2000, unit: 'rows' }) : n;
	};
	const grams = $derived(between('mass', units, 0, 5000));
	const parseMass = (t: string) => grams(parseGrams(t));

	const found = $derived.by((): Found | null => {
		if (typed.trim() === '') return null;
		if (way === 'length') {
			const cm = parseLength(typed);
			if (!cm.ok) return null;
			return byLength(cm.value, main, {
				hem: hem?.do === 'hem' && main > hem.rows ? hem.rows : 0,
				runs: crank.piece.runs,
				gauges: crank.piece.gauges,
				hanging: hanging === 'hanging'
			});
		}
		if (way === 'join') {
			const rows = parseRows(typed);
			return rows.ok ? byJoin(rows.value, leg.mainBefore, main, most) : null;
		}
		const [now, then] = [parseMass(typed), parseMass(from)];
		const yarn = plan.yarns[leg.yarn];
		const gauge = crank.piece.gauges[leg.yarn];
		if (!now.ok || !then.ok || !yarn || !gauge || then.value < now.value) return null;
		return byWeight(then.value - now.value, main, {
			from: leg.mainBefore,
			metresPerGram: metresPerGram(yarn),
			metresPerRow: metresPerRow(crank.machine, gauge),
			tailMetres: JOIN_TAIL_CM / 100,
			most
		});
	});
	const agrees = $derived(found !== null && Math.abs(found.deviations) <= 1);
	const WAYS: { value: Way; label: string; hint: string }[] = [
		{ value: 'length', label: 'Measure it', hint: 'against your gauge and its spread' },
		{ value: 'join', label: 'Count since the last join', hint: 'the surest, a row at a time' },
		{ value: 'weigh', label: 'Weigh the ball', hint: 'against the yarn in a row' }
	];
	const BY: Record<Way, SettledBy> = { length: 'measured', join: 'counted', weigh: 'weighed' };
	const settle = (rows: number) => {
		onsettle(before + rows, BY[way]);
		onclose();
	};
</script>

<Dialog open title="I think I am some rows off" {onclose}>
	<p class="mb-3">
		The count says <b class="figure">{main}</b> of {most} main rows{waste
			? ', and waste yarn is on now'
			: ''}. Three ways to find out; the counter of the machine is a fourth.
	</p>
	<Choice
		label="How"
		value={way}
		options={crank.panel ? WAYS.filter((w) => w.value !== 'weigh') : WAYS}
		onvalue={(w) => {
			way = w;
			typed = '';
		}}
	/>
	<div class="mt-3 grid gap-3">
		{#if way === 'length'}
			<Choice
				label="It is measured"
				value={hanging}
				options={[
					{ value: 'hanging', label: 'hanging on the machine' },
					{ value: 'off', label: 'off it, at rest' }
				]}
				onvalue={(h) => (hanging = h)}
			/>
			<QuantityField
				live
				label="From the first main row to the pins"
				text=""
				parse={parseLength}
				onvalue={(t) => (typed = t)}
				onempty={() => (typed = '')}
				hint="Hanging it is longer by about 5 %, give or take 4: the spread says so."
			/>
		{:else if way === 'join'}
			<QuantityField
				live
				label={`Rows of ${name} since it came in`}
				text=""
				parse={parseRows}
				inputmode="numeric"
				onvalue={(t) => (typed = t)}
				onempty={() => (typed = '')}
				hint="Count one column of stitches down from the pins; the loops on the pins are the newest row."
			/>
		{:else}
			<QuantityField
				live
				label={`The ball of ${name} when it came in`}
				text={from}
				parse={parseMass}
				onvalue={(t) => (from = t)}
				onempty={() => (from = '')}
			/>
			<QuantityField
				live
				label="The ball now"
				text=""
				parse={parseMass}
				onvalue={(t) => (typed = t)}
				onempty={() => (typed = '')}
				hint="Less now than then. What left the ball is tail and rows."
			/>
		{/if}
	</div>
	<div class="mt-4 min-h-24" role="status">
		{#if found}
			{@const e = printEstimate(found.rows, 'rows', units)}
			<p class="figure text-2xl font-semibold">
				{e.value} rows{e.spread ? ` ± ${e.spread}` : ''}
			</p>
			<p>
				{#if found.exact && found.nearest === main}
					Your count is right.
				{:else if agrees}
					Your count of {main} lies within that: this way cannot tell it from {found.nearest}.
				{:else}
					Your count of {main} is {Math.abs(found.nearest - main)}
					{main > found.nearest ? 'more' : 'fewer'}{found.exact
						? ''
						: `, ${Math.abs(found.deviations).toFixed(1)} times the spread`}.
				{/if}
				{#if !found.exact && way !== 'join'}Counting since the last join tells a row.{/if}
			</p>
			<div class="mt-3 flex flex-wrap gap-2">
				{#if found.nearest !== main}
					<button class={['btn', !agrees && 'btn-accent']} onclick={() => settle(found.nearest)}
						>Set the count to {found.nearest}</button
					>
				{/if}
				<button class={['btn', agrees && 'btn-accent']} onclick={() => settle(main)}
					>Leave it at {main}</button
				>
			</div>
		{/if}
	</div>
</Dialog>
