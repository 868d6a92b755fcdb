/*
 * Open formats in and out: house file, CSV of directory, outlets and readings, typed directories, calendar,
 * tag and labels as drawings. What can be written can be read back where that makes sense. A file that is
 * wrong is refused with the place and the reason, and changes nothing.
 */

export { houseSchema } from '../house/schema';
export {
	checkHouse,
	devicePoints,
	parseHouse,
	pathText,
	type HouseProblem,
	type ParsedHouse,
	type Path
} from '../house/check';
export { houseJsonSchema } from './houseJsonSchema';
export { directoryColumns, directoryCsv, readDirectoryCsv, type CsvReading } from './directoryCsv';
export { readSpace, spaceText } from './space';
export { outletColumns, outletsCsv, readOutletsCsv } from './outletsCsv';
export { writeCsv, type CsvProblem } from './csv';
export { labelMm, labelSheet, type Label } from './labels';
export { drawingSvg, fittedMm, tagDrawing, type Drawing, type Shape, type Tag } from './tag';
export { readTypedDirectory, readTypedRooms, type Typed, type TypedProblem } from './typed';
