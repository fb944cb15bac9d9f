-- Whether closed cases move this collection's base rates.
alter table collection add column learns boolean not null default true;
create index look_recent on look (collection_id, started_at desc);
