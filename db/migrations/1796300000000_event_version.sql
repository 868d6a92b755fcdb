-- Up Migration

-- The form of an event's body, by number: what was stored before this is form 1.
alter table job_event add column version smallint not null default 1 check (version > 0);

-- Down Migration

alter table job_event drop column version;
