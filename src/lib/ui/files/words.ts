import type { Refusal } from '$lib/file/project-file';

/** Why a file was refused, and where in it. */
export function wordRefusal(r: Refusal): string {
	const where = r.path ? ` At “${r.path}”` : '';
	switch (r.code) {
		case 'empty':
			return 'The file is empty.';
		case 'not-json':
			return `It is no Tomble file: it does not read as JSON${where ? `.${where}` : ''}.`;
		case 'foreign':
			return `It is no Tomble file${where ? `:${where.replace('At', 'at')}` : ':'} it lacks ${r.expected}.`;
		case 'newer':
			return `A newer Tomble wrote it:${where} expected ${r.expected}.`;
		case 'too-large':
			return `It is too large: ${r.expected}.`;
		case 'damaged':
			return `It is damaged.${where}: ${r.expected}.`;
	}
}
