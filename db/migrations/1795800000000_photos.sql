-- Up Migration

-- Photographs taken in a job: evidence like its events, only ever added.
create table photo (
	household_id uuid not null,
	photo_id uuid not null,
	job_id uuid not null,
	caption text not null check (length(caption) <= 200),
	content_type text not null check (content_type in ('image/jpeg', 'image/png', 'image/webp')),
	content bytea not null check (length(content) between 1 and 10485760),
	taken_at timestamptz not null default now(),
	primary key (household_id, photo_id),
	foreign key (household_id, job_id) references job
);
create index photo_by_job on photo (household_id, job_id, taken_at);
create trigger only_added before update or delete on photo for each row execute function refuse_change();
create trigger never_emptied before truncate on photo for each statement execute function refuse_change();

-- Down Migration

drop table photo;
