/*
 * Changes of a house as data: done, refused with a reason, and taken back by other edits. `apply` is a
 * table by kind, a file for home, panel, breaker, circuit, box, chain and so on. The page does an edit at
 * once, and the server does the same one again.
 */

export { editSchema, type Edit, type EditRefusal, type Spot } from './edits';
export { editHouse, type Edited } from './apply';
export { newHome } from './newHome';
export { freshId, plainName, sameName } from './ids';
export { boxOfMaterial } from './material';
export { isMetalSheath } from './cable';
