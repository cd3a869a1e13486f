import { evenOut } from './even';
import { joined, repeated, sectionsOf, type Section } from './sections';
import { readStripes } from './stripe-line';

/** A stripe line, the yarns its letters stand for, and how it comes to a length: again and again where not said. */
export interface Striped {
	readonly stripes: string;
	readonly yarns: readonly unknown[];
	readonly fill?: 'repeat' | 'stretch';
}

/** What the stripe line says, or one stripe of A where it does not read: nothing is lost while the maker types. */
function lineSections(options: Striped): Section[] {
	const read = readStripes(options.stripes, options.yarns.length);
	return read.ok ? sectionsOf(read.line) : [{ yarn: 0, rows: 10 }];
}

/** The sections of a piece of so many rows, by letter. */
export const filledSections = (options: Striped, rows: number): Section[] => {
	const line = lineSections(options);
	return options.fill === 'stretch' ? joined(evenOut(line, rows)) : repeated(line, rows);
};
