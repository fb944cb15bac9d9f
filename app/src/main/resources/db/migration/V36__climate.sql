-- The weather that is usual where a collection stands, from a file; without one, by latitude.
create table own_climate (
  id bigint generated always as identity primary key,
  collection_id bigint not null unique references collection on delete cascade,
  name varchar(100) not null,
  months jsonb not null
);
create constraint trigger pulse after insert or update or delete on own_climate
  deferrable initially deferred for each row execute function touch_collection('ground');
