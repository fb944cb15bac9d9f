-- Courses of treatment with their visits, looks for a pest with what was counted, and quarantine.
alter table entry drop constraint entry_kind_check;
alter table entry add constraint entry_kind_check check (kind in
  ('LOOK', 'WATER', 'FEED', 'MOVE', 'REPOT', 'MOISTURE', 'STOOD', 'LOSS', 'TREAT', 'CASE', 'NOTE', 'RETRACTION'));

create table treatment_course (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  case_id bigint not null references plant_case,
  plant_id bigint not null references plant,
  pest varchar(40) not null,
  school varchar(40) not null,
  females int not null check (females between 1 and 100000),
  celsius double precision not null check (celsius between -40 and 60),
  begun_on date not null,
  ended_on date,
  entry_id bigint not null references entry
);
create unique index treatment_course_open on treatment_course (case_id) where ended_on is null;

create table treatment_visit (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  course_id bigint not null references treatment_course on delete cascade,
  planned_on date not null,
  means varchar(200) not null,
  state varchar(8) not null check (state in ('PLANNED', 'DONE', 'SKIPPED')),
  answered_on date,
  entry_id bigint references entry
);
create index treatment_visit_course on treatment_visit (course_id, planned_on);

create table pest_look (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  pest varchar(40) not null,
  looked_on date not null,
  counted int not null check (counted between 0 and 100000),
  entry_id bigint not null references entry
);
create index pest_look_plant on pest_look (plant_id, pest, looked_on);

create table isolation (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection,
  plant_id bigint not null references plant,
  pest varchar(40),
  why varchar(200) not null,
  began_on date not null,
  ended_on date,
  ended_why varchar(200),
  entry_id bigint not null references entry
);
create unique index isolation_open on isolation (plant_id) where ended_on is null;
