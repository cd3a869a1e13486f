<script lang="ts">
	import '../app.css';
	import { onMount, type Snippet } from 'svelte';
	import { page } from '$app/state';
	import { TombleDb } from '$lib/store/db';
	import { welcome } from '$lib/ui/state/welcome';
	import { provideWorkbench, Workbench } from '$lib/ui/state/workbench.svelte';
	import { teller } from '$lib/ui/state/tell.svelte';
	import TopBar from '$lib/ui/parts/TopBar.svelte';

	let { children }: { children: Snippet } = $props();
	const workbench = provideWorkbench(new Workbench(new TombleDb()));
	let keys = $state(false);
	// The crank view has the screen to itself.
	const crank = $derived(page.route.id === '/project/[id]/knit');

	onMount(() => {
		const stop = workbench.follow();
		void welcome(workbench.db);
		return stop;
	});
	$effect(() => {
		const { theme } = workbench.settings;
		const root = document.documentElement;
		const dark = matchMedia('(prefers-color-scheme: dark)');
		const apply = () => {
			root.dataset.theme = theme === 'dark' || (theme === 'auto' && dark.matches) ? 'night' : 'fog';
		};
		apply();
		dark.addEventListener('change', apply);
		return () => dark.removeEventListener('change', apply);
	});

	function onkeydown(e: KeyboardEvent) {
		const typing = e.target instanceof HTMLElement && e.target.matches('input, textarea, select');
		if (e.key === '?' && !typing) {
			e.preventDefault();
			keys = true;
		}
	}
</script>

<svelte:window {onkeydown} />
<a class="act act-main absolute top-1 left-1 z-50 -translate-y-16 focus:translate-y-0" href="#main"
	>To the content</a
>
{#if !crank}<TopBar onkeys={() => (keys = true)} />{/if}
{#if workbench.failure}
	<p class="bg-error text-error-content px-6 py-2" role="alert">
		The browser’s storage does not answer: {workbench.failure}. Nothing is lost that was stored;
		close other tabs of Tomble and reload, and check that the browser is not in private mode or out
		of space.
	</p>
{/if}
<main id="main" tabindex="-1" class={crank ? '' : 'mx-auto max-w-[1400px] px-4 pt-3 pb-10 sm:px-6'}>
	{#if workbench.ready}
		{@render children()}
	{:else}
		<p class="quiet py-8">Opening your bench…</p>
	{/if}
</main>
<!-- Neither is needed at first sight, so neither is fetched with the first page. -->
{#if keys}
	{#await import('$lib/ui/parts/KeysHelp.svelte') then { default: KeysHelp }}<KeysHelp
			bind:open={keys}
		/>{/await}
{/if}
{#if teller.wanted}
	{#await import('svelte-sonner') then { Toaster }}<Toaster
			position="bottom-right"
			theme="system"
		/>{/await}
{/if}
