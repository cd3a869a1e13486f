import { replaceState } from '$app/navigation';

/** What people ask of a yarn on a ring, and what answers it. */
export const QUESTIONS = [
	{
		value: 'knits',
		label: 'What does it knit to?',
		tabs: [
			{ value: 'swatch', label: 'Swatch' },
			{ value: 'written', label: 'Written pattern' }
		]
	},
	{
		value: 'far',
		label: 'How far does it go?',
		tabs: [
			{ value: 'make', label: 'Make with it' },
			{ value: 'loop', label: 'Yarn in it' },
			{ value: 'phases', label: 'Phases' }
		]
	},
	{
		value: 'replace',
		label: 'What could replace it?',
		tabs: [{ value: 'strands', label: 'Strands' }]
	},
	{
		value: 'tried',
		label: 'What have I tried?',
		tabs: [
			{ value: 'tests', label: 'Tests' },
			{ value: 'chart', label: 'All swatches' },
			{ value: 'seen', label: 'Over time' }
		]
	}
] as const;
type Question = (typeof QUESTIONS)[number];
export type Tab = Question['tabs'][number]['value'];
const TABS: readonly Tab[] = QUESTIONS.flatMap((q) => q.tabs.map((t) => t.value));
/** The question that a tab answers. */
export const questionOf = (tab: Tab): Question =>
	QUESTIONS.find((q) => q.tabs.some((t) => t.value === tab)) ?? QUESTIONS[0];

/** What is looked at on the bench; it stands in the address, so that other views can point at it. */
export class BenchChoice {
	machineId = $state<string | null>(null);
	yarnId = $state<string | null>(null);
	tab = $state<Tab>('swatch');

	constructor(from: URLSearchParams) {
		this.machineId = from.get('machine');
		this.yarnId = from.get('yarn');
		this.tab = TABS.find((t) => t === from.get('show')) ?? 'swatch';
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
