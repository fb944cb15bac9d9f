-- Letters about the day's work, and the demo's stand-in mailbox.
create table reminder (
  collection_id bigint primary key references collection on delete cascade,
  wanted boolean not null,
  hour integer not null check (hour between 0 and 23),
  quiet_from integer not null check (quiet_from between 0 and 23),
  quiet_until integer not null check (quiet_until between 0 and 23),
  urgent boolean not null,
  sent_on date,
  urgent_told text not null
);
create table stand_in_letter (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  sent_at timestamptz not null,
  subject text not null,
  words text not null
);
create index on stand_in_letter (collection_id);
