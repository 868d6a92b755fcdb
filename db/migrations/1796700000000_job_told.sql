-- Up Migration

-- What is told of a job when it ends, as it was told then: its record and its hand-over as data of a form (`version`). Shown from here ever after, whatever later builds would make of
-- the same events.
create table job_told (
	household_id uuid not null,
	job_id uuid not null,
	version smallint not null,
	told jsonb not null,
	primary key (household_id, job_id),
	foreign key (household_id, job_id) references job
);
create trigger only_added before update or delete on job_told for each row execute function refuse_change();
create trigger never_emptied before truncate on job_told for each statement execute function refuse_change();

-- Down Migration

drop table job_told;
