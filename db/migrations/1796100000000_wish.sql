-- Up Migration

-- What is put in instead, where it isn't the same again: part, way of feeding on, schools. Null: like for like.
alter table job add column wish jsonb;

-- Down Migration

alter table job drop column wish;
