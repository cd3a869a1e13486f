// Adds up what the two test runners report, as one line. A report that is not there counts as one failure.
import { readFileSync } from 'node:fs';

const read = (path) => {
	try {
		return JSON.parse(readFileSync(path, 'utf8'));
	} catch {
		return null;
	}
};
const [unitPath, browserPath] = process.argv.slice(2);
const unit = read(unitPath);
const browser = read(browserPath);
const passed =
	(unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0) + (browser?.stats.flaky ?? 0);
const failed =
	(unit ? unit.numFailedTests + (unit.success || unit.numFailedTests ? 0 : 1) : 1) +
	(browser ? browser.stats.unexpected + browser.errors.length : 1);
console.log(`${passed} passed, ${failed} failed`);
