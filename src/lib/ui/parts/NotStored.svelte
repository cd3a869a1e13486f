<script lang="ts">
	import { STORE_WORDS, type StoreTrouble } from '$lib/store/failure';

	interface Props {
		trouble: StoreTrouble;
		/** What is not stored, in the maker's words. */
		what: string;
		onagain: () => unknown;
	}
	let { trouble, what, onagain }: Props = $props();
	const words = $derived(STORE_WORDS[trouble]);
</script>

<p class="bg-error text-error-content px-4 py-2" role="alert">
	Not stored: {what}. {words.why} It stands on this page only. {words.todo}
	<button class="btn btn-sm" data-control onclick={() => void onagain()}>Try again</button>
</p>
