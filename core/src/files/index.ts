export { houseSchema } from '../house/schema';
export { checkHouse, devicePoints, parseHouse, type HouseProblem, type ParsedHouse, type Path } from '../house/check';
export { houseJsonSchema } from './houseJsonSchema';
export { describeProblem, describePath } from './problems';
