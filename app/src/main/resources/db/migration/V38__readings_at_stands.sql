-- At which stand of its place light was read; without one, at the usual stand.
alter table light_reading
  add column spot_id bigint references place_spot on delete cascade;
