-- Up Migration

-- By which procedure a job is done: those begun before this column by the first one. A job keeps its number to its end.
alter table job add column procedure integer not null default 1 check (procedure > 0);

-- What the list of homes shows, so that it need not read whole houses. Kept by the trigger below.
create table home_listing (
	household_id uuid primary key references household,
	name text not null,
	region text not null
);
create index home_listing_by_name on home_listing (lower(name), household_id);

create function list_home() returns trigger language plpgsql as $$
begin
	insert into home_listing (household_id, name, region)
	values (new.household_id, new.house->>'name', new.house->>'region')
	on conflict (household_id) do update set name = excluded.name, region = excluded.region;
	return new;
end $$;
create trigger listed after insert on house_version for each row execute function list_home();

insert into home_listing (household_id, name, region)
select distinct on (household_id) household_id, house->>'name', house->>'region'
from house_version order by household_id, version desc;

-- Devices of the local network that may use this server, and the one-time codes by which they come in. Of the server, not of a household.
create table paired_device (
	device_id uuid primary key,
	name text not null check (length(name) between 1 and 80),
	paired_at timestamptz not null default now(),
	seen_at timestamptz not null default now(),
	sent_away_at timestamptz
);
create table pairing_code (
	-- SHA-256 of the code: whoever reads the table can't pair with it.
	code_hash bytea primary key,
	expires_at timestamptz not null,
	used_at timestamptz
);
-- Signs the cookie of a paired device; the same for every process of the server. 244 random bits.
create table server_secret (
	only_row boolean primary key default true check (only_row),
	secret bytea not null
);
insert into server_secret (secret)
values (decode(replace(gen_random_uuid()::text || gen_random_uuid()::text, '-', ''), 'hex'));

-- Down Migration

drop table server_secret, pairing_code, paired_device;
drop trigger listed on house_version;
drop function list_home();
drop table home_listing;
alter table job drop column procedure;
