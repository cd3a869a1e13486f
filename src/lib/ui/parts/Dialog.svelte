<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';
	import { dialogTheme } from './dialog-theme';

	interface Props {
		open: boolean;
		title: string;
		children: Snippet;
		wide?: boolean;
		onclose?: () => void;
	}
	const theme = dialogTheme();
	let { open = $bindable(), title, children, wide = false, onclose }: Props = $props();
</script>

<Dialog.Root bind:open onOpenChange={(o) => !o && onclose?.()}>
	<Dialog.Portal>
		<Dialog.Overlay class="modal-backdrop fixed inset-0 z-40" />
		<div class="modal modal-open">
			<Dialog.Content data-theme={theme} class={['modal-box', wide && 'wide']}>
				<div class="mb-3 flex items-start justify-between gap-4">
					<Dialog.Title class="text-xl">{title}</Dialog.Title>
					<Dialog.Close class="btn btn-sm">Close</Dialog.Close>
				</div>
				{@render children()}
			</Dialog.Content>
		</div>
	</Dialog.Portal>
</Dialog.Root>
