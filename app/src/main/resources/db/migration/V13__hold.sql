-- Two changes of one row at once: the second starts again from what the first has stored.
alter table plant add column version int not null default 0;
alter table place add column version int not null default 0;
alter table collection add column version int not null default 0;
alter table cabinet_item add column version int not null default 0;
alter table mix add column version int not null default 0;
alter table plant_case add column version int not null default 0;
alter table treatment_course add column version int not null default 0;
alter table treatment_visit add column version int not null default 0;
alter table isolation add column version int not null default 0;
alter table waiting_test add column version int not null default 0;
alter table patch_test add column version int not null default 0;

-- An address may be as long as the account's.
alter table spring_session alter column principal_name type varchar(254);

-- What a token may do, and until when; and when a keeper signed out everywhere.
alter table api_token add column scope varchar(10) not null default 'ALL'
  check (scope in ('READ', 'READINGS', 'ALL'));
alter table api_token add column expires_on date;

-- Browsers in which a keeper has signed in before; strangers' wrong tries do not count for them.
create table known_browser (
  hash char(64) primary key,
  keeper_id bigint not null references keeper on delete cascade,
  seen_at timestamptz not null
);
create index known_browser_keeper on known_browser (keeper_id);

-- Where the answer to a key led, for the second of two sendings.
alter table round_answer alter column key type varchar(80);
alter table round_answer add column led_to varchar(200);
