-- Up Migration

-- Plans that are kept to be bought for and begun another day; each is planned anew on the house as it is then.
create table kept_plan (
	household_id uuid not null references household,
	plan_id uuid not null,
	kept_at timestamptz not null default now(),
	body jsonb not null,
	primary key (household_id, plan_id)
);

-- What a household has entered of what things cost, and what it has already: one document, put right as it is entered.
create table cost (
	household_id uuid primary key references household,
	body jsonb not null
);

-- Down Migration

drop table cost;
drop table kept_plan;
