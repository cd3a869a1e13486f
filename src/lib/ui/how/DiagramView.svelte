<script lang="ts">
	import { demonstrationOf } from '$lib/core/practice/demonstration';
	import type { Drawing } from '$lib/core/technique/drawing/drawing';
	import type { SkillId } from '$lib/core/technique/drawing/skills';
	import { learnerOf, ownRing } from '../practice/own-ring';
	import { useWorkbench } from '../state/workbench.svelte';
	import InkDrawing from './InkDrawing.svelte';

	/** The step by which a technique is known. */
	interface Props {
		id: SkillId;
		drawing: Drawing;
		outer?: string;
		inner?: string;
		width?: number;
	}
	let { id, drawing, width = 168, ...rest }: Props = $props();
	const workbench = useWorkbench();
	const ring = $derived(ownRing(workbench));
	const shown = $derived(demonstrationOf(id, learnerOf(ring, workbench.units), drawing));
	/** Fewer pins where there is less room: loops are to be worked by. */
	const room = $derived({ pins: width < 200 ? 3 : 5, rows: 2 });
</script>

<InkDrawing diagram={shown.at(shown.pictured, room).diagram} {width} {...rest} />
