import type { Order } from '../core/model/order';
import type { Project } from '../core/model/project';
import { DAY, START } from './fair';

const line = (key: string, count: number, made = 0): Order['lines'][number] => ({
	projectId: `project-${key}` as Project['id'],
	count,
	made
});

/** What the stall is to have on the first evening of the fair. */
export const orders: Order[] = [
	{
		id: 'order-fair' as Order['id'],
		name: 'First evening of the fair',
		createdAt: START + 24 * DAY,
		lines: [
			line('keeper', 3, 1),
			line('garland', 2),
			line('seal', 2),
			line('bag', 2),
			line('flags', 1)
		],
		note: ''
	}
];
