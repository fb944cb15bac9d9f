-- What pots stand in, flushes, the keeper's walk from plant to plant, and answers that are taken once.
alter table entry drop constraint entry_kind_check;
alter table entry add constraint entry_kind_check check (kind in
  ('LOOK', 'WATER', 'FEED', 'MOVE', 'REPOT', 'MOISTURE', 'STOOD', 'FLUSH', 'LOSS', 'TREAT', 'CASE', 'NOTE', 'RETRACTION'));
alter table plant add column stands_in varchar(10) not null default 'NONE'
  check (stands_in in ('NONE', 'TRAY', 'RESERVOIR', 'WICK'));
alter table plant add column walk int not null default 10000;

delete from pot_state;
alter table pot_state add column bears date not null;
alter table pot_state add column weighed boolean not null;

create table round_answer (
  collection_id bigint not null references collection,
  key varchar(60) not null,
  taken_at timestamptz not null,
  primary key (collection_id, key)
);

create index entry_newest on entry (collection_id, plant_id, id);
create index pot_state_collection on pot_state (collection_id);
