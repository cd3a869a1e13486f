import { pulsesInPass } from '$lib/core/crank/pulses';
import type { Crank } from '../crank.svelte';
import type { SensorSetup } from './row-source.svelte';

export type Trouble = 'none' | 'usual' | 'bad';
/** Magnets of the stand-in's ring. A panel passes fewer of them in a row, so it has more than a tube would need. */
const PER_TURN = 12;

/** Pulses that the row after `done` rows passes; null for a tube. */
export function passAt(crank: Crank): number | null {
	const { row } = crank;
	if (!row || row.mode === 'tube') return null;
	return pulsesInPass(row.low, row.high, crank.machine.pins, PER_TURN);
}

/** The stand-in's address for what is left of the piece at hand. */
export function sensorFor(
	crank: Crank,
	asked: { readonly trouble: Trouble; readonly turnsPerMinute: number }
): SensorSetup & { readonly blind: boolean } {
	const { done } = crank.state;
	const rows = Math.max(1, crank.sheet.totalRows - done);
	const query = new URLSearchParams({
		pins: String(crank.machine.pins),
		perTurn: String(PER_TURN),
		rows: String(Math.min(2000, rows)),
		turnsPerMinute: String(asked.turnsPerMinute),
		trouble: asked.trouble
	});
	if (crank.panel) {
		const edges = crank.piece.rowByRow.stretches
			.filter((s) => s.to > done)
			.map((s) => `${s.to - Math.max(done, s.from)}x${s.low}-${s.high}`);
		query.set('edges', edges.join(','));
	}
	const perPass = passAt(crank);
	return {
		url: `/api/simulated/row-sensor?${query}`,
		perTurn: PER_TURN,
		perPass,
		blind: perPass !== null && perPass < 1
	};
}
