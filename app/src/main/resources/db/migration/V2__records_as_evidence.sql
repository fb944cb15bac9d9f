-- What stands near a place and how far its air goes, as the keeper notes it.
alter table place
  add column coldest double precision check (coldest between -40 and 55),
  add column warmest double precision check (warmest between -40 and 60),
  add column light varchar(6) check (light in ('LOW', 'MEDIUM', 'BRIGHT', 'SUN')),
  add column draught boolean not null default false,
  add column glass boolean not null default false,
  add column heater boolean not null default false,
  add column lamp boolean not null default false,
  add constraint place_extremes check (coldest <= warmest);

-- A record that the keeper says does not count in this look.
create table look_overrule (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  look_id bigint not null references look,
  condition varchar(40) not null,
  unique (look_id, condition)
);

-- A test that takes days: begun, due, and the day-book rows that began and ended it.
create table waiting_test (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  check_id varchar(40) not null,
  node varchar(90) not null,
  started_on date not null,
  due_on date not null check (due_on >= started_on),
  begun_by bigint not null references entry,
  ended_on date,
  ended_by bigint references entry
);
create unique index waiting_test_open on waiting_test (plant_id, node) where ended_on is null;
create index waiting_test_due on waiting_test (collection_id, due_on) where ended_on is null;
