<script lang="ts">
	import type { Drawing } from '$lib/core/technique/drawing/draw';
	import { diagramOf, type SkillId } from '$lib/core/technique/drawing/skills';
	import InkDrawing from './InkDrawing.svelte';

	interface Props {
		id: SkillId;
		drawing?: Drawing;
		outer?: string;
		inner?: string;
		width?: number;
		named?: boolean;
	}
	let { id, drawing = { loops: 48 }, ...rest }: Props = $props();
	const diagram = $derived(diagramOf(id, drawing));
</script>

<InkDrawing {diagram} {...rest} />
