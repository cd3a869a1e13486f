<script lang="ts">
	import { Popover } from 'bits-ui';
	import type { SlipPhrase } from '$lib/core/recipe/slip';
	import type { Project } from '$lib/core/model/project';
	import type { Plan } from '$lib/core/plan';
	import { EDITORS } from '../options/editors';
	import { useDrafts } from '../parts/drafts.svelte';
	import type { Pointing } from '../state/pointing.svelte';
	import type { ProjectEditor } from '../state/project-editor.svelte';
	import PhraseOption from './PhraseOption.svelte';
	import RingList from './RingList.svelte';

	/** A phrase of the slip: underlined in the yarn's colour, and open beside itself when it is pressed. */
	interface Props {
		phrase: SlipPhrase;
		project: Project;
		plan: Plan;
		editor: ProjectEditor;
		pointing: Pointing;
		/** Its name is said before it. */
		named?: boolean;
	}
	let { phrase, project, plan, editor, pointing, named = false }: Props = $props();
	const drafts = useDrafts();
	let open = $state(false);
	let content = $state<HTMLElement | null>(null);
	const wrong = $derived(phrase.controls.some((c) => drafts?.of(c.key)));
	const done = () => (open = false);
	/** Closed by a press elsewhere: the focus is left where it went. */
	let left = false;

	/** What is chosen has the focus, or the figure, ready to be typed over. */
	function focus(e: Event) {
		const at =
			content?.querySelector<HTMLInputElement>('input:checked') ??
			content?.querySelector<HTMLInputElement>('input, textarea, select');
		if (!at) return;
		e.preventDefault();
		at.focus();
		at.scrollIntoView({ block: 'nearest' });
		if (at.type === 'text') at.select();
	}
	/** A press elsewhere is that and nothing less: it closes what is open at once, whatever becomes of what was pressed. */
	function onpointerdown({ target }: PointerEvent) {
		if (!open || !(target instanceof Element) || content?.contains(target)) return;
		// Its own phrase closes it by itself.
		if (target.closest('.phrase[data-state="open"]')) return;
		left = true;
		open = false;
	}
	/** A figure is finished by Enter, and its phrase with it unless it cannot be read. */
	function onkeydown(e: KeyboardEvent) {
		if (e.key !== 'Enter' || !(e.target instanceof HTMLInputElement)) return;
		setTimeout(() => {
			if (!content?.querySelector('[aria-invalid="true"]')) open = false;
		});
	}
</script>

<svelte:document {onpointerdown} />
<!-- A word among words, so that it wraps as they do; nothing stands between it and the comma after it. -->
<Popover.Root bind:open
	><Popover.Trigger
		>{#snippet child({ props })}<span
				{...props}
				role="button"
				tabindex="0"
				class={['phrase', wrong && 'is-wrong']}
				aria-label={`${phrase.label}: ${phrase.text}`}
				>{#if named}<span class="quiet">{`${phrase.label}: `}</span>
				{/if}{phrase.text}</span
			>{/snippet}</Popover.Trigger
	><Popover.Portal>
		<Popover.Content
			bind:ref={content}
			class="bg-base-100 rule-line z-30 max-h-[min(62dvh,var(--bits-popover-content-available-height))] w-max max-w-[min(94vw,30rem)] min-w-56 overflow-y-auto rounded-[5px] border-[1.5px] p-3 text-base shadow-lg"
			align="start"
			sideOffset={4}
			collisionPadding={8}
			onOpenAutoFocus={focus}
			onCloseAutoFocus={(e) => {
				if (left) e.preventDefault();
				left = false;
			}}
			role="dialog"
			aria-label={phrase.label}
			{onkeydown}
		>
			<div class="flex flex-col gap-2">
				{#if phrase.id === 'machine'}
					<RingList {project} {editor} ondone={done} />
				{:else}
					{#each phrase.controls as control (control.key)}
						{#if control.kind === 'editor'}
							{@const Editor = EDITORS[control.editor]}
							{#if Editor}<Editor {control} {project} {plan} {editor} {pointing} />{/if}
						{:else}
							<PhraseOption
								{control}
								{editor}
								ondone={() => phrase.controls.length === 1 && done()}
							/>
						{/if}
					{/each}
				{/if}
			</div>
		</Popover.Content>
	</Popover.Portal></Popover.Root
>
