<script lang="ts" generics="T">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import Copy from '@lucide/svelte/icons/copy';
	import Plus from '@lucide/svelte/icons/plus';
	import X from '@lucide/svelte/icons/x';
	import { tick, type Snippet } from 'svelte';
	import IconAct from './IconAct.svelte';
	import { moved, without } from './row-table';

	/** A table whose rows are added, moved, doubled and removed: by a press, and by keys while a row has the focus. */
	interface Props {
		label: string;
		/** Headings of what `row` gives cells for. */
		heads: readonly string[];
		rows: readonly T[];
		/** What one row is called. */
		nameOf: (row: T, i: number) => string;
		/** The fewest and the most there may be. */
		least: number;
		most: number;
		/** Its cells. */
		row: Snippet<[T, number]>;
		/** Rows that stay: they can be neither moved past nor removed. */
		fixed?: (row: T) => boolean;
		add: string;
		onadd: () => void;
		ondouble: (i: number) => void;
		/** Called with the rows as they are then, and what was done. */
		onrows: (next: T[], what: string) => void;
	}
	let {
		label,
		heads,
		rows,
		nameOf,
		least,
		most,
		row,
		fixed = () => false,
		add,
		onadd,
		ondouble,
		onrows
	}: Props = $props();
	let body: HTMLElement | undefined = $state();

	const canMove = (from: number, to: number) => {
		const [a, b] = [rows[from], rows[to]];
		return a !== undefined && b !== undefined && !fixed(a) && !fixed(b);
	};
	async function move(from: number, to: number) {
		if (!canMove(from, to)) return;
		onrows(moved(rows, from, to), 'order');
		await tick();
		body?.querySelectorAll<HTMLElement>(':scope > tr')[to]?.focus();
	}
	const removable = (r: T) => rows.length > least && !fixed(r);
	function onkeydown(e: KeyboardEvent, i: number) {
		const r = rows[i];
		// Within a field the keys are the field's.
		if (r === undefined || e.target !== e.currentTarget) return;
		const does: Record<string, () => unknown> = {
			ArrowUp: () => move(i, i - 1),
			ArrowDown: () => move(i, i + 1),
			d: () => rows.length < most && ondouble(i),
			Delete: () => removable(r) && onrows(without(rows, i), 'one less')
		};
		const act = e.ctrlKey || e.metaKey || e.altKey ? undefined : does[e.key];
		if (!act) return;
		e.preventDefault();
		void act();
	}
</script>

<div class="overflow-x-auto">
	<table class="table-sm rows table w-auto" aria-label={label}>
		<thead>
			<tr>
				{#each heads as h (h)}<th class="hint font-normal">{h}</th>{/each}
				<th><span class="sr-only">Move, double, remove</span></th>
			</tr>
		</thead>
		<tbody bind:this={body}>
			{#each rows as r, i (i)}
				<tr
					tabindex="0"
					aria-label={`${nameOf(r, i)}: arrows move it, D doubles it, Delete takes it out`}
					onkeydown={(e) => onkeydown(e, i)}
				>
					{@render row(r, i)}
					<td class="whitespace-nowrap">
						<IconAct
							small
							icon={ArrowUp}
							label={`Move ${nameOf(r, i)} up`}
							disabled={!canMove(i, i - 1)}
							onclick={() => void move(i, i - 1)}
						/><IconAct
							small
							icon={ArrowDown}
							label={`Move ${nameOf(r, i)} down`}
							disabled={!canMove(i, i + 1)}
							onclick={() => void move(i, i + 1)}
						/><IconAct
							small
							icon={Copy}
							label={`Double ${nameOf(r, i)}`}
							disabled={rows.length >= most}
							onclick={() => ondouble(i)}
						/><IconAct
							small
							icon={X}
							label={`Take ${nameOf(r, i)} out`}
							disabled={!removable(r)}
							onclick={() => onrows(without(rows, i), 'one less')}
						/>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>
{#if rows.length < most}<button class="btn btn-sm mt-1" onclick={onadd}
		><Plus size={16} aria-hidden="true" />{add}</button
	>{/if}

<style>
	.rows :global(:is(th, td)) {
		padding: 0.15rem 0.5rem 0.15rem 0;
		vertical-align: middle;
	}
	.rows tr:focus-visible {
		outline-offset: -2px;
	}
</style>
