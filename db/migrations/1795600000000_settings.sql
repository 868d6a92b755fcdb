-- Up Migration

-- What a household has and prefers, version by version.
create table settings_version (
	household_id uuid not null references household,
	version integer not null check (version > 0),
	settings jsonb not null,
	recorded_at timestamptz not null default now(),
	primary key (household_id, version)
);
create trigger only_added before update or delete on settings_version for each row execute function refuse_change();
create trigger never_emptied before truncate on settings_version for each statement execute function refuse_change();

-- Down Migration

drop table settings_version;
