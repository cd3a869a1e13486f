/** The usual caution at a step, one plain sentence each (common practice). */
export const CAUTIONS = {
	'hooks-and-scissors':
		'Picks, needles and scissors are sharp: work away from your hands and keep them from children.',
	pinch:
		'Fingers, hair and cords clear of the pins; never force the crank, find out what blocks it.',
	strain:
		'Set the machine at elbow height, take breaks, and stop if it hurts; a clinician can tell you more.',
	'baby-sleep': 'Baby hats come off for sleep; the hospital’s own list and local rules decide.',
	cords:
		'Cords and ties stay off children’s clothes at the neck and away from cots; local rules decide.',
	garland:
		'Hang garlands out of children’s reach and away from flames and lamps; the place’s own rules decide.',
	slippery: 'Socks slip on hard floors: bare feet or shoes there, and above all on stairs.',
	'under-three':
		'For under-threes nothing may come off: no buttons, beads or loose parts; toy rules decide if it is sold or given.',
	'light-loads': 'Bag handles are for light loads: knitting stretches, and seams give.',
	'hot-water': 'Acrylic softens in heat: keep hot dryers and irons at a distance.'
} as const satisfies Record<string, string>;
export type CautionCode = keyof typeof CAUTIONS;
