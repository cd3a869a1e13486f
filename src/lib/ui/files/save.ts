/** Hands a file to the browser's downloads. */
export function save(name: string, blob: Blob): void {
	const url = URL.createObjectURL(blob);
	const link = document.createElement('a');
	link.href = url;
	link.download = name;
	link.click();
	setTimeout(() => URL.revokeObjectURL(url), 10_000);
}

/** A file's name from what the maker calls the thing. */
export const slug = (name: string): string =>
	name.toLowerCase().replace(/[^a-z0-9]+/g, '-') || 'project';
