<script lang="ts">
	import type { Yarn } from '$lib/core/model/bench';
	import type { YarnOfOrder } from '$lib/core/order/order';
	import { printValue, printWithSpread } from '$lib/core/quantity/print';
	import { say } from '$lib/core/quantity/say';
	import { stockOf, wordStock } from '$lib/core/quantity/short';
	import type { Units } from '$lib/core/quantity/units';
	import YarnCake from '../pictures/YarnCake.svelte';
	import OrderBars from './OrderBars.svelte';

	/** A yarn of an order: what it needs of it, what there is, and the verdict. */
	interface Props {
		y: YarnOfOrder;
		yarn: Yarn;
		lookup: (id: string) => Yarn | undefined;
		units: Units;
	}
	let { y, yarn, lookup, units }: Props = $props();
</script>

<li class="rule-line grid grid-cols-[auto_1fr] items-center gap-x-3 border-t py-2">
	<YarnCake {yarn} {lookup} size={44} />
	<div class="min-w-0">
		<p class="text-sm">
			<b>{yarn.colourName}</b>, {yarn.name}:
			<span class="figure">{printWithSpread(y.need, 'mass', units)}</span> of
			<span class="figure">{printValue(y.have, 'mass', units)}</span>{yarn.heldTogether.length ===
				0 && yarn.gramsOnHand - y.have > 0.5
				? ` free (${printValue(yarn.gramsOnHand - y.have, 'mass', units)} held elsewhere)`
				: ''}
			<span class={['ml-1', stockOf(y.need, y.have).is === 'short' && 'text-warning font-semibold']}
				>{wordStock(stockOf(y.need, y.have), say(units))}</span
			>
		</p>
		<OrderBars need={y.need} have={y.have} colour={yarn.colour} />
	</div>
</li>
