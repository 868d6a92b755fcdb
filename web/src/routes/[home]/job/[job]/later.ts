/** Parts of the job page that are fetched after it answers to keys; each once. */
export const besideDialog = () => import('./BesideDialog.svelte');
export const searchView = () => import('$lib/search/Search.svelte');
export const boxEntry = () => import('./BoxEntry.svelte');
