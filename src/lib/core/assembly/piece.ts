import type { MachineId, YarnId } from '../model/bench';
import type { Program } from '../program/program';
import type { Working } from '../quantity/working';
import type { PieceEdge } from './joint';

/** One thing the machine makes. `count` like copies; `mirrored` for the other hand's. */
export interface Piece {
	readonly id: string;
	readonly name: string;
	readonly count: number;
	readonly mirrored: boolean;
	/** Yarns the program's indices stand for. */
	readonly yarns: readonly YarnId[];
	readonly program: Program;
	/** How the number of main rows came about. */
	readonly rowsWorking: Working;
	/** How its sections share those rows; empty where there is one. */
	readonly sectionsWorking: Working;
	/** Main rows after which an edge is marked, to count and to sew by. */
	readonly marks?: readonly number[];
	/** The machine it is made on where that is not the project's. */
	readonly on?: MachineId;
	/** How either edge is shaped, in words, as its right side is seen. */
	readonly shaped?: { readonly left: string; readonly right: string };
	/** Named stretches of its border; where not given, what the fabric has: first and last row, and both sides. */
	readonly edges?: readonly PieceEdge[];
	/** The words of the pattern it was taken from, each from a main row on, from 0. */
	readonly says?: readonly { readonly row: number; readonly words: string }[];
}
