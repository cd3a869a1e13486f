import type { SensorSignal } from '../core/crank/pulses';

/** A sensor at the ring. A real one and its stand-in look the same from here. */
export interface RowSensor {
	/** What it is called on screen. */
	readonly name: string;
	/** Pulses in one turn of the ring, the marked one among them. */
	readonly perTurn: number;
	/** Calls `listen` at every signal until the returned function is called. */
	listen(listen: (signal: SensorSignal) => void): () => void;
}
