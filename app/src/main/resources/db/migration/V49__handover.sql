-- Links by which another keeper takes a plant over with its history.
create table handover (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  plant_id bigint not null unique references plant on delete cascade,
  hash char(64) not null unique,
  until_day date not null
);
create index on handover (collection_id);
alter table archive_out drop constraint archive_out_by_whom_check;
alter table archive_out add constraint archive_out_by_whom_check
  check (by_whom in ('PAGE', 'PROGRAM', 'PLANT', 'LINK'));
