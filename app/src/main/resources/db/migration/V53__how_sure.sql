-- What was read from a keeper's words may not have been meant, until they say so.
alter table finding add column sure double precision not null default 1 check (sure > 0 and sure <= 1);
