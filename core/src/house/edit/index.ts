export { editSchema, type Edit, type EditRefusal, type Spot } from './edits';
export { editHouse, type Edited } from './apply';
export { newHome } from './newHome';
export { freshId, plainName, sameName } from './ids';
export { boxOfMaterial } from './material';
export { isMetalSheath } from './cable';
