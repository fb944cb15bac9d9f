-- Ways of looking at the list of plants that a keeper comes back to.
create table saved_view (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  name varchar(60) not null,
  query varchar(600) not null
);
create unique index saved_view_name on saved_view (collection_id, lower(name));
create constraint trigger pulse after insert or update or delete on saved_view
  deferrable initially deferred for each row execute function touch_collection();
