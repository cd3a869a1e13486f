<script lang="ts">
	import '../app.css';
	import { onMount, type Snippet } from 'svelte';
	import { page } from '$app/state';
	import { rackDb } from '$lib/ui/state/which-rack';
	import { welcome } from '$lib/ui/state/welcome';
	import { STORE_WORDS } from '$lib/store/failure';
	import Lazy from '$lib/ui/parts/Lazy.svelte';
	import LeavePage from '$lib/ui/parts/LeavePage.svelte';
	import NotStored from '$lib/ui/parts/NotStored.svelte';
	import { provideWorkbench, Workbench } from '$lib/ui/state/workbench.svelte';
	import { notices, wordUncaught } from '$lib/ui/state/notices.svelte';
	import TopBar from '$lib/ui/parts/TopBar.svelte';

	let { children }: { children: Snippet } = $props();
	const workbench = provideWorkbench(new Workbench(rackDb()));
	let keys = $state(false);
	// The crank view has the screen to itself.
	const crank = $derived(page.route.id === '/project/[id]/knit');

	onMount(() => {
		const stop = workbench.follow();
		welcome(workbench).catch(() => undefined);
		return stop;
	});
	/** What nobody else has caught is told: nothing fails in silence. */
	const onunhandledrejection = (e: PromiseRejectionEvent) =>
		void notices.warn(wordUncaught(e.reason));
	/** Where a view was begun again, and without which records: once is enough. */
	const begunAgain: string[] = [];
	/** A record that does not read is set apart, and the view goes on without it; anything else is said. */
	const broke = (part: 'bar' | 'view') => (error: unknown, reset: () => void) => {
		console.error(error);
		const again = () => {
			const without = workbench.unsound.map((u) => u.id).join(' ');
			const here = `${part} ${page.url.pathname} ${without}`;
			if (without === '' || begunAgain.includes(here)) return;
			begunAgain.push(here);
			reset();
		};
		workbench.check().then(again, () => undefined);
	};
	/** What a press set off and did not manage. */
	function onwindowerror(e: ErrorEvent) {
		// The browser's own note that a size changed while it was measured.
		if (!/ResizeObserver/.test(e.message)) void notices.warn(wordUncaught(e.error ?? e.message));
	}
	const failed = $derived(workbench.keeper.failed);
	const opening = $derived(workbench.trouble && STORE_WORDS[workbench.trouble]);
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

<svelte:window {onkeydown} {onunhandledrejection} onerror={onwindowerror as never} />
<a
	class="btn btn-neutral absolute top-1 left-1 z-50 -translate-y-16 focus:translate-y-0"
	href="#main">To the content</a
>
{#if !crank}
	<svelte:boundary onerror={broke('bar')}>
		<TopBar onkeys={() => (keys = true)} />
		{#snippet failed()}
			<nav class="flex gap-2 px-6 py-2" aria-label="Ways that still work">
				<a class="btn" href="/">Shelf</a>
				<a class="btn" href="/bench">Bench</a>
				<a class="btn" href="/keep">Files</a>
			</nav>
		{/snippet}
	</svelte:boundary>
{/if}
{#if opening}
	<p class="bg-error text-error-content px-6 py-2" role="alert">
		{opening.why}
		{opening.todo}
		<button class="btn btn-sm" onclick={() => location.reload()}>Reload</button>
	</p>
{/if}
{#if failed}
	<NotStored
		trouble={failed.trouble}
		what={failed.what.join(', ')}
		onagain={() => workbench.keeper.retry()}
	/>
{/if}
{#if notices.plain}
	<p class="border-warning bg-base-200 border-b px-6 py-2" role="status">
		{notices.plain.text}
		{#if notices.plain.action}<button
				class="btn btn-sm"
				onclick={() => {
					notices.plain?.action?.onClick();
					notices.plain = null;
				}}>{notices.plain.action.label}</button
			>{/if}
		<button class="btn btn-sm" onclick={() => (notices.plain = null)}>Close</button>
	</p>
{/if}
<LeavePage open={workbench.keeper.open} />
<main
	id="main"
	tabindex="-1"
	aria-busy={workbench.keeper.open}
	class={crank ? '' : 'mx-auto max-w-[1400px] px-4 pt-3 pb-10 sm:px-6'}
>
	{#if workbench.filling}
		<p class="quiet py-8" role="status">Putting in the lantern fair’s example…</p>
	{:else if workbench.ready}
		<svelte:boundary onerror={broke('view')}>
			{@render children()}
			{#snippet failed(error, reset)}
				<div class="border-error my-8 border-l-4 pl-4" role="alert">
					<h1 class="mb-2 text-xl">This view met something it cannot show</h1>
					<p class="mb-3">
						{error instanceof Error ? error.message : String(error)}. What is stored is safe, and
						the other views go on.
					</p>
					<button class="btn" onclick={reset}>Try again</button>
					<a class="btn" href="/" onclick={reset}>To the shelf</a>
					<a class="btn" href="/keep" onclick={reset}>Save a backup</a>
				</div>
			{/snippet}
		</svelte:boundary>
	{:else if !opening}
		<p class="quiet py-8" role="status">Opening your bench…</p>
	{/if}
</main>
<!-- Neither is needed at first sight, so neither is fetched with the first page. -->
{#if keys}
	<Lazy
		load={() => import('$lib/ui/parts/KeysHelp.svelte')}
		props={{
			get open() {
				return keys;
			},
			set open(is) {
				keys = is;
			}
		}}
		onfail={() => (keys = false)}
	/>
{/if}
{#if notices.wanted}
	{#await import('svelte-sonner') then { Toaster }}<Toaster
			position="bottom-right"
			theme="system"
			toastOptions={{
				unstyled: true,
				classes: { toast: 'alert', error: 'alert-error', actionButton: 'btn btn-sm' }
			}}
		/>{:catch}<!-- What is said is said plainly above then. -->{/await}
{/if}
