-- New plants: batches with what is counted of them, and where plants came from.
create table raising_batch (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  number integer not null check (number > 0),
  parent_id bigint references plant on delete set null,
  name varchar(120) not null,
  way text not null,
  begun_on date not null,
  seed varchar(120),
  pollen varchar(120),
  grex varchar(80),
  notes varchar(500) not null,
  closed_on date,
  unique (collection_id, number),
  check ((seed is null) = (pollen is null)),
  check (closed_on is null or closed_on >= begun_on)
);
create index on raising_batch (parent_id);
create table raising_count (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  batch_id bigint not null references raising_batch on delete cascade,
  step text not null check (step in ('TAKEN', 'ROOTED', 'POTTED', 'LOST')),
  number integer not null check (number between 1 and 100000),
  day date not null
);
create index on raising_count (batch_id);
create table plant_origin (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  plant_id bigint not null unique references plant on delete cascade,
  parent_id bigint references plant on delete set null,
  batch_id bigint references raising_batch on delete set null
);
create index on plant_origin (parent_id);
create constraint trigger pulse after insert or update or delete on raising_batch
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on raising_count
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on plant_origin
  deferrable initially deferred for each row execute function touch_collection();
