import type { Gauge, GaugeSource } from '../gauge/gauge';

const STATE = { fresh: 'fresh off the machine', rested: 'rested', washed: 'washed' } as const;

/** Where a gauge comes from, in one short phrase. */
export function wordSource(source: GaugeSource): string {
	switch (source.kind) {
		case 'learned': {
			const names = source.projects.slice(-2).join(' and ');
			return `learned from ${names} (${STATE[source.state]})`;
		}
		case 'swatch': {
			const n = source.readings === 1 ? '1 reading' : `${source.readings} readings`;
			return `${n}, ${STATE[source.state]}${source.otherColour ? ', from another colour of this yarn' : ''}`;
		}
		case 'fresh-unused':
			return 'guessed; the fresh readings wait for your consent';
		case 'prior':
			return 'guessed from the yarn’s thickness, no swatch yet';
	}
}

export const wordLoopSource = (g: Gauge): string =>
	g.loopSource === 'weighed'
		? `from ${g.loopPieces === 1 ? 'one piece' : `${g.loopPieces} pieces`} you weighed`
		: 'estimated from the gauge, 15 %';
