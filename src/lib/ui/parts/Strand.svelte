<script lang="ts" module>
	export interface Station {
		readonly id: string;
		readonly label: string;
		readonly href: string | null;
		readonly state: 'done' | 'here' | 'ahead';
	}
</script>

<script lang="ts">
	/** The way through the work as one strand of yarn: knitted where done, looped where you are, loose ahead. */
	let { stations, colour }: { stations: readonly Station[]; colour: string } = $props();

	const PATHS = {
		done: 'M0 17c5 0 8-8 14-8s8 16 14 16 8-16 14-16 8 16 14 16 8-16 14-16 8 16 14 16 8-16 14-16 8 16 14 16 8-16 14-16 8 16 14 16 7-8 20-8',
		here: 'M0 17C70 17 106 14 106 4 106-9 62-9 62 4c0 10 36 13 98 13',
		ahead: 'M0 17c20-7 32 8 54 3s30-8 52-3 32 3 54 0'
	} as const;
</script>

<nav
	aria-label="The way through the work"
	class="min-w-0 flex-1 max-md:order-last max-md:basis-full"
>
	<ol class="flex">
		{#each stations as s (s.id)}
			{@const inner = s.state === 'here' ? 'font-bold' : s.href ? '' : 'quiet'}
			<li class="max-w-40 min-w-0 flex-1">
				<svelte:element
					this={s.href ? 'a' : 'span'}
					href={s.href}
					aria-current={s.state === 'here' ? 'page' : undefined}
					aria-disabled={s.href ? undefined : 'true'}
					role={s.href ? undefined : 'link'}
					class="block pt-1 no-underline"
				>
					<svg
						viewBox="0 -6 160 36"
						preserveAspectRatio="none"
						class="block h-8 w-full overflow-visible"
						aria-hidden="true"
					>
						<path
							d={PATHS[s.state]}
							fill="none"
							class="stroke-base-content/70"
							stroke-width={s.state === 'ahead' ? 4 : 7}
							vector-effect="non-scaling-stroke"
							stroke-linejoin="round"
						/>
						<path
							d={PATHS[s.state]}
							fill="none"
							stroke={colour}
							stroke-width={s.state === 'ahead' ? 2 : 4.6}
							vector-effect="non-scaling-stroke"
							stroke-linejoin="round"
						/>
					</svg>
					<span class={['block truncate pr-2 text-sm leading-5', inner]}>
						{#if s.state === 'here'}<span class="bg-accent text-accent-content rounded-sm px-1.5"
								>{s.label}</span
							>{:else}<span class={s.href ? 'underline-offset-3 hover:underline' : ''}
								>{s.label}{#if s.state === 'done'}<span aria-label=", done"> ✓</span>{/if}</span
							>{/if}
					</span>
				</svelte:element>
			</li>
		{/each}
	</ol>
</nav>
