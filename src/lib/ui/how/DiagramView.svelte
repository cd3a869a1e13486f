<script lang="ts">
	import { frameDrawing } from '$lib/core/practice/frames';
	import { frameOfSkill } from '$lib/core/practice/skills';
	import type { Drawing } from '$lib/core/technique/drawing/draw';
	import { diagramOf, isPlayed, type SkillId } from '$lib/core/technique/drawing/skills';
	import { learnerOf, ownRing } from '../practice/own-ring';
	import { useWorkbench } from '../state/workbench.svelte';
	import InkDrawing from './InkDrawing.svelte';

	interface Props {
		id: SkillId;
		drawing?: Drawing;
		outer?: string;
		inner?: string;
		width?: number;
		named?: boolean;
	}
	let { id, drawing = { loops: 48 }, width = 168, ...rest }: Props = $props();
	const workbench = useWorkbench();
	const ring = $derived(ownRing(workbench));
	/** Fewer pins where there is less room: loops are to be worked by. */
	const pins = $derived(width < 200 ? 3 : 5);
	const diagram = $derived(
		isPlayed(id)
			? frameDrawing(frameOfSkill(id, learnerOf(ring, workbench.units), drawing.loops), pins, 2)
			: diagramOf(id, drawing)
	);
</script>

<InkDrawing {diagram} {width} {...rest} />
