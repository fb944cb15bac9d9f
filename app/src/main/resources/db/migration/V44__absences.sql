-- Absences: what was planned, what a visitor is asked for and answered, and what was found on the return.
create table trip (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  from_day date not null,
  until_day date not null,
  call varchar(120) not null,
  cup_ml integer check (cup_ml between 20 and 5000),
  made_at timestamptz not null,
  link_hash char(64) unique,
  back_on date,
  check (until_day > from_day)
);
create table trip_plant (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  trip_id bigint not null references trip on delete cascade,
  plant_id bigint not null references plant on delete cascade,
  expected double precision not null check (expected between 0 and 1),
  watered boolean not null,
  found text check (found in ('WELL', 'THIRSTY', 'HARMED', 'DEAD')),
  found_on date,
  entry_id bigint references entry on delete set null,
  pests_on date,
  unique (trip_id, plant_id),
  check ((found is null) = (found_on is null))
);
create index on trip_plant (plant_id);
create table trip_task (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  trip_id bigint not null references trip on delete cascade,
  plant_id bigint not null references plant on delete cascade,
  day date not null,
  amount varchar(200) not null,
  ml integer check (ml > 0),
  avoid varchar(200) not null,
  state text not null check (state in ('OPEN', 'DONE', 'DAMP', 'NOT_DONE')),
  entry_id bigint references entry on delete set null,
  unique (trip_id, plant_id, day)
);
create index on trip_task (plant_id);
create index on trip_task (entry_id);
create table trip_message (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  trip_id bigint not null references trip on delete cascade,
  plant_id bigint references plant on delete cascade,
  at timestamptz not null,
  text varchar(1000) not null,
  image bytea,
  photo_id bigint references photo on delete set null,
  urgent boolean not null,
  seen_on date
);
create index on trip_message (trip_id);
create index on trip_message (plant_id);
create index on trip_message (photo_id);
create index on trip_plant (entry_id);
create constraint trigger pulse after insert or update or delete on trip
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on trip_plant
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on trip_task
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on trip_message
  deferrable initially deferred for each row execute function touch_collection();
