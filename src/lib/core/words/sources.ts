import type { Gauge, GaugeSource } from '../bench/gauge/gauge';
import type { Fed } from '../model/bench';
import { wordFedFrom } from './feed';
import type { LoopSource } from '../bench/gauge/loop';

const STATE = { fresh: 'fresh off the machine', rested: 'rested', washed: 'washed' } as const;

/** Where a gauge comes from, in one short phrase. */
export function wordSource(source: GaugeSource): string {
	switch (source.kind) {
		case 'learned': {
			const names = [
				...source.projects.slice(-2),
				...(source.readings === 0
					? []
					: [source.readings === 1 ? '1 reading' : `${source.readings} readings`])
			];
			return `learned from ${names.join(' and ')} (${STATE[source.state]})${carried(source)}`;
		}
		case 'swatch': {
			const n = source.readings === 1 ? '1 reading' : `${source.readings} readings`;
			return `${n}, ${STATE[source.state]}${source.otherColour ? ', from another colour of this yarn' : ''}${carried(source)}`;
		}
		case 'fresh-unused':
			return `${predictedFrom(source)}; the fresh readings wait for your consent`;
		case 'prior':
			return `${predictedFrom(source)}; no swatch of it yet`;
	}
}

/** Where nothing was knitted as it is to be fed now. */
const carried = ({ carried: from }: { readonly carried?: Fed }): string =>
	from ? `, carried over from ${wordFedFrom(from)} with a wider band` : '';

const swatches = (n: number) => (n === 1 ? '1 swatch' : `${n} swatches`);

/** What a prediction leans on: the yarn's thickness, and what else was measured. */
export function predictedFrom(leans: { onMachine: number; ofYarn: number }): string {
	const others = [
		...(leans.onMachine ? [`${swatches(leans.onMachine)} on this machine`] : []),
		...(leans.ofYarn ? [`${swatches(leans.ofYarn)} of it elsewhere or in other strands`] : [])
	];
	return `predicted from the yarn’s thickness${others.length ? `, ${others.join(' and ')}` : ''}`;
}

/** Where a loop length comes from, in one short phrase. */
export function wordLoopSource(source: LoopSource): string {
	switch (source.kind) {
		case 'unravelled':
			return source.rows === 1 ? 'from one unravelled row' : `from ${source.rows} unravelled rows`;
		case 'pieces':
			return `from ${source.pieces === 1 ? 'one piece' : `${source.pieces} pieces`} you weighed`;
		case 'weighed':
			return source.readings === 1
				? 'from a counted swatch you weighed'
				: `from ${source.readings} counted swatches you weighed`;
		case 'elsewhere':
			return `carried over from ${swatches(source.swatches)} on another machine`;
		case 'munden':
			return 'estimated from the gauge';
		case 'peirce':
			return 'estimated from the yarn’s thickness (Peirce)';
	}
}

/** What a plan takes from where, as its first line. */
export function wordTaken({ rowSource, stitchSource }: Taken): string {
	const [rows, stitches] = [wordSource(rowSource), wordSource(stitchSource)];
	return rows === stitches
		? `Rows and stitches: ${rows}.`
		: `Rows: ${rows}. Stitches: ${stitches}.`;
}
type Taken = Pick<Gauge, 'rowSource' | 'stitchSource'>;
