-- The work ahead for calendars of other programs, and what they were told of it.
create table calendar_feed (
  collection_id bigint primary key references collection on delete cascade,
  hash char(64) not null unique,
  hour integer check (hour between 0 and 23),
  made_at timestamptz not null
);
create table calendar_event (
  collection_id bigint not null references collection on delete cascade,
  uid varchar(120) not null,
  day date not null,
  summary text not null,
  words text not null,
  path varchar(200) not null,
  sequence integer not null,
  changed_at timestamptz not null,
  gone boolean not null,
  primary key (collection_id, uid)
);
