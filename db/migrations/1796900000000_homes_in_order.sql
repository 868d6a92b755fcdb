-- Up Migration

-- The list of homes in use, in the order in which it is shown: read by its index, page after page, however many there are.
alter table home_listing add column slug text, add column is_demo boolean;
delete from home_listing l using household h where h.household_id = l.household_id and h.retired_at is not null;
update home_listing l set slug = h.slug, is_demo = h.is_demo from household h where h.household_id = l.household_id;
alter table home_listing alter column slug set not null, alter column is_demo set not null;
drop index home_listing_by_name;
create unique index home_listing_by_slug on home_listing (slug);
create index home_listing_in_order on home_listing ((not is_demo), lower(name), slug);

create or replace function list_home() returns trigger language plpgsql as $$
begin
	insert into home_listing (household_id, name, region, slug, is_demo)
	select household_id, new.house->>'name', new.house->>'region', slug, is_demo
	from household where household_id = new.household_id and retired_at is null
	on conflict (household_id) do update set name = excluded.name, region = excluded.region;
	return new;
end $$;

create function unlist_home() returns trigger language plpgsql as $$
begin
	delete from home_listing where household_id = new.household_id;
	return new;
end $$;
create trigger unlisted after update on household for each row when (new.retired_at is not null) execute function unlist_home();

-- Down Migration

drop trigger unlisted on household;
drop function unlist_home();
create or replace function list_home() returns trigger language plpgsql as $$
begin
	insert into home_listing (household_id, name, region)
	values (new.household_id, new.house->>'name', new.house->>'region')
	on conflict (household_id) do update set name = excluded.name, region = excluded.region;
	return new;
end $$;
drop index home_listing_in_order, home_listing_by_slug;
create index home_listing_by_name on home_listing (lower(name), household_id);
alter table home_listing drop column slug, drop column is_demo;
