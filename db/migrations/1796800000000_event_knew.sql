-- Up Migration

-- How many of the job's events the device knew when this was done there; null: stored before this was kept.
alter table job_event add column knew int check (knew >= 0 and knew < seq);

-- Down Migration

alter table job_event drop column knew;
