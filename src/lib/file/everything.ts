import type { Order } from '../core/model/order';
import type { WrittenPattern } from '../core/model/written';
import type { Practised } from '../core/model/practised';
import type { Bench, MeasuredResult, Project, RunEvent } from '../core/model/project';

/** Everything the maker has, in memory. */
export interface Everything {
	readonly bench: Bench;
	readonly projects: readonly Project[];
	readonly events: readonly RunEvent[];
	readonly results: readonly MeasuredResult[];
	/** What the stall is to have. */
	readonly orders: readonly Order[];
	/** Hand-knitting patterns, as pasted. */
	readonly patterns: readonly WrittenPattern[];
	/** What was practised on the device. */
	readonly practised: readonly Practised[];
}
