<script lang="ts">
	import Printer from '@lucide/svelte/icons/printer';
	import { good } from '$lib/core/quantity/problem';
	import { exact } from '$lib/core/quantity/estimate';
	import { figure } from '$lib/core/quantity/working';
	import Caution from './Caution.svelte';
	import Choice from './Choice.svelte';
	import CoverBar from './CoverBar.svelte';
	import Dialog from './Dialog.svelte';
	import Figure from './Figure.svelte';
	import Glossed from './Glossed.svelte';
	import IconAct from './IconAct.svelte';
	import NumberField from './NumberField.svelte';
	import QuantityField from './QuantityField.svelte';
	import RowTable from './RowTable.svelte';
	import Select from './Select.svelte';
	import SeverityMark from './SeverityMark.svelte';
	import { doubled } from './row-table';

	/** For developers: every part of the house in every state, on both grounds. No link leads here. */
	let chosen = $state('b');
	let rows = $state(['first', 'second', 'third']);
	let open = $state(false);
	const BUTTONS = ['', 'btn-neutral', 'btn-accent', 'btn-ghost'];
	const SIZES = ['btn-sm', 'btn-md'];
	const OPTIONS = [
		{ value: 'a', label: 'gathered' },
		{ value: 'b', label: 'zipped' },
		{ value: 'c', label: 'slip stitch', hint: 'quick, a little firm' }
	];
	const nothing = () => undefined;
	const rowsFigure = figure('Rows', 'rows', exact(108), []);
	const guess = figure('Tube, flat', 'length', { mean: 56.6, sd: 8.5, basis: 'estimated' }, []);
</script>

{#snippet all(theme: string)}
	<section
		data-theme={theme}
		class="bg-base-100 text-base-content space-y-5 p-5"
		aria-label={`Parts on ${theme}`}
	>
		<h2 class="text-xl">{theme}</h2>
		{#each SIZES as size (size)}
			<div class="flex flex-wrap items-center gap-2">
				{#each BUTTONS as kind (kind)}
					<button class={['btn', kind, size]}>{kind || 'plain'}</button>
					<button class={['btn', kind, size]} disabled>not now</button>
				{/each}
				<button class={['btn', size]} aria-pressed="true">pressed</button>
				<a class={['btn', size]} href="/parts">a link</a>
				<IconAct icon={Printer} label="Print" small={size === 'btn-sm'} onclick={nothing} />
				<IconAct icon={Printer} label="Print, not now" small={size === 'btn-sm'} disabled />
			</div>
		{/each}
		<div class="grid max-w-3xl grid-cols-2 gap-3 sm:grid-cols-4">
			<Select label="Select" value={chosen} options={OPTIONS} onvalue={(v) => (chosen = v)} />
			<QuantityField label="A quantity" text="12 cm" parse={good} onvalue={nothing} hint="a hint" />
			<NumberField label="Wrong" of="rows" value={108} min={8} max={20} onvalue={nothing} />
			<NumberField
				label="Left empty"
				of="rows"
				value={null}
				min={8}
				max={20}
				placeholder="12 rows, the usual"
				onempty={nothing}
				onvalue={nothing}
			/>
			<label
				><span class="hint block">Not now</span><input
					class="input w-full"
					disabled
					value="12"
				/></label
			>
			<label class="col-span-2"
				><span class="hint block">Text</span><textarea class="textarea w-full"
					>Longer brim.</textarea
				></label
			>
			<label class="input self-end"
				><input type="search" placeholder="Find" aria-label="Find" /></label
			>
		</div>
		<Choice label="Choice" value={chosen} options={OPTIONS} onvalue={(v) => (chosen = v)} />
		<div class="flex flex-wrap items-center gap-4">
			<label class="flex items-center gap-2"><input type="checkbox" class="checkbox" />off</label>
			<label class="flex items-center gap-2"
				><input type="checkbox" class="checkbox" checked />on</label
			>
			<label class="flex items-center gap-2"
				><input type="checkbox" class="checkbox" disabled />not now</label
			>
			<label class="flex items-center gap-2"
				><input type="radio" class="radio" name={`${theme}-r`} checked />one</label
			>
			<label class="flex items-center gap-2"
				><input type="checkbox" class="toggle" checked />toggle</label
			>
			<input type="range" class="range w-40" aria-label="Range" />
			<progress class="progress w-40" value="0.4" max="1" aria-label="Progress"></progress>
			<span class="loading loading-spinner" role="status" aria-label="Loading"></span>
			<span class="skeleton block h-8 w-20"></span>
			<span class="badge">badge</span>
			<SeverityMark severity="warn" /><SeverityMark severity="stop" />
		</div>
		<div class="flex flex-wrap gap-8">
			<Figure figure={rowsFigure} large />
			<Figure figure={guess} mark="set" />
			<div class="w-32">
				<CoverBar
					cover={{ mean: 8, sd: 0.4, basis: 'measured' }}
					band={{ least: 7, most: 12 }}
					says="right"
				/>
			</div>
		</div>
		<p class="max-w-xl">
			<Glossed text="Crank five rows of waste yarn, then close the crown with a slip stitch." />
		</p>
		<Caution text="Fingers stay clear of the pins while the ring turns." />
		<div role="alert" class="alert">Something to know.</div>
		<RowTable
			label={`Rows on ${theme}`}
			heads={['Name']}
			{rows}
			nameOf={(r) => r}
			least={1}
			most={5}
			fixed={(r) => r === 'first'}
			add="Add one"
			onadd={() => (rows = [...rows, 'another'])}
			ondouble={(i) => (rows = doubled(rows, i))}
			onrows={(next) => (rows = next)}
		>
			{#snippet row(r: string)}<td class="w-40">{r}</td>{/snippet}
		</RowTable>
	</section>
{/snippet}

<h1 class="mb-3 text-2xl">Parts of the house</h1>
<button class="btn mb-3" onclick={() => (open = true)}>Open a dialog</button>
<Dialog bind:open title="A dialog"><p>Words in it.</p></Dialog>
<div class="grid gap-4 xl:grid-cols-2">{@render all('fog')}{@render all('night')}</div>
