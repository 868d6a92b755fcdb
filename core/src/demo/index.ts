export { fennelLaneActual, fennelLaneRecorded } from './fennelLane';
export { tanneryRow, tanneryRowActual } from './tanneryRow';
