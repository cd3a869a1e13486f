/** A panel turned by the switch, or by hand in tube mode (common practice). */
export const TURN_WORDS = {
	switch: { label: 'by the switch', hint: 'Panel mode: stops near the marker' },
	hand: { label: 'by hand', hint: 'Tube mode: you turn back at each edge' }
};
