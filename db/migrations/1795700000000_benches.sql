-- Up Migration

-- Benches: boxes wired to try things out. They are drafts, no record: they change and go.
create table bench (
	household_id uuid not null references household,
	bench_id uuid not null,
	name text not null check (length(name) between 1 and 80),
	-- The bench file: the house it began with, and what was done since.
	document jsonb not null,
	-- Grows with every save; one who saves names the revision last seen.
	revision integer not null default 1 check (revision > 0),
	changed_at timestamptz not null default now(),
	primary key (household_id, bench_id)
);
create index bench_by_change on bench (household_id, changed_at);

-- Down Migration

drop table bench;
