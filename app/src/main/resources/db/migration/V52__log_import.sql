-- Logs that growers kept elsewhere, while they are read into the day book.
create table log_import (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null,
  made_at timestamptz not null,
  sheet jsonb not null,
  columns jsonb not null,
  days varchar(12),
  saved jsonb not null,
  entries jsonb not null
);
create index on log_import (collection_id);
