<script lang="ts">
	import type { Thing } from '$lib/core/thing/shape';

	/** A finished thing to scale, as it stands on the rack or among what can be made. */
	interface Props {
		thing: Thing;
		colours: readonly string[];
		/** Px for a cm. */
		px: number;
		/** What is seen, for who does not see it; nothing where it is said beside it. */
		label?: string;
	}
	let { thing, colours, px, label }: Props = $props();
	const id = $props.id();
	const width = $derived(Math.ceil(thing.widthCm * px));
	const height = $derived(Math.ceil(thing.heightCm * px));
	const colour = (yarn: number) => colours[yarn] ?? 'var(--color-base-300)';
	/** A stitch of the texture, cm: coarser than it is where it would be a speck. */
	const stitch = $derived(Math.max(0.45, 3.2 / px));
	const round = $derived(thing.shapes.some((s) => s.round));
	/** Smaller than this a texture is a haze, and hundreds of things of it are slow to paint, px for a cm. */
	const NEAR_PX = 4;
	const knitted = $derived(px >= NEAR_PX);
</script>

<svg
	{width}
	{height}
	viewBox={`${thing.at.x} ${thing.at.y} ${thing.widthCm} ${thing.heightCm}`}
	class="block max-w-full"
	role={label ? 'img' : undefined}
	aria-label={label}
	aria-hidden={label ? undefined : 'true'}
>
	<defs>
		{#if knitted}<pattern
				id={`${id}-knit`}
				width={stitch}
				height={stitch}
				patternUnits="userSpaceOnUse"
			>
				<path
					d={`M0 0L${stitch / 2} ${stitch * 0.8}L${stitch} 0`}
					fill="none"
					stroke="#0b1820"
					stroke-opacity="0.2"
					stroke-width={stitch * 0.2}
				/>
			</pattern>{/if}
		{#if round}
			<radialGradient id={`${id}-round`} cx="0.4" cy="0.32" r="0.8">
				<stop offset="0" stop-color="white" stop-opacity="0.28" />
				<stop offset="0.5" stop-color="white" stop-opacity="0" />
				<stop offset="1" stop-color="#0b1820" stop-opacity="0.36" />
			</radialGradient>
		{/if}
	</defs>
	{#each thing.shapes as s, i (i)}
		{#if s.strand}
			<path
				d={s.d}
				fill="none"
				class="stroke-base-content/70"
				stroke-width={s.strand.cm + 2.4 / px}
			/>
			<path d={s.d} fill="none" stroke={colour(s.strand.yarn)} stroke-width={s.strand.cm} />
		{:else if s.fill === 'skin'}
			<path d={s.d} class="fill-base-200 stroke-base-content/40" stroke-width={1.2 / px} />
		{:else if s.fill === 'ink'}
			<path d={s.d} fill="#16222b" stroke="white" stroke-width={0.8 / px} />
		{:else}
			{#if s.fill !== undefined}<path
					d={s.d}
					fill={colour(s.fill)}
					stroke={colour(s.fill)}
					stroke-width={0.6 / px}
				/>{/if}
			{#if s.shade}<path d={s.d} fill="#0b1820" fill-opacity={s.shade} />{/if}
			{#if s.round}<path d={s.d} fill={`url(#${id}-round)`} />{/if}
			{#if s.edge}<path
					d={s.d}
					fill={knitted && s.d.endsWith('Z') ? `url(#${id}-knit)` : 'none'}
					class="stroke-base-content/75"
					stroke-width={1.4 / px}
					stroke-linejoin="round"
				/>{/if}
		{/if}
	{/each}
</svg>
