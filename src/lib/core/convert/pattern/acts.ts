import type { Take } from '../../shaping/edge-schedule';

/** Where on a row: both ends, its start or end as it is knitted, an edge by name, or spread over it. */
export type Edge =
	'both' | 'start' | 'end' | 'left' | 'right' | 'neck' | 'armhole' | 'side' | 'same' | 'evenly';
export type Unit = 'cm' | 'in';

/** What an instruction asks for. Rows count from where the one before has ended: the next row is 1. */
export type Act =
	| { readonly do: 'piece'; readonly name: string }
	| { readonly do: 'make'; readonly n: number }
	| { readonly do: 'on'; readonly n: number }
	| { readonly do: 'rows'; readonly n: number; readonly from: 'armhole' | null }
	/** Straight until it measures so much, and ends with a row of that side. */
	| {
			readonly do: 'to';
			readonly n: number;
			readonly unit: Unit;
			readonly from: 'beginning' | 'armhole' | 'here';
			readonly side: 'RS' | 'WS' | null;
	  }
	/** At the beginning of each of so many rows. */
	| { readonly do: 'groups'; readonly n: number; readonly rows: number }
	| { readonly do: 'group'; readonly n: number; readonly edge: Edge }
	| {
			readonly do: 'shape';
			readonly way: 'dec' | 'inc';
			readonly n: number;
			readonly edge: Edge;
			/** The first row, from 1; 0 for the row before. */
			readonly first: number;
			readonly every: number;
			/** Null where it goes on until so many stitches are left. */
			readonly times: number | null;
			readonly to: number | null;
	  }
	| { readonly do: 'centre'; readonly n: number }
	| { readonly do: 'divide'; readonly n: number }
	| { readonly do: 'hold'; readonly n: number }
	| { readonly do: 'rejoin' | 'reverse' | 'off-all' | 'hold-all' }
	| { readonly do: 'same'; readonly piece: string; readonly to: string | null }
	| { readonly do: 'band'; readonly n: number }
	/** An edge in the words of a plan, row by row from the piece's first. */
	| {
			readonly do: 'edge';
			readonly edge: 'left' | 'right' | 'both';
			readonly takes: readonly Take[];
	  }
	/** Said to be on the needle now. */
	| { readonly do: 'count'; readonly n: number }
	/** Rows in all: said, or to be reached straight. */
	| { readonly do: 'total'; readonly n: number; readonly reach: boolean };
export type Shape = Extract<Act, { do: 'shape' }>;

/** An act as one short line, in a notation of its own: what the passages of the tests are written in. */
export function actLine(act: Act): string {
	switch (act.do) {
		case 'piece':
			return `piece ${act.name}`;
		case 'on':
			return `co ${act.n}`;
		case 'rows':
			return `rows ${act.n}${act.from ? ` from ${act.from}` : ''}`;
		case 'to':
			return `to ${act.n} ${act.unit}${act.from === 'beginning' ? '' : ` from ${act.from}`}${act.side ? ` ${act.side}` : ''}`;
		case 'groups':
			return `off ${act.n} x${act.rows}`;
		case 'group':
			return `off ${act.n} ${act.edge}`;
		case 'shape': {
			const often = act.times === null ? `to ${act.to ?? '?'}` : `x${act.times}`;
			return `${act.way} ${act.n} ${act.edge} ${act.first},+${act.every} ${often}`;
		}
		case 'off-all':
			return 'off all';
		case 'hold-all':
			return 'hold all';
		case 'same':
			return `same ${act.piece}${act.to ? ` to ${act.to}` : ''}`;
		case 'rejoin':
		case 'reverse':
			return act.do;
		case 'edge':
			return `edge ${act.edge} ${act.takes.map((t) => `${t.row}:${t.stitches}`).join(' ') || 'straight'}`;
		default:
			return `${act.do} ${act.n}`;
	}
}
