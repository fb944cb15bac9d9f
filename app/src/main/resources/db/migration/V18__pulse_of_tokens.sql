-- The settings show the keeper's tokens, so these are of the collection too.
create function touch_collection_of_keeper() returns trigger language plpgsql as $$
begin
  insert into collection_pulse (collection_id, pulse)
    select id, txid_current() from collection where keeper_id = coalesce(new.keeper_id, old.keeper_id)
    on conflict (collection_id) do update set pulse = excluded.pulse;
  return null;
end $$;
create constraint trigger pulse after insert or update or delete on api_token
  deferrable initially deferred for each row execute function touch_collection_of_keeper();
