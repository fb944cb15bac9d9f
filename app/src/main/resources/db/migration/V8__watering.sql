-- What an entry says of a pot's water, the depth of a pot, and when each pot is to be looked at next.
alter table entry add column pot_note varchar(60);
alter table entry add column reading_key varchar(80);
create unique index entry_reading on entry (collection_id, reading_key) where reading_key is not null;
alter table plant add column pot_depth_cm double precision check (pot_depth_cm between 1 and 200);

create table pot_state (
  plant_id bigint primary key references plant,
  collection_id bigint not null references collection,
  known varchar(200) not null,
  look_on date not null,
  soonest date not null,
  latest date,
  share_left double precision not null,
  ready_chance double precision not null,
  drink_ml double precision not null,
  reason varchar(200) not null
);
