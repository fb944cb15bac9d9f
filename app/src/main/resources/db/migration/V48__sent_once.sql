-- Keys under which programs sent lines for the day book.
create table sent_once (
  collection_id bigint not null references collection on delete cascade,
  key varchar(60) not null,
  entry_id bigint not null references entry on delete cascade,
  at timestamptz not null,
  primary key (collection_id, key)
);
create index on sent_once (entry_id);
