<script lang="ts">
	import type { SettledBy } from '$lib/core/model/kinds';
	import type { Run } from '../state/run.svelte';
	import type { Crank } from './crank.svelte';
	import type { DialogName } from './dialogs';
	import FaultDialog from './FaultDialog.svelte';
	import HappenedDialog from './HappenedDialog.svelte';
	import JumpDialog from './JumpDialog.svelte';
	import MiscountDialog from './MiscountDialog.svelte';
	import RepairDialog from './RepairDialog.svelte';

	/** Everything that is asked about rows and pins while it is cranked. */
	interface Props {
		dialog: DialogName | null;
		crank: Crank;
		run: Run;
		onclose: () => void;
		onsettle: (to: number, by: SettledBy) => void;
		onjump: (to: number) => void;
		onoff: () => void;
	}
	let { dialog, crank, run, onclose, onsettle, onjump, onoff }: Props = $props();
	const piece = $derived(crank.key);
	const open = $derived(crank.state.faults.filter((f) => !crank.state.mended.has(f.id)));
</script>

{#if dialog === 'jump'}
	<JumpDialog sheet={crank.sheet} position={crank.position} {onclose} {onjump} />
{:else if dialog === 'happened'}
	<HappenedDialog {crank} onadd={(e) => run.add(e)} {onoff} {onclose} />
{:else if dialog === 'fault'}
	<FaultDialog
		machine={crank.machine}
		row={crank.position.main}
		inWork={crank.panel && crank.row ? { low: crank.row.low + 1, high: crank.row.high + 1 } : null}
		{onclose}
		onfault={(f) => run.add({ type: 'fault', piece, ...f, ...crank.withWhat })}
	/>
{:else if dialog === 'repair'}
	<RepairDialog
		faults={open}
		machine={crank.machine}
		{onclose}
		onmended={(f) => run.add({ type: 'mend', piece, fault: f.id })}
	/>
{:else if dialog === 'off'}
	<MiscountDialog {crank} {onsettle} {onclose} />
{/if}
