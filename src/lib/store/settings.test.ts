import { describe, expect, it } from 'vitest';
import { DEFAULT_SETTINGS, soundSettings } from './settings';

describe('settings as they were stored', () => {
	it('are taken where they can be used', () => {
		expect(soundSettings({ units: 'in', crochet: 'uk', paper: 'letter' })).toEqual({
			...DEFAULT_SETTINGS,
			units: 'in',
			crochet: 'uk',
			paper: 'letter'
		});
	});
	it.each([
		['units', 'ells'],
		['crochet', 'fr'],
		['crochet', 7],
		['paper', 'a5'],
		['paper', undefined],
		['theme', 'blue']
	])('%s of %s falls back to its default', (key, value) => {
		expect(soundSettings({ [key]: value })).toEqual(DEFAULT_SETTINGS);
	});
	it('of before they were asked begin at their default, and what is unknown is left out', () => {
		const old = { units: 'cm', theme: 'dark', extra: true };
		expect(soundSettings(old)).toEqual({ ...DEFAULT_SETTINGS, theme: 'dark' });
	});
});
