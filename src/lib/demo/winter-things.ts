import type { Project } from '../core/model/project';
import { id, tube } from './begin';
import { small } from './machines';

/** Made last winter for the same stall, in thin yarn on the small ring: their logs are what the next ones are planned by. */
export const winter: Project[] = (
	[
		[
			'oars',
			'Oar warmers',
			-302,
			{ recipe: 'warmers', yarns: ['sl-shell', 'sl-mint'], stripes: '8 A, 8 B' }
		],
		[
			'deck',
			'Deck socks',
			-295,
			{ recipe: 'sock', yarns: ['sl-mint', 'sl-shell'], stripes: '6 B, 20 A, 4 B' }
		],
		['match', 'Matchbox pouch', -281, { recipe: 'pouch', yarns: ['sl-shell'], stripes: '10 A' }],
		[
			'oars-2',
			'Oar warmers 2',
			-270,
			{ recipe: 'warmers', yarns: ['sl-mint', 'sl-shell'], stripes: '8 A, 8 B' }
		],
		[
			'buoyband',
			'Buoy band',
			-254,
			{ recipe: 'headband', yarns: ['sl-shell', 'sl-mint'], stripes: '12 A, 6 B' }
		]
	] as const
).map(([key, name, day, { recipe, yarns, stripes }]) => ({
	...tube(key, name, day, { recipe, yarns: yarns.map(id), stripes }),
	machineId: small.id,
	holdsYarn: false
}));
