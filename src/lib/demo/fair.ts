export const DAY = 86_400_000;
/** The second Sunday of November 2026, ten in the morning, UTC. */
export const START = Date.UTC(2026, 10, 8, 10);
