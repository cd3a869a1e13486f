<script lang="ts">
	import type { FinishStep } from '$lib/core/finish/steps';

	let { step, outer, inner }: { step: FinishStep; outer: string; inner: string } = $props();
	const W = 92;
	const H = 60;
	const loops = [14, 26, 38, 50, 62, 74];
</script>

<!-- One hand for all: grey fabric, the yarn that works in the accent with a dark outline. -->
{#snippet strand(d: string)}
	<path
		{d}
		fill="none"
		class="stroke-base-content"
		stroke-width="5"
		stroke-linecap="round"
		stroke-linejoin="round"
	/>
	<path
		{d}
		fill="none"
		class="stroke-accent"
		stroke-width="2.6"
		stroke-linecap="round"
		stroke-linejoin="round"
	/>
{/snippet}
{#snippet row(y: number, colour: string)}
	{#each loops as x (x)}
		<path
			d={`M${x - 5} ${y + 16}C${x - 6} ${y + 2} ${x - 4} ${y} ${x} ${y}S${x + 6} ${y + 2} ${x + 5} ${y + 16}`}
			fill="none"
			class="stroke-base-content/70"
			stroke-width="5"
		/>
		<path
			d={`M${x - 5} ${y + 16}C${x - 6} ${y + 2} ${x - 4} ${y} ${x} ${y}S${x + 6} ${y + 2} ${x + 5} ${y + 16}`}
			fill="none"
			stroke={colour}
			stroke-width="3"
		/>
	{/each}
{/snippet}

<svg width={W} height={H} viewBox={`0 0 ${W} ${H}`} class="shrink-0 self-center" aria-hidden="true">
	{#if step.do === 'pick-up'}
		{@render row(26, step.edge === 'cast-on' ? outer : inner)}
		{@render strand('M2 34C30 34 60 34 82 34')}
		<path d="M82 34l9-4-3 4 3 4z" class="fill-base-content" />
	{:else if step.do === 'gather'}
		<path
			d="M6 56C12 30 34 20 46 18 58 20 80 30 86 56"
			fill={step.inner ? inner : outer}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		{#each [-28, -14, 0, 14, 28] as a (a)}<path
				d={`M46 19Q${46 + a * 0.5} 32 ${46 + a} 54`}
				fill="none"
				stroke="#0b1820"
				stroke-opacity="0.3"
				stroke-width="1.5"
			/>{/each}
		{@render strand('M40 19c-4 5 16 5 12 0s-14 3-6 1V3')}
	{:else if step.do === 'zip'}
		{@render row(34, outer)}
		<g transform="rotate(180 44 20)">{@render row(22, inner)}</g>
		{@render strand('M8 36L20 20 26 36 32 20 38 36 44 20 50 36 56 20 62 36 68 20 74 36 86 26')}
	{:else if step.do === 'close-flat'}
		{@render row(34, outer)}
		<g transform="rotate(180 44 20)">{@render row(22, outer)}</g>
		{@render strand('M6 30C12 22 18 38 24 30S36 22 42 30 54 38 60 30 72 22 86 30')}
	{:else if step.do === 'close-crown'}
		<path
			d="M10 58V16L46 20 82 16V58z"
			fill={outer}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		<path d="M16 58V24L46 27 76 24V58z" fill={inner} opacity="0.85" />
		{@render strand('M10 16c5 6 9-4 14 2s9-3 14 2 11 0 16-1 10-6 14-1 9-3 14-2')}
	{:else if step.do === 'hem'}
		<path d="M14 4H78V40H14z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		<path d="M14 40H78V56H14z" fill={inner} class="stroke-base-content/70" stroke-width="1.5" />
		{@render strand('M14 39l6 4 6-4 6 4 6-4 6 4 6-4 6 4 6-4 6 4 6-4 4 3')}
		<path d="M86 54V42m-4 5l4-5 4 5" fill="none" class="stroke-base-content" stroke-width="2" />
	{:else if step.do === 'inside-out'}
		<path d="M22 10H70V54H22z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		{#each [18, 26, 34, 42] as y (y)}<path
				d={`M26 ${y}q4-4 8 0t8 0 8 0 8 0 8 0`}
				fill="none"
				stroke="#0b1820"
				stroke-opacity="0.4"
				stroke-width="2"
			/>{/each}
		<path
			d="M10 34C4 20 12 8 22 8m-5-4l5 4-5 4"
			fill="none"
			class="stroke-base-content"
			stroke-width="2.5"
		/>
	{:else if step.do === 'drawstring'}
		<path
			d="M24 22C30 18 62 18 68 22L74 56H18z"
			fill={outer}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		{@render strand('M26 20C36 25 56 25 66 20L84 8M66 20l20 6')}
	{:else if step.do === 'straps'}
		<path d="M22 26H70V58H22z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		{@render strand('M32 26C34-4 58-4 60 26')}
	{:else if step.do === 'thumb'}
		<path d="M26 4H66V56H26z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		<ellipse cx="46" cy="30" rx="13" ry="5" class="fill-base-100 stroke-base-content/70" />
		{@render strand('M33 30c0-8 26-8 26 0s-26 8-26 0')}
	{:else if step.do === 'bind'}
		{@render row(30, outer)}
		{@render strand('M6 30C14 18 22 18 26 28S38 18 44 28 54 18 60 28 70 18 86 24')}
	{:else if step.do === 'join-ring'}
		<path d="M46 8a26 20 0 1 1-8 .6" fill="none" stroke={outer} stroke-width="11" />
		{@render strand('M36 4l12 9-12 3 12 5')}
	{:else if step.do === 'hook-ends'}
		<path d="M2 40C30 40 50 36 50 24S34 10 34 22" fill="none" stroke={outer} stroke-width="10" />
		<path d="M90 18C62 18 42 24 42 36s18 12 18 2" fill="none" stroke={inner} stroke-width="10" />
	{:else if step.do === 'ties'}
		<path d="M14 26H78V54H14z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		{@render strand('M20 26C10 4 34 4 28 26M64 26C54 4 78 4 72 26')}
	{:else if step.do === 'draw-tip'}
		<path d="M12 6H80L50 54H42z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		{@render strand('M40 50c6-6 10 8 14 0s-12-6-8 4')}
	{:else if step.do === 'string'}
		<path d="M8 18H42L30 50H20zM50 18H84L72 50H62z" fill={outer} class="stroke-base-content/70" />
		{@render strand('M2 14Q46 24 90 14')}
	{:else if step.do === 'tuck'}
		<path d="M14 8V54H78V8" fill="none" stroke={outer} stroke-width="7" />
		<path d="M26 8V46H66V8" fill="none" stroke={inner} stroke-width="6" />
		<path d="M46 4v26m-8-8l8 8 8-8" fill="none" class="stroke-base-content" stroke-width="2.5" />
	{:else if step.do === 'meet'}
		<path
			d="M8 58C14 28 34 16 46 15 58 16 78 28 84 58"
			fill={outer}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		<path
			d="M18 58C22 36 38 27 46 26 54 27 70 36 74 58"
			fill={inner}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		{@render strand('M42 14v13l4-13v13l4-13v13')}
	{:else if step.do === 'turn-up'}
		<path
			d="M14 36C14 12 30 6 46 6S78 12 78 36z"
			fill={outer}
			class="stroke-base-content/70"
			stroke-width="1.5"
		/>
		<path d="M10 36H82V54H10z" fill={inner} class="stroke-base-content/70" stroke-width="1.5" />
		<path d="M88 56V34m-4 5l4-5 4 5" fill="none" class="stroke-base-content" stroke-width="2" />
	{:else if step.do === 'weave-in' || step.do === 'join-tails'}
		{@render row(20, outer)}
		{@render strand('M4 50C18 50 20 28 32 30s10 10 20 2 12-6 22 2')}
	{:else if step.do === 'waste-off'}
		{@render row(24, '#9fb0b8')}
		{@render strand('M86 6C70 10 78 30 64 31S30 31 8 31')}
	{:else if step.do === 'measure'}
		<path d="M10 16H82V40H10z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		<path
			d="M10 46H82M10 46v8M82 46v8M28 46v5M46 46v5M64 46v5"
			class="stroke-base-content"
			stroke-width="1.5"
		/>
	{:else if step.do === 'rest'}
		<path d="M12 22H80V42H12z" fill={outer} class="stroke-base-content/70" stroke-width="1.5" />
		<path
			d="M8 32H0m4-4l-4 4 4 4M84 32h8m-4-4l4 4-4 4"
			fill="none"
			class="stroke-base-content"
			stroke-width="2"
		/>
	{/if}
</svg>
