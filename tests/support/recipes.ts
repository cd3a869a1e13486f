import { loadRecipes } from '../../src/lib/core/recipe';

/** Tests plan at once: every recipe is loaded before the first of them. */
await loadRecipes();
