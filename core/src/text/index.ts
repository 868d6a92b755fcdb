/*
 * What text and numbers from outside may be. One form for all text that is stored, one parser for all
 * numbers that are typed, which refuses what could be read in two ways. What is wrong with JSON is said
 * with its line and column.
 */

export { allStorable, freeText, nameText, storable, text, visible, type TextFault } from './text';
export { echo, echoedAtMost, shapeFault, type ShapeFault } from './shape';
export { readJson, withoutMark, type ReadJson } from './json';
export { readNumber, type Quantity, type TypedNumber } from './number';
