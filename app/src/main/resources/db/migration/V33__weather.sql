-- The last good forecast for a latitude, half a degree apart; it belongs to nobody.
create table forecast (
  latitude numeric(4, 1) primary key,
  issued timestamp with time zone not null,
  fetched timestamp with time zone not null,
  days jsonb not null
);

-- That a plant was brought in or covered before a night.
create table frost_answer (
  id bigint generated always as identity primary key,
  collection_id bigint not null references collection on delete cascade,
  plant_id bigint not null references plant on delete cascade,
  night date not null,
  unique (plant_id, night)
);
create constraint trigger pulse after insert or update or delete on frost_answer
  deferrable initially deferred for each row execute function touch_collection();
