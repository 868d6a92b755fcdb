-- Up Migration

-- A household and everything that belongs to it. Every other table leads its key with household_id, so that the data can be spread by it.
create table household (
	household_id uuid primary key,
	slug text not null check (slug ~ '^[a-z0-9][a-z0-9-]{0,59}$'),
	is_demo boolean not null,
	created_at timestamptz not null default now(),
	-- A demo home that was put back to its start is retired, never deleted: its records stay as they were.
	retired_at timestamptz
);
create unique index household_slug_in_use on household (slug) where retired_at is null;

-- The house as recorded, version by version. A job names the version it was planned on.
create table house_version (
	household_id uuid not null references household,
	version integer not null check (version > 0),
	house jsonb not null,
	why text not null check (length(why) between 1 and 500),
	recorded_at timestamptz not null default now(),
	primary key (household_id, version)
);

-- How a demo home is really wired: what the simulated instruments measure. Users' own homes have none.
create table demo_wiring (
	household_id uuid primary key references household,
	house jsonb not null
);

create table job (
	household_id uuid not null references household,
	job_id uuid not null,
	box_id text not null,
	house_version integer not null,
	school text not null check (school in ('groundFirst', 'hotFirst', 'asItCameOff')),
	who text not null check (length(who) between 1 and 80),
	started_at timestamptz not null default now(),
	primary key (household_id, job_id),
	foreign key (household_id, house_version) references house_version
);
create index job_by_box on job (household_id, box_id, started_at);

-- What was seen, done and decided, in order. Its state is computed from these and stored nowhere.
create table job_event (
	household_id uuid not null,
	job_id uuid not null,
	seq integer not null check (seq > 0),
	-- Made on the device that took it; the same event sent again is not stored again.
	event_id uuid not null,
	at timestamptz not null,
	body jsonb not null,
	judged jsonb,
	stored_at timestamptz not null default now(),
	primary key (household_id, job_id, seq),
	unique (household_id, event_id),
	foreign key (household_id, job_id) references job
);

-- One job at a time under way at a box; ended jobs don't count.
create table job_ended (
	household_id uuid not null,
	job_id uuid not null,
	outcome text not null check (outcome in ('finished', 'stopped')),
	ended_at timestamptz not null default now(),
	primary key (household_id, job_id),
	foreign key (household_id, job_id) references job
);

-- What a record rests on is never changed nor removed, whoever asks.
create function refuse_change() returns trigger language plpgsql as $$
begin
	raise exception 'rows of % are only ever added', tg_table_name using errcode = 'WH001';
end $$;

create trigger only_added before update or delete on house_version for each row execute function refuse_change();
create trigger only_added before update or delete on job for each row execute function refuse_change();
create trigger only_added before update or delete on job_event for each row execute function refuse_change();
create trigger only_added before update or delete on job_ended for each row execute function refuse_change();
create trigger never_emptied before truncate on house_version for each statement execute function refuse_change();
create trigger never_emptied before truncate on job for each statement execute function refuse_change();
create trigger never_emptied before truncate on job_event for each statement execute function refuse_change();
create trigger never_emptied before truncate on job_ended for each statement execute function refuse_change();

create function refuse_household_change() returns trigger language plpgsql as $$
begin
	if tg_op = 'DELETE' or (new.household_id, new.slug, new.is_demo, new.created_at) is distinct from (old.household_id, old.slug, old.is_demo, old.created_at) or old.retired_at is not null then
		raise exception 'a household is only ever added or retired' using errcode = 'WH001';
	end if;
	return new;
end $$;
create trigger only_retired before update or delete on household for each row execute function refuse_household_change();

-- Down Migration

drop table job_ended, job_event, job, demo_wiring, house_version, household;
drop function refuse_change();
drop function refuse_household_change();
