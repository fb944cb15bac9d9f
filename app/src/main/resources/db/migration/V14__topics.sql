-- What the last transaction touched, so that a drink noted does not make the list of plants be read anew:
-- ground is plants, places and moves, cases is what a case or a look for pests wrote.
alter table collection_pulse add column ground bigint not null default 0;
alter table collection_pulse add column cases bigint not null default 0;

create or replace function touch_collection() returns trigger language plpgsql as $$
declare
  touched bigint;
  of_ground boolean := tg_table_name in ('collection', 'plant', 'place');
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
    insert into collection_pulse (collection_id, pulse, ground, cases) values (touched, now, now, now)
      on conflict (collection_id) do nothing;
  end if;
  return null;
end $$;
