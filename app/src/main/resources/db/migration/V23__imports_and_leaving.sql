-- Growers' own lists: kept as a draft until every row is a plant, and what came of each can be taken back.
create table plant_import (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version int not null default 0,
  made_at timestamptz not null,
  sheet jsonb not null,
  answers jsonb not null,
  saved jsonb not null
);
create index plant_import_collection on plant_import (collection_id);
create constraint trigger pulse after insert or update or delete on plant_import
  deferrable initially deferred for each row execute function touch_collection();

alter table plant add column import_id bigint references plant_import on delete set null;
create index plant_import_of on plant (import_id) where import_id is not null;
alter table place add column import_id bigint references plant_import on delete set null;
create index place_import_of on place (import_id) where import_id is not null;

-- A mix that is not known, in the keeper's own words.
alter table plant add column own_medium varchar(80);

-- What was entered by mistake can be taken out with all that hangs on it, and so can a whole collection. A place
-- stays as long as anything stands in it or says so.
do $$
declare it record;
begin
  for it in
    select con.conname, con.conrelid::regclass as of_table, con.confrelid::regclass as to_table, att.attname as of_column
      from pg_constraint con
      join pg_attribute att on att.attrelid = con.conrelid and att.attnum = con.conkey[1]
      where con.contype = 'f' and con.confdeltype = 'a' and con.connamespace = current_schema()::regnamespace
        and con.confrelid in ('keeper'::regclass, 'collection'::regclass, 'plant'::regclass, 'look'::regclass, 'plant_case'::regclass,
          'case_change'::regclass, 'entry'::regclass, 'treatment_course'::regclass)
        and array_length(con.conkey, 1) = 1
  loop
    execute format('alter table %s drop constraint %I', it.of_table, it.conname);
    execute format('alter table %s add constraint %I foreign key (%I) references %s on delete cascade',
      it.of_table, it.conname, it.of_column, it.to_table);
  end loop;
end $$;

-- Finding what hangs on a row must not read whole tables.
create index plant_case_look on plant_case (look_id);
create index photo_entry on photo (entry_id);
create index spot_measure_entry on spot_measure (entry_id);

-- A collection that is taken out has no pulse any more.
create or replace function touch_collection() returns trigger language plpgsql as $$
declare
  touched bigint;
  of_ground boolean := tg_table_name in ('collection', 'plant', 'place');
  of_cases boolean := tg_table_name in ('plant_case', 'case_change', 'pest_look');
  now bigint := txid_current();
begin
  if tg_table_name = 'collection' then
    touched := new.id;
  elsif tg_op = 'DELETE' then
    touched := old.collection_id;
  else
    touched := new.collection_id;
  end if;
  if tg_table_name = 'entry' then
    of_ground := tg_op <> 'INSERT' and old.kind = 'MOVED' or tg_op <> 'DELETE' and new.kind = 'MOVED';
  end if;
  update collection_pulse
    set pulse = now,
      ground = case when of_ground then now else ground end,
      cases = case when of_cases then now else cases end
    where collection_id = touched
      and (pulse <> now or of_ground and ground <> now or of_cases and cases <> now);
  if not found then
    insert into collection_pulse (collection_id, pulse, ground, cases)
      select id, now, now, now from collection where id = touched
      on conflict (collection_id) do nothing;
  end if;
  return null;
end $$;
