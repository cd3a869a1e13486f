<script lang="ts">
	import Check from '@lucide/svelte/icons/check';

	/** One of several, under one another, as it stands in an open phrase: arrows go through them, a press takes one and is done. */
	interface Props {
		label: string;
		value: string | null;
		options: readonly { value: string; label: string; hint?: string; colour?: string }[];
		onvalue: (value: string) => void;
		/** Called when one was pressed, changed or not. */
		ondone: () => void;
	}
	let { label, value, options, onvalue, ondone }: Props = $props();
	const id = $props.id();
</script>

<fieldset>
	<legend class="hint mb-1">{label}</legend>
	<div class="flex flex-col">
		{#each options as o (o.value)}
			<!-- A press is done; the arrow keys go on. The change comes after the press, so it is waited for. -->
			<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
			<label
				class="hover:bg-base-200 has-focus-visible:outline-base-content flex min-h-8 cursor-pointer items-center gap-2 rounded-[5px] px-2 py-1 has-focus-visible:outline-[2.5px]"
				onclick={(e) => e.detail > 0 && setTimeout(ondone)}
			>
				<input
					type="radio"
					class="sr-only"
					name={id}
					value={o.value}
					checked={o.value === value}
					onchange={() => onvalue(o.value)}
				/>
				<span class="w-4 shrink-0" aria-hidden="true">
					{#if o.value === value}<Check size={16} strokeWidth={3} />{/if}
				</span>
				{#if o.colour}
					<span
						class="border-base-content/60 size-5 shrink-0 rounded-[4px] border-[1.5px]"
						style:background={o.colour}
					></span>
				{/if}
				<span class={['min-w-0', o.value === value && 'font-semibold']}>
					{o.label}
					{#if o.hint}<span class="hint block font-normal">{o.hint}</span>{/if}
				</span>
			</label>
		{/each}
	</div>
</fieldset>
