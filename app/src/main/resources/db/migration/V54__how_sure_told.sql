-- What was read from a keeper's words of circumstances may not have been meant, until they say so, and a figure may mean several.
alter table look_told
  add column sure double precision not null default 1 check (sure > 0 and sure <= 1),
  add column spread double precision not null default 0 check (spread >= 0);
