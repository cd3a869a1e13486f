import { defineConfig } from '@playwright/test';
import { browserArgs } from './tests/e2e/browser';

const PORT = Number(process.env.TEST_PORT ?? 4199);

export default defineConfig({
	testDir: 'tests/e2e',
	testMatch: '**/*.e2e.ts',
	outputDir: 'test-results',
	workers: 2,
	fullyParallel: true,
	timeout: 90_000,
	expect: { timeout: 15_000 },
	// A shared machine can stall for many seconds; a test that fails three times has failed.
	retries: process.env.CI ? 2 : 0,
	reporter: [['list'], ['json', { outputFile: '.scratch/browser.json' }]],
	use: {
		baseURL: `http://localhost:${PORT}`,
		viewport: { width: 1280, height: 800 },
		reducedMotion: 'reduce',
		launchOptions: { executablePath: '/usr/bin/chromium', args: browserArgs }
	},
	webServer: {
		command: 'node build',
		env: { PORT: String(PORT), ORIGIN: `http://localhost:${PORT}` },
		url: `http://localhost:${PORT}/healthz`,
		reuseExistingServer: false,
		stdout: 'ignore'
	}
});
