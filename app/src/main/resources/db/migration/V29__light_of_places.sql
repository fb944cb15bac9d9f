-- The window through which a place is lit, or the open sky over it, and the lamps above its plants. Lengths in cm.
create table place_light (
  id bigint generated always as identity primary key,
  place_id bigint not null unique references place on delete cascade,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  faces double precision not null check (faces >= 0 and faces < 360),
  distance double precision not null check (distance between 0 and 2500),
  outside text not null check (outside in ('OPEN', 'FAR', 'STREET', 'CLOSE', 'TREES')),
  width double precision,
  height double precision,
  sill double precision,
  glass text check (glass in ('NONE', 'SINGLE', 'DOUBLE', 'TRIPLE', 'LOW_E', 'FROSTED')),
  passes double precision check (passes between 0 and 100),
  leaves double precision,
  lamp_ppf double precision,
  lamp_distance double precision,
  lamp_hours double precision
);
create constraint trigger pulse after insert or update or delete on place_light
  deferrable initially deferred for each row execute function touch_collection();

-- What a keeper read there, by meter or phone.
create table light_reading (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  at timestamp with time zone not null,
  ppfd double precision not null check (ppfd > 0),
  words varchar(60) not null,
  sky text not null check (sky in ('CLEAR', 'BROKEN', 'COVERED'))
);
create index light_reading_place on light_reading (place_id, at);
create constraint trigger pulse after insert or update or delete on light_reading
  deferrable initially deferred for each row execute function touch_collection();
