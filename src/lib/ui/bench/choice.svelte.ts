import { replaceState } from '$app/navigation';

export const TABS = [
	{ value: 'swatch', label: 'Swatch' },
	{ value: 'loop', label: 'Yarn in it' },
	{ value: 'phases', label: 'Phases' },
	{ value: 'tests', label: 'Tests' },
	{ value: 'strands', label: 'Strands' },
	{ value: 'make', label: 'Make with it' },
	{ value: 'written', label: 'Written pattern' },
	{ value: 'chart', label: 'All swatches' }
] as const;
export type Tab = (typeof TABS)[number]['value'];

/** What is looked at on the bench; it stands in the address, so that other views can point at it. */
export class BenchChoice {
	machineId = $state<string | null>(null);
	yarnId = $state<string | null>(null);
	tab = $state<Tab>('swatch');

	constructor(from: URLSearchParams) {
		this.machineId = from.get('machine');
		this.yarnId = from.get('yarn');
		this.tab = TABS.find((t) => t.value === from.get('show'))?.value ?? 'swatch';
	}

	set(patch: { machineId?: string; yarnId?: string; tab?: Tab }): void {
		if (patch.machineId !== undefined) this.machineId = patch.machineId;
		if (patch.yarnId !== undefined) this.yarnId = patch.yarnId;
		if (patch.tab !== undefined) this.tab = patch.tab;
		const asked = [
			['machine', this.machineId],
			['yarn', this.yarnId],
			['show', this.tab === 'swatch' ? null : this.tab]
		] as const;
		const search = asked
			.flatMap(([key, value]) => (value ? [`${key}=${encodeURIComponent(value)}`] : []))
			.join('&');
		replaceState(`/bench?${search}`, {});
	}
}
