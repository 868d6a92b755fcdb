export { dueOf, type Due } from './due';
export { needsOf, type Need } from './needs';
