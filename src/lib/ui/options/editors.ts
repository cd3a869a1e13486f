import type { Component } from 'svelte';
import type { EditorProps } from './editor';
import FreePieces from './FreePieces.svelte';
import GarlandItems from './GarlandItems.svelte';
import LadderPins from './LadderPins.svelte';
import LineOption from './LineOption.svelte';
import Measures from './Measures.svelte';
import Places from './Places.svelte';
import StripeField from './StripeField.svelte';
import ToyParts from './ToyParts.svelte';
import WasteChoices from './WasteChoices.svelte';
import WiderWays from './WiderWays.svelte';
import YarnPicks from './YarnPicks.svelte';

/** The parts that edit what is more than a number or a choice, by the name an option's metadata gives. */
export const EDITORS: Readonly<Record<string, Component<EditorProps>>> = {
	yarns: YarnPicks,
	stripes: StripeField,
	// The same line; the ribbon edits it too.
	ribbon: StripeField,
	line: LineOption,
	waste: WasteChoices,
	measures: Measures,
	pieces: FreePieces,
	parts: ToyParts,
	items: GarlandItems,
	places: Places,
	ladders: LadderPins,
	wider: WiderWays
};
