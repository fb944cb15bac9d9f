-- The same spot measured again and again: still or spreading.
create table spot_measure (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  spot varchar(60) not null,
  measured_on date not null,
  mm double precision not null check (mm between 0.1 and 2000),
  error_mm double precision not null check (error_mm between 0.1 and 50),
  entry_id bigint not null references entry
);
create index spot_measure_plant on spot_measure (plant_id, spot, measured_on);

-- Since when the plant is in its stage, so that days in flower are known.
alter table plant add column stage_since date;
