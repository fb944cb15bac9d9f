-- Collections beside the demo's, made of its plants over and over: one of :large plants and :others of 300.
-- Keepers many0@example.org (the large one), many1 … many:others, with the password of :'password_of'.
set session_replication_role = replica;

create function pg_temp.fill(source bigint, target bigint, plants int, days int) returns void language plpgsql as $$
declare
  copies int := 1 + plants / greatest(1, (select count(*) from plant where collection_id = source and archived_on is null));
begin
  -- A set of the demo's places for every eight copies of its plants.
  create temp table to_place as
    select p.id as old, s, nextval(pg_get_serial_sequence('place', 'id')) as new
    from place p, generate_series(0, copies / 8) s where p.collection_id = source;
  insert into place overriding system value
    select (jsonb_populate_record(p, jsonb_build_object('id', t.new, 'collection_id', target, 'name', p.name || ' ' || t.s + 1, 'position', p.position + 10 * t.s))).*
    from place p join to_place t on t.old = p.id;
  create temp table to_plant as
    select p.id as old, c, row_number() over (order by c, p.id) as n, nextval(pg_get_serial_sequence('plant', 'id')) as new
    from plant p, generate_series(1, copies) c where p.collection_id = source and p.archived_on is null;
  delete from to_plant where n > plants;
  create index on to_plant (old);
  analyze to_place;
  analyze to_plant;
  insert into plant overriding system value
    select (jsonb_populate_record(p, jsonb_build_object('id', t.new, 'collection_id', target, 'code', p.code || '-' || t.c, 'place_id', w.new))).*
    from plant p join to_plant t on t.old = p.id join to_place w on w.old = p.place_id and w.s = t.c / 8;
  insert into entry (collection_id, plant_id, at, kind, text, superseded, note)
    select target, t.new, e.at, e.kind, e.text, false, e.note
    from entry e join to_plant t on t.old = e.plant_id where not e.superseded and e.at > now() - make_interval(days => days)
    order by e.at;
  insert into plant_case (collection_id, number, plant_id, cause_id, probability, opened_on, closed_on, outcome, learned)
    select target, row_number() over (order by k.opened_on, t.new), t.new, k.cause_id, k.probability, k.opened_on, k.closed_on, k.outcome, k.learned
    from plant_case k join to_plant t on t.old = k.plant_id;
  insert into case_change (collection_id, case_id, change_id, made_on, look_on, reason, ended)
    select target, n.id, h.change_id, h.made_on, h.look_on, h.reason, h.ended
    from case_change h join plant_case k on k.id = h.case_id join to_plant t on t.old = k.plant_id
      join plant_case n on n.plant_id = t.new and n.opened_on = k.opened_on;
  drop table to_place, to_plant;
end $$;

insert into keeper (email, name, password_hash, created_at)
  select 'many' || n || '@example.org', 'Many ' || n, (select password_hash from keeper where email = :'password_of'), now()
  from generate_series(0, :others) n;
insert into collection (keeper_id, name, latitude, zone, learns)
  select k.id, 'Collection ' || k.name, c.latitude, c.zone, c.learns
  from keeper k, collection c where k.email like 'many%' and c.id = :source;
select pg_temp.fill(:source, c.id, case when k.email = 'many0@example.org' then :large else 300 end,
    case when k.email = 'many0@example.org' then 400 else 60 end)
  from collection c join keeper k on k.id = c.keeper_id where k.email like 'many%' order by k.id;
analyze;
