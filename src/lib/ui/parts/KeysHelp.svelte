<script lang="ts">
	import { page } from '$app/state';
	import Dialog from './Dialog.svelte';

	let { open = $bindable() }: { open: boolean } = $props();
	const EVERYWHERE = [['?', 'Show these keys']] as const;
	const HERE: Record<string, readonly (readonly [string, string])[]> = {
		'/project/[id]/plan': [
			['Ctrl Z', 'Undo'],
			['Ctrl Shift Z', 'Redo'],
			['K', 'Knit this'],
			['Ctrl P', 'Print the plan']
		],
		'/project/[id]/knit': [
			['Space, Enter, Page down', 'Count a row (a pedal types one of these)'],
			['Backspace or U', 'Take the last one back'],
			['J', 'Jump to a row'],
			['N', 'New ball, slot or hand, a note, off the machine now'],
			['F', 'Note a fault'],
			['R', 'Set a fault right'],
			['O', 'Some rows off: find out'],
			['P', 'Pause; any count key goes on'],
			['H', 'Voice, sounds, sensor'],
			['C', 'Other counter reading large'],
			['Escape', 'Back to the plan']
		],
		'/bench': [
			['/', 'Find a yarn'],
			['↑ ↓', 'The next yarn in the list'],
			['← →', 'The next tab, from a tab'],
			['Ctrl Z', 'Undo'],
			['Ctrl Shift Z', 'Redo']
		],
		'/practice/[lesson]': [
			['← →', 'Point at the next pin'],
			['1 to 9', 'Use a tool there'],
			['. and ,', 'The crank a pin forward, a pin back'],
			['N and B', 'A row forward, a row back'],
			['S', 'Slow or fast'],
			['O', 'And so on, as the last acts'],
			['H', 'Point at the feeder'],
			['Z, Shift Z', 'Take back, do again'],
			['L', 'Done: look at it'],
			['Page down, Page up', 'The next step shown, the one before']
		],
		'/': [
			['N', 'New hat'],
			['M', 'What can I make?']
		]
	};
	const list = $derived([...(HERE[page.route.id ?? ''] ?? []), ...EVERYWHERE]);
</script>

<Dialog bind:open title="Keys that work here">
	<dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
		{#each list as [key, does] (key)}
			<dt>
				<kbd class="rule-line bg-base-200 rounded border px-1.5 py-0.5 text-sm whitespace-nowrap"
					>{key}</kbd
				>
			</dt>
			<dd>{does}</dd>
		{/each}
	</dl>
</Dialog>
