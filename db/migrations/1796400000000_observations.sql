-- Up Migration

-- The ledger of what was seen, read and tried at outlets, in a job or in none: only ever added to.
create table observation (
	household_id uuid not null references household,
	observation_id uuid not null,
	at timestamptz not null default now(),
	box_id text not null check (length(box_id) between 1 and 80),
	job_id uuid,
	body jsonb not null,
	version smallint not null,
	primary key (household_id, observation_id),
	foreign key (household_id, job_id) references job
);
create index observation_by_time on observation (household_id, at desc);
create index observation_by_box on observation (household_id, box_id, at desc);
create trigger only_added before update or delete on observation for each row execute function refuse_change();
create trigger never_emptied before truncate on observation for each statement execute function refuse_change();

-- Down Migration

drop table observation;
