export { fennelLaneActual, fennelLaneRecorded } from './fennelLane';
export { tanneryRow } from './tanneryRow';
