-- Up Migration

-- A job at several boxes under one isolation: those beside the first, in the order they were named, and what is put in there.
create table job_box (
	household_id uuid not null,
	job_id uuid not null,
	position integer not null check (position > 0),
	box_id text not null,
	wish jsonb,
	primary key (household_id, job_id, position),
	unique (household_id, job_id, box_id),
	foreign key (household_id, job_id) references job
);
create index job_box_by_box on job_box (household_id, box_id);
create trigger only_added before update or delete on job_box for each row execute function refuse_change();
create trigger never_emptied before truncate on job_box for each statement execute function refuse_change();

-- The box an event was at. Null: the job has one.
alter table job_event add column box_id text;

-- Down Migration

alter table job_event drop column box_id;
drop table job_box;
