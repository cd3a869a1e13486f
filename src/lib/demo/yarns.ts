import { found } from '../core/quantity/sure';
import type { Yarn } from '../core/model/bench';
import { holdTogether } from '../core/bench/yarn/held-together';

type YarnRow = [id: string, name: string, colourName: string, colour: string, grams: number];

const worsted = ([id, name, colourName, colour, gramsOnHand]: YarnRow): Yarn => ({
	id: id as Yarn['id'],
	name,
	colourName,
	colour,
	weightClass: 4,
	metresPer100g: 200,
	fibres: [
		{ fibre: 'wool', percent: 75 },
		{ fibre: 'nylon', percent: 25 }
	],
	gramsOnHand,
	ballGrams: 100,
	strands: 1,
	strength: 'strong',
	surface: 'smooth',
	stretch: 'stretchy',
	wrapsPerInch: null,
	wash: 'machine-30',
	dry: 'flat',
	phases: [],
	heldTogether: [],
	cutFrom: null
});
const light = (row: YarnRow): Yarn => ({
	...worsted(row),
	weightClass: 3,
	metresPer100g: 260,
	ballGrams: 50,
	fibres: [{ fibre: 'acrylic', percent: 100 }],
	wash: 'machine-40',
	dry: 'tumble'
});

export const yarns: Yarn[] = [
	worsted(['bw-foam', 'Breakwater', 'foam', '#dfe6e2', 240]),
	worsted(['bw-deep', 'Breakwater', 'deep water', '#1f4e63', 310]),
	worsted(['bw-lantern', 'Breakwater', 'lantern', '#e6a63a', 130]),
	worsted(['bw-rust', 'Breakwater', 'rusted chain', '#a2472c', 95]),
	worsted(['bw-kelp', 'Breakwater', 'kelp', '#59683a', 180]),
	worsted(['bw-dusk', 'Breakwater', 'dusk', '#6d5a86', 64]),
	worsted(['bw-slate', 'Breakwater', 'slate roof', '#4b6076', 420]),
	worsted(['bw-madder', 'Breakwater', 'madder sail', '#a34a52', 460]),
	light(['sl-shell', 'Slipway', 'shell', '#e9cfc4', 150]),
	light(['sl-mint', 'Slipway', 'sea glass', '#8fbfae', 100]),
	{
		...worsted(['gd-fog', 'Gull down', 'fog', '#b9bfc4', 100]),
		metresPer100g: 185,
		fibres: [
			{ fibre: 'alpaca', percent: 60 },
			{ fibre: 'wool', percent: 40 }
		],
		strength: 'weak',
		surface: 'fuzzy',
		wash: 'hand'
	},
	{
		...worsted(['qc-rope', 'Quay cotton', 'rope', '#cbb68c', 200]),
		metresPer100g: 170,
		ballGrams: 50,
		fibres: [{ fibre: 'cotton', percent: 100 }],
		stretch: 'little',
		wash: 'machine-40',
		dry: 'line'
	},
	{
		...light(['tw-night', 'Twin line', 'night tide', '#2b3050', 180]),
		weightClass: 1,
		metresPer100g: 400,
		fibres: [
			{ fibre: 'wool', percent: 80 },
			{ fibre: 'nylon', percent: 20 }
		],
		strands: 2
	},
	{
		...light(['tw-reed', 'Twin line', 'reed', '#b7a85a', 90]),
		weightClass: 1,
		metresPer100g: 400,
		fibres: [
			{ fibre: 'wool', percent: 80 },
			{ fibre: 'nylon', percent: 20 }
		]
	},
	{
		...worsted(['aw-aurora', 'Afterglow', 'winter aurora', '#3f6f86', 200]),
		ballGrams: 200,
		fibres: [{ fibre: 'acrylic', percent: 100 }],
		wash: 'machine-40',
		dry: 'tumble',
		phases: [
			{ colour: '#22395c', colourName: 'midnight', metres: 70 },
			{ colour: '#2f7d86', colourName: 'green light', metres: 55 },
			{ colour: '#8fc3a1', colourName: 'pale light', metres: 45 },
			{ colour: '#c9a3c4', colourName: 'rose', metres: 60 },
			{ colour: '#6a4c86', colourName: 'violet', metres: 70 }
		]
	},
	{
		...worsted(['mk-smoke', 'Mooring mohair', 'smoke', '#8c93a3', 50]),
		weightClass: 0,
		metresPer100g: 840,
		ballGrams: 25,
		fibres: [
			{ fibre: 'mohair', percent: 70 },
			{ fibre: 'silk', percent: 30 }
		],
		surface: 'fuzzy',
		wash: 'hand'
	},
	{
		...worsted(['hw-anchor', 'Hawser', 'anchor', '#4a4f55', 300]),
		weightClass: 5,
		metresPer100g: 120,
		wash: 'hand'
	}
];

/** Two strands of one line and one of mohair: what the stall sells as its warm hats. */
const warm = holdTogether('ht-warm' as Yarn['id'], [
	{ yarn: found(yarns, (y) => y.id === 'tw-reed'), strands: 2 },
	{ yarn: found(yarns, (y) => y.id === 'mk-smoke'), strands: 1 }
]);
yarns.push(warm);

/** A reading as someone noted it, by notation. */
