import { untrack } from 'svelte';
import type { EventContext } from '$lib/core/words/context';
import { isEventRow, isWarnRow, spokenAt } from '$lib/core/words/spoken';
import type { Settings } from '$lib/store/settings';
import type { Run } from '../../state/run.svelte';
import type { Crank } from '../crank.svelte';
import { play } from './sounds';
import type { Voice } from './voice.svelte';

interface Telling {
	readonly crank: () => Crank;
	readonly run: () => Run;
	readonly settings: () => Settings;
	readonly context: () => EventContext;
	readonly voice: Voice;
	/** A row was done or taken back. */
	readonly ontell: () => void;
}

/** Sounds and words for the row that was just done; only where this tab counts. Called while a component is set up. */
export function tellRows({ crank, run, settings, context, voice, ontell }: Telling): void {
	let told = untrack(() => crank().state.done);
	$effect(() => {
		const { done } = crank().state;
		untrack(() => {
			ontell();
			const is = settings();
			const { sheet } = crank();
			const on = done > told && run().leads;
			told = done;
			if (!on) return;
			if (isEventRow(sheet, done)) {
				if (is.eventSound) play('event');
			} else if (isWarnRow(sheet, done)) {
				if (is.warnSound) play('warn');
			} else if (is.rowSound) play('row');
			const words = is.voice ? spokenAt(sheet, done, context()) : null;
			if (words) voice.say(words);
		});
	});
}
