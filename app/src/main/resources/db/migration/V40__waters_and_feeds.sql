-- Waters of a collection as far as they are known, and its feeds as their labels print them.
create table own_water (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  name varchar(60) not null,
  kind text not null,
  ec_us_cm double precision check (ec_us_cm between 0 and 20000),
  hardness double precision check (hardness between 0 and 2000),
  hardness_in text not null,
  alkalinity double precision check (alkalinity between 0 and 2000),
  sodium double precision check (sodium between 0 and 5000),
  chloride double precision check (chloride between 0 and 5000),
  ph double precision check (ph between 3 and 11),
  disinfectant text not null,
  cost double precision check (cost between 0 and 100),
  unique (collection_id, name)
);
create table feed_product (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  version integer not null default 0,
  name varchar(80) not null,
  convention text not null check (convention in ('OXIDE', 'ELEMENT')),
  n double precision not null check (n between 0 and 100),
  p double precision not null check (p between 0 and 100),
  k double precision not null check (k between 0 and 100),
  ca double precision check (ca between 0 and 100),
  mg double precision check (mg between 0 and 100),
  s double precision check (s between 0 and 100),
  nitrate double precision check (nitrate between 0 and 100),
  ammonium double precision check (ammonium between 0 and 100),
  urea double precision check (urea between 0 and 100),
  liquid boolean not null,
  density double precision check (density between 0.5 and 3),
  dose double precision check (dose between 0.001 and 1000),
  unique (collection_id, name)
);
create constraint trigger pulse after insert or update or delete on own_water
  deferrable initially deferred for each row execute function touch_collection();
create constraint trigger pulse after insert or update or delete on feed_product
  deferrable initially deferred for each row execute function touch_collection();
