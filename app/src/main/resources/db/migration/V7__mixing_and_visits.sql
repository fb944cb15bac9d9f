-- What a keeper chose for the collection, the cabinet with its label rates, mixes, patch tests, carriers and traps.
create table collection_choice (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  topic varchar(20) not null,
  choice varchar(200) not null,
  unique (collection_id, topic)
);

create table cabinet_item (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  name varchar(80) not null,
  means varchar(40),
  stock_percent double precision check (stock_percent > 0 and stock_percent <= 100),
  amount_left double precision not null check (amount_left >= 0),
  unit varchar(2) not null check (unit in ('ml', 'g')),
  opened_on date,
  expires_on date,
  notes varchar(500) not null default '',
  away_on date
);

create table cabinet_rate (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  item_id bigint not null references cabinet_item,
  used_for varchar(80) not null,
  rate varchar(60) not null,
  unique (item_id, used_for)
);

create table mix (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  item_id bigint not null references cabinet_item,
  visit_id bigint references treatment_visit on delete set null,
  used_for varchar(80) not null,
  rate varchar(60) not null,
  litres double precision not null check (litres > 0),
  amount double precision not null check (amount > 0),
  mixed_on date not null,
  back_on date
);
create index mix_day on mix (collection_id, mixed_on);

create table patch_test (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  means varchar(40) not null,
  begun_on date not null,
  result varchar(6) check (result in ('PASSED', 'FAILED')),
  begun_entry_id bigint not null references entry,
  read_entry_id bigint references entry
);
create index patch_test_plant on patch_test (plant_id, means);

create table case_carrier (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  case_id bigint not null references plant_case,
  carrier varchar(20) not null,
  unique (case_id, carrier)
);

create table trap_count (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  place_id bigint not null references place,
  counted_on date not null,
  traps int not null check (traps between 1 and 100),
  counted int not null check (counted between 0 and 100000),
  unique (place_id, counted_on) deferrable initially immediate
);

alter table treatment_visit add column reason varchar(250);
alter table treatment_course add column end_entry_id bigint references entry;
alter table isolation add column end_entry_id bigint references entry;
