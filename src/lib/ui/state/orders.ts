import type { Order } from '$lib/core/model/order';
import { newId } from '$lib/store/store';

/** An empty order, called unlike those there are. */
export function newOrder(known: readonly Order[]): Order {
	let n = known.length + 1;
	while (known.some((o) => o.name === `Stall order ${n}`)) n++;
	return {
		id: newId() as Order['id'],
		name: `Stall order ${n}`,
		createdAt: Date.now(),
		lines: [],
		note: ''
	};
}
