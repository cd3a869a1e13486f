<script lang="ts">
	import { EYES, FILLS, TOY_AGES } from '$lib/core/model/kinds';
	import type { ToyWish } from '$lib/core/recipe/things/options';
	import { TOY_PRESETS, toyFrom } from '$lib/core/recipe/things/toy';
	import Choice from '../parts/Choice.svelte';
	import Select from '../parts/Select.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import { useWorkbench } from '../state/workbench.svelte';

	let { wish, editor }: { wish: ToyWish; editor: ProjectEditor } = $props();
	const workbench = useWorkbench();
	const AGE = { 'under-3': 'under three', 'from-3': 'three and over' } as const;

	/** The parts of a set, in the yarns and for the age that are chosen already. */
	function begin(id: string) {
		const preset = TOY_PRESETS.find((t) => t.id === id);
		const made = preset && toyFrom(preset, workbench.bench);
		if (!preset || !made) return;
		const yarns = [...wish.yarns];
		for (const y of workbench.bench.yarns)
			if (yarns.length < preset.yarns && !yarns.includes(y.id)) yarns.push(y.id);
		while (yarns.length < preset.yarns) yarns.push(yarns.at(-1)!);
		editor.wish('another toy', { parts: made.parts, stands: made.stands, eyes: made.eyes, yarns });
	}
</script>

<Choice
	label="For a child"
	value={wish.age}
	options={TOY_AGES.map((value) => ({
		value,
		label: AGE[value],
		hint: value === 'under-3' ? 'Nothing that comes off: no buttons, beads or loose parts' : ''
	}))}
	onvalue={(age) => editor.wish('age', { age })}
/>
<Choice
	label="Stuffed"
	value={wish.fill}
	options={FILLS.map((value) => ({ value, label: value === 'usual' ? 'as usual' : `${value}ly` }))}
	onvalue={(fill) => editor.wish('stuffing', { fill })}
/>
<Choice
	label="Eyes"
	value={wish.eyes.kind}
	options={EYES.map((value) => ({
		value,
		label: value === 'button' || value === 'bead' ? `${value}s` : value
	}))}
	onvalue={(kind) => editor.wish('eyes', { eyes: { ...wish.eyes, kind } })}
/>
{#if wish.recipe === 'toy'}
	<Choice
		label="It is seen"
		value={wish.stands}
		options={[
			{ value: 'upright', label: 'upright, from the front' },
			{ value: 'lying', label: 'lying, from the side' }
		]}
		onvalue={(stands) => editor.wish('how it stands', { stands })}
	/>
	<div class="w-44">
		<Select
			label="Begin again with"
			value=""
			options={[
				{ value: '', label: 'a set of parts…' },
				...TOY_PRESETS.filter((t) => t.id !== 'ball').map((t) => ({ value: t.id, label: t.name }))
			]}
			onvalue={begin}
		/>
	</div>
{/if}
