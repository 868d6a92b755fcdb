import { getContext, setContext } from 'svelte';
import type { HouseEditor } from '$lib/house/editor.svelte';

const key = Symbol('house');
/** The parts of the house page share one editor. */
export const setEditor = (editor: HouseEditor): HouseEditor => setContext(key, editor);
export const getEditor = (): HouseEditor => getContext<HouseEditor>(key);
