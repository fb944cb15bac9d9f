-- A repotting that its keeper put off, with why.
create table repot_put_off (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  plant_id bigint not null unique references plant on delete cascade,
  until date not null,
  reason varchar(200) not null
);
create constraint trigger pulse after insert or update or delete on repot_put_off
  deferrable initially deferred for each row execute function touch_collection();
