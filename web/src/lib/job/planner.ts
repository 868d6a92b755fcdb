/* By itself, since it carries the planner and the model’s verdict: fetched where a box is planned anew. */
export { plannerOn } from '@wary/core/job';
