-- How it is known where on earth a collection stands: said by its keeper, taken from the time zone of the browser, or not at all.
alter table collection add column located varchar(8) not null default 'KEEPER' check (located in ('NOWHERE', 'BROWSER', 'KEEPER'));

-- Leads to a new password, once and for an hour; only its fingerprint is kept.
create table password_reset (
  id bigint generated always as identity primary key,
  keeper_id bigint not null references keeper on delete cascade,
  hash varchar(64) not null unique,
  made_at timestamptz not null
);
create index password_reset_keeper on password_reset (keeper_id);
