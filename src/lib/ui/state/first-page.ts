/** What is not needed to see the first page must not hold it up: it waits until that stands, ms. */
const FIRST_PAGE_MS = 1000;
let standing: Promise<void> | null = null;
export const afterFirstPage = (): Promise<void> =>
	(standing ??= new Promise((resolve) => setTimeout(resolve, FIRST_PAGE_MS)));
