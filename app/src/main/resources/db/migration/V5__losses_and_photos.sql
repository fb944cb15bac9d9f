-- Two more things that a line of the day book can say: it stood in water, and how many leaves fell.
alter table entry drop constraint entry_kind_check;
alter table entry add constraint entry_kind_check check (kind in
  ('LOOK', 'WATER', 'FEED', 'MOVE', 'REPOT', 'MOISTURE', 'STOOD', 'LOSS', 'CASE', 'NOTE', 'RETRACTION'));
alter table entry add column lost double precision check (lost > 0 and lost <= 1);

-- Pictures of a plant, decoded and written anew by the app; the position is never kept.
create table photo (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  taken_on date not null,
  caption varchar(120) not null,
  width int not null check (width between 1 and 4000),
  height int not null check (height between 1 and 4000),
  image bytea not null,
  thumbnail bytea not null,
  entry_id bigint not null references entry
);
create index photo_plant on photo (plant_id, taken_on, id);
