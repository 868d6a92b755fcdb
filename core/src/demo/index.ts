/*
 * The two made-up homes, 14 Fennel Lane and 3 Tannery Row, as recorded and as they are really wired. They
 * are written in code and published as house files (`npm run files`). Names, readings and dates are
 * invented.
 */

export { fennelLaneActual, fennelLaneRecorded } from './fennelLane';
export { tanneryRow, tanneryRowActual } from './tanneryRow';
