-- What makes a row the same row in every archive that it went into.
do $$
declare
  t text;
begin
  for t in
    select c.relname
    from pg_class c
      join pg_attribute a on a.attrelid = c.oid and a.attname = 'collection_id' and not a.attisdropped
      join pg_attribute i on i.attrelid = c.oid and i.attname = 'id' and i.attidentity = 'a'
    where c.relnamespace = current_schema()::regnamespace and c.relkind = 'r'
    order by 1
  loop
    execute format('alter table %I add column uid uuid not null default gen_random_uuid()', t);
  end loop;
end $$;
-- Archives that were made, as a log of what left; their files are kept for some days.
create table archive_out (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  made_at timestamptz not null,
  by_whom text not null check (by_whom in ('PAGE', 'PROGRAM')),
  state text not null check (state in ('UNDER_WAY', 'READY', 'FAILED', 'GONE')),
  bytes bigint not null,
  file text
);
create index on archive_out (collection_id);
-- Archives that wait to be read in.
create table archive_in (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  came_at timestamptz not null,
  name varchar(200) not null,
  file text not null
);
create index on archive_in (collection_id);
-- Tokens that may read and change all records.
alter table api_token drop constraint api_token_scope_check;
alter table api_token add constraint api_token_scope_check
  check (scope in ('READ', 'READINGS', 'ALL', 'RECORDS'));
