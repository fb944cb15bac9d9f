-- How large the room of a place is, and how its air is changed.
create table place_air (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  place_id bigint not null unique references place on delete cascade,
  volume double precision not null check (volume > 0),
  airing text not null check (airing in ('TIGHT', 'USUAL', 'AIRY', 'TILTED'))
);
create constraint trigger pulse after insert or update or delete on place_air
  deferrable initially deferred for each row execute function touch_collection();
