export { allStorable, freeText, nameText, storable, text, visible, type TextFault } from './text';
export { echo, echoedAtMost, shapeFault, type ShapeFault } from './shape';
export { readJson, withoutMark, type ReadJson } from './json';
export { readNumber, type Quantity, type TypedNumber } from './number';
