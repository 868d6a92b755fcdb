-- Up Migration

-- An outlet that is taken into a job under way (`taken`), or left out again: what stands last of a box holds. Written with the event that says so.
create table job_box_taken (
	household_id uuid not null,
	job_id uuid not null,
	seq integer not null,
	box_id text not null,
	taken boolean not null,
	primary key (household_id, job_id, seq, box_id),
	foreign key (household_id, job_id) references job
);
create index job_box_taken_by_box on job_box_taken (household_id, box_id);
create trigger only_added before update or delete on job_box_taken for each row execute function refuse_change();
create trigger never_emptied before truncate on job_box_taken for each statement execute function refuse_change();

-- Down Migration

drop table job_box_taken;
