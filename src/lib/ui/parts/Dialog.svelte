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
		<Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
		<Dialog.Content
			data-theme={theme}
			class={[
				'bg-base-100 text-base-content rule-line fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[min(94vw,var(--w))] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-[5px] border p-5',
				wide ? '[--w:52rem]' : '[--w:32rem]'
			]}
		>
			<div class="mb-3 flex items-start justify-between gap-4">
				<Dialog.Title class="text-xl">{title}</Dialog.Title>
				<Dialog.Close class="btn btn-sm">Close</Dialog.Close>
			</div>
			{@render children()}
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>
