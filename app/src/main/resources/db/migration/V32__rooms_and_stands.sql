-- The room of a place, its further windows, and the stands in it. Lengths in cm.
alter table place_light
  add column room_width double precision check (room_width between 20 and 5000),
  add column room_depth double precision check (room_depth between 20 and 5000),
  add column along double precision check (along between 0 and 5000),
  add column holds integer check (holds between 0 and 1000);

create table place_window (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  wall text not null check (wall in ('FRONT', 'RIGHT', 'BACK', 'LEFT')),
  along double precision not null check (along between 0 and 5000),
  width double precision not null check (width between 10 and 1500),
  height double precision not null check (height between 10 and 800),
  sill double precision not null check (sill between 0 and 1500),
  glass text check (glass in ('NONE', 'SINGLE', 'DOUBLE', 'TRIPLE', 'LOW_E', 'FROSTED')),
  passes double precision check (passes between 0 and 100)
);
create index place_window_place on place_window (place_id);

create table place_spot (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  version integer not null default 0,
  name varchar(40) not null,
  across double precision not null check (across between 0 and 5000),
  back double precision not null check (back between 0 and 5000),
  height double precision check (height between 0 and 1500),
  holds integer check (holds between 0 and 1000),
  passes double precision check (passes between 0 and 100),
  ppf double precision check (ppf between 1 and 10000),
  lamp_distance double precision check (lamp_distance between 5 and 500),
  lamp_hours double precision check (lamp_hours between 0 and 24),
  unique (place_id, name)
);

-- On which spot of its place a plant stands; without a row, on the usual one.
create table standing (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  plant_id bigint not null unique references plant on delete cascade,
  spot_id bigint not null references place_spot on delete cascade
);
create index standing_spot on standing (spot_id);

-- A table may say of itself that it is ground, so that this need not be written anew for each.
create or replace function touch_collection() returns trigger language plpgsql as $$
declare
  touched bigint;
  of_ground boolean := tg_table_name in ('collection', 'plant', 'place', 'place_light', 'light_reading')
    or coalesce(tg_argv[0], '') = 'ground';
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

create constraint trigger pulse after insert or update or delete on place_window
  deferrable initially deferred for each row execute function touch_collection('ground');
create constraint trigger pulse after insert or update or delete on place_spot
  deferrable initially deferred for each row execute function touch_collection('ground');
create constraint trigger pulse after insert or update or delete on standing
  deferrable initially deferred for each row execute function touch_collection('ground');
