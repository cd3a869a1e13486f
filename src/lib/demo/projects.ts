import type { Project } from '../core/model/project';
import type { Options } from '../core/model/options';
import { loadRecipes, recipeFor } from '../core/recipe';
import { seal } from '../core/recipe/assembled/toys/seal';
import { assembled, ends, garment, id, project, tube } from './begin';
import { big, small } from './machines';
import { winter } from './winter-things';

/** Ideas for later: no yarn is held for them, so that the stall's order finds what it needs. */
const IDEAS = new Set(
	['harbourlight', 'net', 'gulls', 'watchcap', 'cloth'].map((k) => `project-${k}`)
);

const thought: Project[] = [
	{
		...project('first', 'Harbour master', 0, {
			head: { kind: 'table', size: 'man' },
			length: { by: 'rows', rows: 124 },
			scheme: { kind: 'one', yarn: id('bw-deep') }
		}),
		used: [{ yarnId: id('bw-deep'), grams: 86, how: 'weighed' }]
	},
	project('buoy', 'Buoy stripes', 3, {
		head: { kind: 'table', size: 'child' },
		brim: { turnedUp: false, heightCm: 4 },
		length: { by: 'rows', rows: 76 },
		scheme: { kind: 'stripes', yarns: [id('bw-foam'), id('bw-rust')], stripeRows: 4 }
	}),
	project('keeper', 'Lamp keeper', 7, {
		scheme: {
			kind: 'outer-lining',
			outer: id('bw-deep'),
			lining: id('bw-lantern'),
			liningExtraRows: 6
		}
	}),
	project('tideline', 'Tideline', 10, {
		brim: { turnedUp: false, heightCm: 5 },
		scheme: { kind: 'false-brim', main: id('bw-kelp'), brim: id('bw-foam'), brimRows: 30 }
	}),
	project('foghorn', 'Foghorn', 12, {
		head: { kind: 'measured', cm: 58 },
		scheme: { kind: 'one', yarn: id('gd-fog') },
		closing: 'zip'
	}),
	tube('tideband', 'Tide band', 14, {
		recipe: 'headband',
		yarns: [id('bw-kelp'), id('bw-foam')],
		stripes: '12 A, 6 B, 12 A, (3 B 3 A) and back'
	}),
	tube('harbourlight', 'Harbour light', 15, {
		recipe: 'scarf',
		yarns: [id('bw-deep'), id('bw-lantern'), id('bw-foam')],
		stripes: '60 A, 40 fade A to B, 9 times (6 B 6 C), 40 fade B to A, 60 A',
		length: { by: 'line' }
	}),
	tube('net', 'Net cowl', 16, {
		recipe: 'cowl',
		yarns: [id('bw-rust'), id('bw-foam')],
		stripes: '12 A, 4 B',
		twist: true
	}),
	project('gulls', 'Gull ears', 17, {
		recipe: 'corner-hat',
		head: { kind: 'table', size: 'child' },
		brim: { turnedUp: false, heightCm: 4 },
		scheme: { kind: 'stripes', yarns: [id('bw-foam'), id('bw-deep')], stripeRows: 5 },
		closing: 'slip'
	}),
	tube('watchcap', 'Night watch', 18, {
		recipe: 'hem-hat',
		yarns: [id('bw-deep'), id('bw-lantern')],
		stripes: '40 A, 4 B, 60 A',
		wasteWith: 'ravel'
	}),
	{
		...tube('landing', 'Landing socks', 19, {
			recipe: 'sock',
			yarns: [id('sl-mint'), id('sl-shell')],
			stripes: '6 B, 20 A, 4 B',
			aroundCm: 23.8
		}),
		machineId: small.id
	},
	{
		...tube('tackle', 'Candle pouch', 20, {
			recipe: 'pouch',
			yarns: [id('bw-rust')],
			stripes: '10 A',
			purlOut: true,
			wasteWith: 'ravel',
			length: { by: 'cm', cm: 14 }
		}),
		machineId: small.id
	},
	{
		...project('flags', 'Quay flags', 13, {}),
		options: {
			recipe: 'bunting',
			flags: 5,
			yarns: [id('bw-rust'), id('bw-foam')],
			width: { by: 'stitches', stitches: 25 },
			everyRows: 2,
			way: 'single',
			tip: 3,
			turn: 'switch'
		}
	},
	garment('vest', 'Pilot vest', 21, {
		recipe: 'vest',
		yarns: [id('bw-slate'), id('bw-foam')],
		stripes: '44 A, 4 B, 4 A, 4 B, 200 A',
		size: 'woman-s'
	}),
	garment('cardigan', 'Lamplit cardigan', 21, {
		recipe: 'cardigan',
		yarns: [id('bw-madder')],
		size: 'woman-m',
		edging: 'knitted',
		// Its left front was drawn shorter by itself.
		alone: [{ piece: 'front-left', measure: 'length', cm: 54 }]
	}),
	garment('cloth', 'Stall cloth', 22, {
		recipe: 'rectangle',
		yarns: [id('bw-rust'), id('bw-foam')],
		stripes: '6 A, 4 B',
		measures: { width: 66, height: 28 },
		wide: 'ladders',
		edging: 'crochet',
		wasteStart: 0
	}),
	assembled('bag', 'Ferry bag', 22, {
		recipe: 'folded-bag',
		yarns: [id('bw-slate'), id('bw-lantern')],
		line: '14 A, 4 B',
		length: { by: 'fold' },
		handleRows: 8,
		closing: 'slip',
		...ends
	}),
	assembled('seal', 'Skerry the seal', 23, {
		recipe: 'toy',
		yarns: [id('bw-slate'), id('bw-foam')],
		age: 'under-3',
		fill: 'usual',
		...seal.toy(small.id),
		...ends
	}),
	{
		...assembled('garland', 'Lantern garland', 23, {
			recipe: 'garland',
			yarns: [id('bw-lantern'), id('bw-rust'), id('bw-foam')],
			items: [
				{ kind: 'bauble', on: null, size: null },
				{ kind: 'pom-pom', on: null, size: null },
				{ kind: 'pumpkin', on: null, size: null },
				{ kind: 'flag', on: big.id, size: 17 }
			],
			order: 'shuffle',
			seed: 4,
			solve: 'spacing',
			number: 15,
			spacingCm: 16,
			spanCm: 240,
			sagCm: 34,
			loopCm: 12,
			cord: 'chain',
			cardCm: 6,
			fill: 'usual',
			...ends
		}),
		machineId: small.id
	}
];
thought.push(...winter);

await loadRecipes(thought.map((p) => p.options.recipe));
/** Only what means something to its own recipe. */
const own = (options: Options): Options => recipeFor(options)!.options.parse(options) as Options;
export const projects: Project[] = thought.map((p) => ({
	...p,
	options: own(p.options),
	...(IDEAS.has(p.id) && { holdsYarn: false })
}));
