-- A logger's file that waits until its columns are agreed; it is deleted once it was read.
create table logger_file (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  place_id bigint not null references place on delete cascade,
  name varchar(120) not null,
  body text not null,
  opened timestamp with time zone not null
);
create constraint trigger pulse after insert or update or delete on logger_file
  deferrable initially deferred for each row execute function touch_collection();
