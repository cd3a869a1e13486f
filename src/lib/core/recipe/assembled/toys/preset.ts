import type { MachineId } from '../../../model/bench';
import type { PartRole } from '../../../model/kinds';
import type { ToyPart, ToyOptions } from '../options';

/** A toy as a set of parameters: the shape of a seal or a lighthouse is data, and no code knows of it. */
export interface ToyPreset {
	readonly id: string;
	readonly name: string;
	/** Yarns it is usual in. */
	readonly yarns: number;
	/** `small` is a machine for small parts; null where there is none. */
	readonly toy: (small: MachineId | null) => Pick<ToyOptions, 'stands' | 'parts' | 'eyes'>;
}

type Segment = ToyPart['segments'][number];

/** A swelling so many times as long as a ball of the same tube. */
export const swelling = (times: number, line = '10 A', puff = 0.15): Segment => ({
	line,
	length: { by: 'times', times },
	puff
});
/** So many cm of flat tube or cord. */
export const straight = (cm: number, line = '10 A'): Segment => ({
	line,
	length: { by: 'cm', cm },
	puff: 0
});

export const part = (
	id: string,
	name: string,
	role: PartRole,
	more: Pick<ToyPart, 'segments'> & Partial<ToyPart>
): ToyPart => ({
	id,
	name,
	role,
	on: null,
	cordPins: null,
	stuffed: true,
	count: 1,
	pair: false,
	to: null,
	...more
});
