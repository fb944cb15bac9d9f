-- Keepers and their collection. Every row of work belongs to a collection.
create table keeper (
  id bigint generated always as identity primary key,
  email varchar(254) not null,
  name varchar(80) not null,
  password_hash varchar(120) not null,
  created_at timestamptz not null
);
create unique index keeper_email on keeper (lower(email));

create table collection (
  id bigint generated always as identity primary key,
  keeper_id bigint not null unique references keeper,
  name varchar(80) not null,
  latitude double precision not null check (latitude between -90 and 90),
  zone varchar(60) not null,
  demo_anchor date
);

create table api_token (
  id bigint generated always as identity primary key,
  keeper_id bigint not null references keeper,
  name varchar(60) not null,
  hash char(64) not null unique,
  created_at timestamptz not null,
  last_used_at timestamptz,
  revoked_at timestamptz
);
create index api_token_keeper on api_token (keeper_id);

create table place (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  name varchar(60) not null,
  kind varchar(12) not null check (kind in ('INDOOR', 'CASE', 'OUTDOOR', 'QUARANTINE')),
  temperature double precision check (temperature between -30 and 55),
  humidity double precision check (humidity between 0 and 100),
  position int not null
);
create unique index place_name on place (collection_id, lower(name));

create table plant (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  code varchar(20) not null,
  taxon_id varchar(60),
  name varchar(120) not null,
  form_id varchar(40) not null,
  place_id bigint not null references place,
  pot_shape varchar(12) not null check (pot_shape in ('ROUND', 'SQUARE', 'BOWL', 'BASKET', 'MOUNT')),
  pot_cm double precision check (pot_cm between 1 and 200),
  pot_material varchar(12) check (pot_material in ('PLASTIC', 'CLAY', 'GLAZED', 'WOOD', 'GLASS')),
  pot_holes boolean not null,
  outer_pot boolean not null,
  medium_id varchar(40),
  medium_since date,
  water_used varchar(10) check (water_used in ('RAIN', 'TAP', 'SOFTENED')),
  stage varchar(12) not null check (stage in ('GROWTH', 'REST', 'BUD', 'FLOWER', 'AFTER_FLOWER')),
  arrived_on date,
  notes varchar(2000) not null,
  archived_on date
);
create unique index plant_code on plant (collection_id, lower(code));
create index plant_place on plant (place_id);

-- A look: the findings of one inspection. At most one is open for each plant.
create table look (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  started_at timestamptz not null,
  finished_at timestamptz
);
create unique index look_open on look (plant_id) where finished_at is null;
create index look_plant on look (plant_id, started_at desc);

create table finding (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  look_id bigint not null references look,
  sign varchar(40) not null,
  pattern varchar(40) not null,
  present boolean not null,
  detail varchar(80) not null,
  unique (look_id, sign, pattern)
);

create table plant_case (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  number int not null,
  plant_id bigint not null references plant,
  look_id bigint references look,
  cause_id varchar(40) not null,
  probability double precision not null check (probability between 0 and 1),
  opened_on date not null,
  closed_on date,
  outcome varchar(12) check (outcome in ('HEALED', 'BETTER', 'NO_CHANGE', 'LOST', 'NOT_IT', 'TAKEN_BACK')),
  learned varchar(1000) not null,
  unique (collection_id, number),
  check ((closed_on is null) = (outcome is null))
);
create unique index plant_case_open on plant_case (plant_id) where closed_on is null;

-- Each change tried within a case, with its window and its result.
create table case_change (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  case_id bigint not null references plant_case,
  change_id varchar(40) not null,
  made_on date not null,
  look_on date not null check (look_on >= made_on),
  reason varchar(300) not null,
  confounded_by varchar(300),
  response varchar(8) check (response in ('BETTER', 'SAME', 'WORSE')),
  responded_on date,
  probability_after double precision check (probability_after between 0 and 1),
  undone_on date,
  ended boolean not null,
  check ((response is null) = (responded_on is null))
);
create index case_change_case on case_change (case_id);

-- The day book. Rows are only added; a correction or a taking back is a new row that supersedes an old one.
create table entry (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  at timestamptz not null,
  kind varchar(12) not null check (kind in ('LOOK', 'WATER', 'FEED', 'MOVE', 'REPOT', 'MOISTURE', 'CASE', 'NOTE', 'RETRACTION')),
  text varchar(1000) not null,
  volume_ml double precision check (volume_ml > 0),
  ppm double precision check (ppm > 0),
  moisture varchar(4) check (moisture in ('DRY', 'DAMP', 'WET')),
  place_id bigint references place,
  from_place_id bigint references place,
  medium_before varchar(40),
  medium_since_before date,
  look_id bigint references look,
  case_id bigint references plant_case,
  change_ref bigint references case_change,
  supersedes_id bigint unique references entry,
  superseded boolean not null
);
create index entry_plant on entry (plant_id, at desc) where not superseded;
create index entry_day on entry (collection_id, at) where not superseded;

-- Sessions (Spring Session) and sign-in limits (Bucket4j).
create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
create table bucket (
  id bigint primary key,
  state bytea,
  expires_at bigint
);
