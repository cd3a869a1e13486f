import { readFileSync, writeFileSync } from 'node:fs';
import { loadRecipes } from '../src/lib/core/recipe';
import { projectFileSchema } from '../src/lib/file/project-file';

await loadRecipes();
const path = 'docs/project-file.schema.json';
const schema = `${JSON.stringify(projectFileSchema(), null, '\t')}\n`;

if (process.argv.includes('--check')) {
	if (readFileSync(path, 'utf8') !== schema) {
		console.error(`${path} is not what the code says: run npm run schema`);
		process.exit(1);
	}
} else {
	writeFileSync(path, schema);
}
