-- Blinds by the hour; lamps by watts and kind; a roof over any window; what warms or blows in a room;
-- and light that changed of itself. Lengths in cm, hours by the sun.
alter table place_light
  add column reveal double precision check (reveal between 0 and 200),
  add column drawn_from double precision check (drawn_from between 0 and 24),
  add column drawn_to double precision check (drawn_to between 0 and 24),
  add column lamp_watts double precision check (lamp_watts between 1 and 5000),
  add column lamp_kind text,
  add column lamp_beam double precision check (lamp_beam between 5 and 360);
alter table place_spot
  add column lamp_watts double precision check (lamp_watts between 1 and 5000),
  add column lamp_kind text,
  add column lamp_beam double precision check (lamp_beam between 5 and 360);
alter table place_window
  add column reveal double precision check (reveal between 0 and 200),
  add column drawn_from double precision check (drawn_from between 0 and 24),
  add column drawn_to double precision check (drawn_to between 0 and 24),
  add column over_out double precision check (over_out between 0 and 1000),
  add column over_above double precision check (over_above between 0 and 1000);

create table place_thing (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  kind text not null,
  wall text not null check (wall in ('FRONT', 'RIGHT', 'BACK', 'LEFT')),
  along double precision not null check (along between 0 and 5000)
);
create index place_thing_place on place_thing (place_id);
create constraint trigger pulse after insert or update or delete on place_thing
  deferrable initially deferred for each row execute function touch_collection('ground');

-- What a stand had on a clear day before it was drawn anew, and since, mol/m2 and hours of sun. It
-- counts once the keeper says that it did change; until then it is asked.
create table light_change (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  spot_id bigint references place_spot on delete cascade,
  day date not null,
  before_dli double precision not null,
  before_hours double precision not null,
  before_peak double precision not null,
  after_dli double precision not null,
  after_hours double precision not null,
  after_peak double precision not null,
  meant boolean not null default false
);
create index light_change_place on light_change (place_id);
create constraint trigger pulse after insert or update or delete on light_change
  deferrable initially deferred for each row execute function touch_collection('ground');

-- A closed case: watts of lamps whose warmth stays in it.
alter table place_air
  drop constraint place_air_airing_check,
  add column watts double precision check (watts between 0 and 5000);
update place_air a set airing = 'SHUT' from place p where p.id = a.place_id and p.kind = 'CASE';

-- That plants were seen to before the sun that comes on a day.
create table sun_answer (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  plant_id bigint not null references plant on delete cascade,
  day date not null,
  unique (plant_id, day)
);
create constraint trigger pulse after insert or update or delete on sun_answer
  deferrable initially deferred for each row execute function touch_collection();

-- Lamps are read by night.
alter table light_reading
  drop constraint light_reading_sky_check,
  add check (sky in ('CLEAR', 'BROKEN', 'COVERED', 'LAMP'));

-- A device may stand on a stand of its place.
alter table device_place
  add column spot_id bigint references place_spot on delete set null;
