-- A look may hold what its keeper said: signs whose place was not said, words that can mean several signs,
-- circumstances that no record tells, and for each the words in which it was said.
alter table look add column said varchar(4000) not null default '';

alter table finding
  alter column pattern drop not null,
  add column said varchar(300) not null default '',
  drop constraint finding_look_id_sign_pattern_key,
  add constraint finding_once unique nulls not distinct (look_id, sign, pattern);

create table look_told (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  look_id bigint not null references look,
  field varchar(40) not null,
  figure double precision,
  choice varchar(40),
  said varchar(300) not null,
  check ((figure is null) <> (choice is null)),
  unique (look_id, field)
);
create constraint trigger pulse after insert or update or delete on look_told
  deferrable initially deferred for each row execute function touch_collection();
