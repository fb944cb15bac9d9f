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

-- The last transaction that changed anything of a collection, so that what was worked out from it can
-- be kept until then. It is set at the end of a transaction, so that writers do not wait for one
-- another. What is only a record of work done (states of pots, keys of answers) does not count.
create table collection_pulse (
  collection_id bigint primary key references collection on delete cascade,
  pulse bigint not null
);

create function touch_collection() returns trigger language plpgsql as $$
declare
  touched bigint;
begin
  if tg_table_name = 'collection' then
    touched := new.id;
  elsif tg_op = 'DELETE' then
    touched := old.collection_id;
  else
    touched := new.collection_id;
  end if;
  update collection_pulse set pulse = txid_current() where collection_id = touched and pulse <> txid_current();
  if not found then
    insert into collection_pulse (collection_id, pulse) values (touched, txid_current())
      on conflict (collection_id) do nothing;
  end if;
  return null;
end $$;

do $$
declare of_table text;
begin
  for of_table in
    select c.table_name from information_schema.columns c
      join information_schema.tables t on t.table_schema = c.table_schema and t.table_name = c.table_name
      where c.table_schema = current_schema() and t.table_type = 'BASE TABLE'
        and (c.column_name = 'collection_id' or c.table_name = 'collection' and c.column_name = 'id')
        and c.table_name not in ('pot_state', 'round_answer', 'collection_pulse')
  loop
    execute format('create constraint trigger pulse after insert or update%s on %I'
      ' deferrable initially deferred for each row execute function touch_collection()',
      case when of_table = 'collection' then '' else ' or delete' end, of_table);
  end loop;
end $$;
