<script lang="ts">
	import { goto } from '$app/navigation';
	import { readPattern } from '$lib/core/convert/pattern/read';
	import type { Machine, Yarn } from '$lib/core/model/bench';
	import { MOST_TEXT, newPattern, type WrittenPattern } from '$lib/core/model/written';
	import { newId } from '$lib/store/store';
	import { notices } from '../../state/notices.svelte';
	import { useWorkbench } from '../../state/workbench.svelte';

	/** The maker's written patterns; each opens in its own view, for this machine and yarn. */
	let { machine, yarn }: { machine: Machine; yarn: Yarn } = $props();
	const workbench = useWorkbench();
	const id = $props.id();
	const patterns = $derived(workbench.records.patterns);
	const at = (p: { readonly id: string }) =>
		`/pattern/${p.id}?machine=${machine.id}&yarn=${yarn.id}`;
	const looks = $derived(
		patterns.map((p) => {
			const { instructions, sizes } = readPattern(p.text, p.size, p.corrections);
			const acts = instructions.flatMap((i) => i.acts);
			return {
				p,
				pieces: acts.flatMap((a) => (a.do === 'piece' ? [a.name] : [])),
				sizes,
				asking: instructions.filter((i) => i.as === 'needs-you').length
			};
		})
	);
	async function add(patch: Partial<WrittenPattern> = {}) {
		const made = { ...newPattern(newId() as WrittenPattern['id'], Date.now()), ...patch };
		await workbench.putPattern(made);
		await goto(at(made));
	}
	let over = $state(false);
	async function open(file: File | undefined) {
		if (!file) return;
		if (file.size > 4 * MOST_TEXT) {
			void notices.warn(`${file.name} is too long: a pattern has at most ${MOST_TEXT} letters.`);
			return;
		}
		const text = (await file.text()).replace(/\r\n?/g, '\n');
		// What is no text has marks in it that no text has.
		if ([...text].some((c) => c < ' ' && !/\s/.test(c))) {
			void notices.warn(`${file.name} is no text: save the pattern as plain text, or paste it.`);
			return;
		}
		if (text.length > MOST_TEXT) {
			void notices.warn(`${file.name} is too long: a pattern has at most ${MOST_TEXT} letters.`);
			return;
		}
		await add({
			text,
			name: file.name.replace(/\.[^.]*$/, '').slice(0, 80) || 'A written pattern'
		});
	}
</script>

<svelte:window ondragover={(e) => e.preventDefault()} />
<p class="mb-3 max-w-prose">
	A hand-knitting pattern, pasted whole, becomes pieces for this ring: what it says is read, shown
	beside your own gauge, and made a project.
</p>
<div
	class={[
		'mb-4 flex flex-wrap items-center gap-2 rounded-[5px] border-[1.5px] border-dashed p-3',
		over ? 'border-accent' : 'border-base-300'
	]}
	role="group"
	aria-label="Add a pattern"
	ondragenter={() => (over = true)}
	ondragleave={() => (over = false)}
	ondrop={(e) => {
		e.preventDefault();
		over = false;
		void open(e.dataTransfer?.files[0]);
	}}
>
	<button class="btn btn-accent" onclick={() => add()}>Paste a pattern</button>
	<label class="btn" for={id}>Open a text file</label>
	<input
		{id}
		class="sr-only"
		type="file"
		accept=".txt,.md,text/plain"
		onchange={(e) => {
			void open(e.currentTarget.files?.[0]);
			e.currentTarget.value = '';
		}}
	/>
	<span class="hint">or drop one here</span>
</div>
{#if looks.length === 0}
	<p class="quiet">None yet. It stays as you paste it; what you say of it is kept with it.</p>
{:else}
	<ul class="rule-line border-t" aria-label="Written patterns">
		{#each looks as { p, pieces, sizes, asking } (p.id)}
			<li class="rule-line border-b">
				<a class="hover:bg-base-200 block px-2 py-2" href={at(p)}>
					<span class="font-semibold">{p.name}</span>
					<span class="quiet block text-sm"
						>{pieces.length > 0 ? pieces.join(', ') : 'no headings'}{sizes > 1
							? `; ${sizes} sizes`
							: ''}</span
					>
					<span class={['block text-sm', asking > 0 ? 'text-warning' : 'quiet']}
						>{asking === 0
							? 'read whole'
							: asking === 1
								? 'one stretch needs you'
								: `${asking} stretches need you`}</span
					>
				</a>
			</li>
		{/each}
	</ul>
{/if}
