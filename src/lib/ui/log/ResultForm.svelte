<script lang="ts">
	import type { MeasuredResult, Project } from '$lib/core/model/project';
	import {
		inRange,
		parseCount,
		parseGrams,
		parseLengthCm,
		readNumber,
		tidy
	} from '$lib/core/quantity/parse';
	import { printValue } from '$lib/core/quantity/print';
	import { bad, type Result } from '$lib/core/quantity/problem';
	import { newId } from '$lib/store/store';
	import Choice from '../parts/Choice.svelte';
	import { keepDraft, readDraft } from './draft';
	import QuantityField from '../parts/QuantityField.svelte';
	import { between, lengthBetween } from '../state/ranges';
	import { useWorkbench } from '../state/workbench.svelte';
	import { untrack } from 'svelte';

	interface Props {
		projectId: Project['id'];
		/** Its height is measured as worn, too. */
		worn: boolean;
		/** Two layers of one length: one of them stands for both. */
		tucked: boolean;
		/** Main rows by the count, or the plan's where nothing was counted. */
		rows: number;
		/** Minutes by the count. */
		minutes: number | null;
		onadd: (r: MeasuredResult) => Promise<unknown>;
	}
	let { projectId, worn, tucked, rows, minutes, onadd }: Props = $props();
	const workbench = useWorkbench();
	const units = $derived(workbench.units);

	const blank = () =>
		({ tubeCm: null, flatWidthCm: null, grams: null, heightWornCm: null }) as const;
	const kept = untrack(() => readDraft(projectId));
	let when = $state<MeasuredResult['when']>(kept?.when ?? 'rested');
	let layer = $state<'tube' | 'layer'>(kept?.layer ?? 'tube');
	let measured = $state<{
		tubeCm: number | null;
		flatWidthCm: number | null;
		grams: number | null;
		heightWornCm: number | null;
	}>(kept?.measured ?? blank());
	let took = $state<number | null>(kept ? kept.took : untrack(() => minutes));
	let knitted = $state(kept?.knitted ?? untrack(() => rows));
	let note = $state(kept?.note ?? '');
	let wrong = $state<Record<string, boolean>>({});
	let round = $state(0);

	const length = $derived(lengthBetween(units, 2, layer === 'tube' ? 400 : 200));
	const parseTube = $derived((t: string) => length(parseLengthCm(t, units)));
	const width = $derived((t: string) => lengthBetween(units, 2, 100)(parseLengthCm(t, units)));
	const height = $derived((t: string) => lengthBetween(units, 4, 60)(parseLengthCm(t, units)));
	const mass = $derived((t: string) => between('mass', units, 1, 5000)(parseGrams(t)));
	const time = (t: string): Result<number> => {
		const n = readNumber(tidy(t).replace(/\s*(min|minutes|m)$/, ''));
		if (n === undefined) return bad({ code: 'not-understood', typed: t, wanted: '18 min' });
		return inRange(n, { min: 0.5, max: 6000, unit: 'min' });
	};
	const count = (t: string): Result<number> => {
		const n = parseCount(t, 'rows');
		return n.ok ? inRange(n.value, { min: 1, max: 2000, unit: 'rows' }) : n;
	};
	/** Fields that hold something unreadable, so that nothing typed is left out unseen. */
	const noting = (key: string) => (is: boolean) => (wrong[key] = is);
	const something = $derived(Object.values(measured).some((v) => v !== null) || took !== null);
	const typed = $derived(note !== '' || Object.values(measured).some((v) => v !== null));
	$effect(() =>
		keepDraft(
			projectId,
			typed ? $state.snapshot({ when, layer, measured, took, knitted, note }) : null
		)
	);
	const blocked = $derived(Object.values(wrong).some(Boolean));

	async function add() {
		await onadd({
			id: newId(),
			projectId,
			at: Date.now(),
			when,
			...measured,
			tubeCm:
				measured.tubeCm === null ? null : layer === 'layer' ? measured.tubeCm * 2 : measured.tubeCm,
			minutes: took,
			rowsKnitted: knitted,
			// What it shows of the gauge is said where it is logged.
			shows: 'shape',
			tailMetres: null,
			usualMinutes: null,
			note
		});
		measured = blank();
		took = null;
		note = '';
		round += 1;
	}
	/** What a field shows as it comes: read once, so that typing in it is not written over. */
	const typedText = (key: keyof typeof measured): string =>
		untrack(() => {
			const value = measured[key];
			return value === null ? '' : printValue(value, key === 'grams' ? 'mass' : 'length', units);
		});
	const set = (key: keyof typeof measured, parse: (t: string) => Result<number>) => (t: string) => {
		const r = parse(t);
		measured[key] = r.ok ? r.value : null;
	};
	const clear = (key: keyof typeof measured) => () => {
		measured[key] = null;
	};
</script>

<section aria-labelledby="measure-title">
	<h2 id="measure-title" class="mb-1 text-xl">Measure it</h2>
	<form
		class="grid gap-4"
		onsubmit={(e) => {
			e.preventDefault();
			if (something && !blocked) void add();
		}}
	>
		<Choice
			label="When"
			value={when}
			options={[
				{ value: 'at-once', label: 'at once' },
				{ value: 'rested', label: 'after a rest' },
				{ value: 'washed', label: 'after a wash' },
				...(worn ? [{ value: 'on-head' as const, label: 'on the head' }] : [])
			]}
			onvalue={(v) => (when = v)}
		/>
		{#key `${round} ${units}`}
			<div class="grid grid-cols-2 items-start gap-3">
				{#if when === 'on-head'}
					<QuantityField
						live
						label="Height on the head"
						text={typedText('heightWornCm')}
						parse={height}
						onproblem={noting('heightWornCm')}
						onvalue={set('heightWornCm', height)}
						onempty={clear('heightWornCm')}
					/>
				{:else}
					<QuantityField
						live
						label={!tucked
							? 'Length, flat'
							: layer === 'tube'
								? 'Length of the whole tube, flat'
								: 'Length of one layer, flat'}
						text={typedText('tubeCm')}
						parse={parseTube}
						onproblem={noting('tubeCm')}
						onvalue={set('tubeCm', parseTube)}
						onempty={clear('tubeCm')}
					/>
					{#if tucked}<Choice
							label="That is"
							value={layer}
							options={[
								{ value: 'tube', label: 'the tube' },
								{ value: 'layer', label: 'one layer' }
							]}
							onvalue={(v) => (layer = v)}
						/>{/if}
					<QuantityField
						live
						label="Width, flat"
						text={typedText('flatWidthCm')}
						parse={width}
						onproblem={noting('flatWidthCm')}
						onvalue={set('flatWidthCm', width)}
						onempty={clear('flatWidthCm')}
					/>
					<QuantityField
						live
						label="Weight"
						text={typedText('grams')}
						parse={mass}
						onproblem={noting('grams')}
						onvalue={set('grams', mass)}
						onempty={clear('grams')}
					/>
				{/if}
				<QuantityField
					live
					label="Time at the crank"
					text={took === null ? '' : `${took} min`}
					parse={time}
					onproblem={noting('minutes')}
					onvalue={(t) => {
						const r = time(t);
						took = r.ok ? r.value : null;
					}}
					onempty={() => {
						took = null;
					}}
					hint={minutes !== null && took === minutes ? 'from the count' : undefined}
				/>
				<QuantityField
					live
					label="Main rows really knitted"
					text={String(knitted)}
					parse={count}
					onproblem={noting('rows')}
					inputmode="numeric"
					onvalue={(t) => {
						const r = count(t);
						if (r.ok) knitted = r.value;
					}}
				/>
			</div>
		{/key}
		<div>
			<label for="note" class="hint mb-0.5 block">Note: what you would change next time</label>
			<textarea id="note" class="textarea w-full min-h-16" maxlength="2000" bind:value={note}
			></textarea>
		</div>
		<div class="flex flex-wrap items-center gap-3">
			<button class="btn btn-neutral" disabled={!something || blocked}>Put it in the log</button>
			{#if blocked}<span class="text-error text-sm"
					>One field cannot be read yet: mend it or empty it.</span
				>
			{:else if !something}<span class="hint">One measured value is enough.</span>{/if}
		</div>
	</form>
</section>
