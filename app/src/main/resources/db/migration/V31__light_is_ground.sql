-- How places are lit is ground as places are: what is worked out of it holds until it changes.
create or replace function touch_collection() returns trigger language plpgsql as $$
declare
  touched bigint;
  of_ground boolean := tg_table_name in ('collection', 'plant', 'place', 'place_light', 'light_reading');
  of_cases boolean := tg_table_name in ('plant_case', 'case_change', 'pest_look');
  now bigint := txid_current();
begin
  if tg_table_name = 'collection' then
    touched := new.id;
  elsif tg_op = 'DELETE' then
    touched := old.collection_id;
  else
    touched := new.collection_id;
  end if;
  if tg_table_name = 'entry' then
    of_ground := tg_op <> 'INSERT' and old.kind = 'MOVED' or tg_op <> 'DELETE' and new.kind = 'MOVED';
  end if;
  update collection_pulse
    set pulse = now,
      ground = case when of_ground then now else ground end,
      cases = case when of_cases then now else cases end
    where collection_id = touched
      and (pulse <> now or of_ground and ground <> now or of_cases and cases <> now);
  if not found then
    insert into collection_pulse (collection_id, pulse, ground, cases)
      select id, now, now, now from collection where id = touched
      on conflict (collection_id) do nothing;
  end if;
  return null;
end $$;
