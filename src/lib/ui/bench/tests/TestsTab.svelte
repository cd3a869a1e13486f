<script lang="ts">
	import { format } from 'date-fns';
	import { expectedSlot } from '$lib/core/bench/machine/slot';
	import type { Machine, Yarn, YarnTest } from '$lib/core/model/bench';
	import { FAULTS, HANDS, VERDICTS, type Hand } from '$lib/core/model/kinds';
	import { inRange, parseCount } from '$lib/core/quantity/parse';
	import type { Result } from '$lib/core/quantity/problem';
	import {
		contradictions,
		testsOf,
		verdicts,
		type Contradiction
	} from '$lib/core/bench/yarn/trials';
	import { newId } from '$lib/store/store';
	import Choice from '../../parts/Choice.svelte';
	import QuantityField from '../../parts/QuantityField.svelte';
	import { notices } from '../../state/notices.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';
	import { HAND_WORDS } from '$lib/core/words/feed';
	import { FAULT_WORDS, slotWords, VERDICT_WORDS } from '../words';
	import VerdictMark from '../VerdictMark.svelte';
	import { untrack } from 'svelte';

	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const yarns = $derived(workbench.bench.yarns);
	const tests = $derived(testsOf(yarn, workbench.bench.tests, yarns));
	const judged = $derived(verdicts(tests));
	const machineOf = (id: string) => workbench.bench.machines.find((m) => m.id === id);
	const expected = $derived(expectedSlot(machine, yarn, workbench.bench.swatches, yarns));

	const blank = () => ({
		slot: expected.slot,
		hand: 'none' as Hand,
		rows: 20,
		faults: { dropped: 0, tuck: 0, split: 0, unseated: 0 },
		verdict: null as YarnTest['verdict'] | null,
		note: ''
	});
	let form = $state(untrack(blank));
	const draft = $derived(
		form.verdict && {
			...form,
			verdict: form.verdict,
			id: 'draft' as YarnTest['id'],
			machineId: machine.id,
			yarnId: yarn.id,
			strands: yarn.strands,
			at: Number.MAX_SAFE_INTEGER
		}
	);
	const against = $derived(draft ? contradictions(draft, yarn, workbench.bench.tests, yarns) : []);
	const number = (t: string, noun: string, min: number, max: number): Result<number> => {
		if (min === 0 && /^0+$/.test(t.trim())) return { ok: true, value: 0 };
		const n = parseCount(t, noun);
		return n.ok ? inRange(n.value, { min, max, unit: noun }) : n;
	};

	async function add() {
		if (!draft) return;
		await workbench.putTest({
			...$state.snapshot(draft),
			id: newId() as YarnTest['id'],
			at: Date.now()
		});
		form = blank();
	}
	async function remove(t: YarnTest) {
		await workbench.remove('tests', t);
		void notices.say('Yarn test removed', {
			label: 'Put it back',
			onClick: () => void workbench.putTest(t)
		});
	}
	const differs = (c: Contradiction) =>
		c.differs.length === 0
			? 'with everything set as now'
			: `with ${c.differs
					.map((d) => (d === 'slot' ? slotWords(c.old.slot) : HAND_WORDS[c.old.hand]))
					.join(' and ')}`;
	const faultsOf = (t: YarnTest) =>
		FAULTS.filter((f) => t.faults[f] > 0)
			.map((f) => `${t.faults[f]} ${FAULT_WORDS[f]}`)
			.join(', ') || 'no faults';
	const day = (at: number) => format(at, 'd MMM yyyy');
</script>

<div class="grid gap-x-8 gap-y-5 xl:grid-cols-2">
	<section aria-labelledby="verdicts-title" class="min-w-0">
		<h3 id="verdicts-title" class="mb-1 text-base">How {yarn.name} runs</h3>
		{#if judged.length === 0}
			<p class="quiet text-sm">
				Nobody has tried it here. Hearsay about yarns is often wrong: crank 20 rows and note what
				happened; every colour of {yarn.name} will know it.
			</p>
		{/if}
		<ul class="mb-3">
			{#each judged as v (v.machineId + v.strands)}
				<li class="flex items-center gap-2 py-0.5">
					<VerdictMark verdict={v.verdict} disputed={v.disputed} worded />
					<span
						><b class="figure">{machineOf(v.machineId)?.pins ?? '?'}</b> pins{v.strands > 1
							? `, ${v.strands} strands`
							: ''}: {VERDICT_WORDS[v.verdict]}</span
					>
					<span class="hint"
						>{v.tests === 1 ? 'one test' : `${v.tests} tests`}{v.disputed
							? ', and an older one said otherwise'
							: ''}</span
					>
				</li>
			{/each}
		</ul>
		<ul class="text-sm">
			{#each tests as t (t.id)}
				<li class="rule-line grid grid-cols-[auto_1fr_auto] items-start gap-x-2 border-t py-1.5">
					<VerdictMark verdict={t.verdict} />
					<div>
						<p>
							<b class="figure">{machineOf(t.machineId)?.pins ?? '?'}</b> pins, {slotWords(
								t.slot
							)}{t.hand === 'none' ? '' : `, ${HAND_WORDS[t.hand]}`}, {t.rows} rows: {faultsOf(t)}
							<span class="hint whitespace-nowrap">{day(t.at)}</span>
						</p>
						{#if t.note}<p class="quiet">{t.note}</p>{/if}
					</div>
					<button
						class="btn btn-sm"
						aria-label={`Remove the test of ${day(t.at)} on ${machineOf(t.machineId)?.pins ?? ''} pins`}
						onclick={() => remove(t)}>×</button
					>
				</li>
			{/each}
		</ul>
	</section>
	<section aria-labelledby="try-title" class="min-w-0">
		<h3 id="try-title" class="mb-1 text-base">
			Note a test: {yarn.colourName}{yarn.strands > 1 ? `, ${yarn.strands} strands,` : ''} on {machine.pins}
			pins
		</h3>
		<form
			class="grid gap-3"
			onsubmit={(e) => {
				e.preventDefault();
				void add();
			}}
		>
			<div class="flex flex-wrap gap-x-5 gap-y-2">
				<Choice
					label={`Slot${expected.slot > 0 ? `; ${expected.slot} to start with, ${expected.like ? `as with ${expected.like.name}` : 'by its thickness'}` : ''}`}
					value={form.slot}
					options={Array.from({ length: machine.slots + 1 }, (_, i) => ({
						value: i,
						label: i === 0 ? 'none' : String(i)
					}))}
					onvalue={(v) => (form.slot = v)}
				/>
				<Choice
					label="Hand tension"
					value={form.hand}
					options={HANDS.map((h) => ({
						value: h,
						label: { none: 'none', light: 'light', crossed: 'crossed' }[h],
						hint: HAND_WORDS[h]
					}))}
					onvalue={(v) => (form.hand = v)}
				/>
			</div>
			<div class="grid grid-cols-5 items-start gap-2">
				<QuantityField
					live
					label="Rows tried"
					text={String(form.rows)}
					parse={(t) => number(t, 'rows', 1, 2000)}
					inputmode="numeric"
					onvalue={(t) => {
						const r = number(t, 'rows', 1, 2000);
						if (r.ok) form.rows = r.value;
					}}
				/>
				{#each FAULTS as f (f)}
					<QuantityField
						live
						label={FAULT_WORDS[f]}
						text={String(form.faults[f])}
						parse={(t) => number(t, 'faults', 0, 999)}
						inputmode="numeric"
						onvalue={(t) => {
							const r = number(t, 'faults', 0, 999);
							if (r.ok) form.faults[f] = r.value;
						}}
					/>
				{/each}
			</div>
			<fieldset>
				<legend class="hint mb-0.5">Verdict</legend>
				<div class="flex flex-wrap gap-1">
					{#each VERDICTS as v (v)}
						<button
							type="button"
							class="btn btn-sm"
							aria-pressed={form.verdict === v}
							onclick={() => (form.verdict = v)}
							><VerdictMark verdict={v} worded /> {VERDICT_WORDS[v]}</button
						>
					{/each}
				</div>
			</fieldset>
			{#if against[0]}
				<div class="border-warning border-l-4 pl-3 text-sm" role="status">
					{#each against.slice(0, 3) as c (c.old.id)}
						<p>
							This contradicts the test of {day(c.old.at)}: it {c.old.verdict === 'fails'
								? 'did not run'
								: 'ran well'}
							{differs(c)}. Both are kept; the newest speaks.
						</p>
					{/each}
				</div>
			{/if}
			<div>
				<label class="hint mb-0.5 block" for="test-note">Note</label>
				<textarea
					id="test-note"
					class="textarea w-full min-h-14"
					maxlength="2000"
					bind:value={form.note}></textarea>
			</div>
			<div class="flex items-center gap-3">
				<button class="btn btn-neutral" disabled={!form.verdict}>Keep this test</button>
				{#if !form.verdict}<span class="hint">Say how it ran first.</span>{/if}
			</div>
		</form>
	</section>
</div>
