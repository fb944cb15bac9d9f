-- What stands out above the rest of the skyline, by direction; and a roof over the main window, cm.
alter table place_light
  add column over_out double precision check (over_out between 0 and 1000),
  add column over_above double precision check (over_above between 0 and 1000);
create table place_skyline (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  begins double precision not null check (begins >= 0 and begins < 360),
  ends double precision not null check (ends >= 0 and ends < 360),
  up double precision not null check (up between 0 and 90),
  tree boolean not null
);
create index place_skyline_place on place_skyline (place_id);
create constraint trigger pulse after insert or update or delete on place_skyline
  deferrable initially deferred for each row execute function touch_collection('ground');
