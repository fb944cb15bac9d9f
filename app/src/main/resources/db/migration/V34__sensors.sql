-- Devices that measure at places, where each was from when on, and what they read.
create table device (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  key varchar(80) not null,
  name varchar(60) not null,
  unique (collection_id, key)
);

create table device_place (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  device_id bigint not null references device on delete cascade,
  place_id bigint not null references place on delete cascade,
  since timestamp with time zone not null,
  until timestamp with time zone check (until > since)
);
create index device_place_place on device_place (place_id, since);
create index device_place_device on device_place (device_id, since);

-- Readings belong to their device, and through it to its collection. gauge: as core numbers them.
create table air_reading (
  device_id bigint not null references device on delete cascade,
  gauge smallint not null,
  at timestamp with time zone not null,
  value real not null,
  primary key (device_id, gauge, at)
);

-- Kept beside the readings in the same transaction, and longer than they.
create table air_hour (
  device_id bigint not null references device on delete cascade,
  gauge smallint not null,
  hour timestamp with time zone not null,
  n integer not null,
  total double precision not null,
  low real not null,
  high real not null,
  primary key (device_id, gauge, hour)
);
create table air_day (
  device_id bigint not null references device on delete cascade,
  gauge smallint not null,
  day date not null,
  n integer not null,
  total double precision not null,
  low real not null,
  high real not null,
  primary key (device_id, gauge, day)
);

create constraint trigger pulse after insert or update or delete on device
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on device_place
  deferrable initially deferred for each row execute function touch_collection();
alter table collection add column keep_days integer not null default 400
  check (keep_days between 7 and 4000);
