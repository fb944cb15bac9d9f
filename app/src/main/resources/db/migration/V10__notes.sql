-- An entry holds one note: its kind, and its figures as JSON in place of a column for each. Rows that correct or take
-- back one another share a root; what features hold is the root.
alter table entry drop constraint entry_kind_check;
alter table entry add column note jsonb;
alter table entry add column root_id bigint references entry;

create temporary table entry_root on commit drop as
with recursive chain (id, root_id) as (
  select id, id from entry where supersedes_id is null
  union all
  select e.id, c.root_id from entry e join chain c on e.supersedes_id = c.id)
select id, root_id from chain;
alter table entry_root add primary key (id);
update entry e set root_id = r.root_id from entry_root r where r.id = e.id and r.root_id <> e.id;

-- What happened is told by the words of the first row: later ones may have been reworded by the keeper.
create temporary table entry_note on commit drop as
select e.id, e.kind as old_kind, first.id as root, first.text as said, e.text, e.volume_ml, e.ppm, e.moisture, e.pot_note,
       split_part(coalesce(e.pot_note, ''), ' ', 1) as pot, split_part(coalesce(e.pot_note, ''), ' ', 2) as pot_value
from entry e join entry_root r on r.id = e.id join entry first on first.id = r.root_id;
alter table entry_note add primary key (id);

-- Figures that the line does not say were read from something else: "8 oz", "0.5 g/l", "of 60 ppm".
update entry_note set volume_ml = null where volume_ml is not null and not (
  text ~* ('(^|[^0-9.,:/-])' || volume_ml::text || '(\.0+)?\s*ml\M')
  or text ~* ('(^|[^0-9.,:/-])' || replace((volume_ml / 1000)::text, '.', '[.,]') || '0*\s*l\M')
  or text ~* ('^(watered|water|filled[a-z ]*)[\s,:]*' || volume_ml::text || '\M(?!\s*(oz|fl|cups?|pints?|times|x|ppm|g)\M)(?![/:.,-]\d)'));
update entry_note set ppm = null where ppm is not null
  and not text ~* ('(^|[^0-9.,:/-])' || ppm::text || '(\.0+)?\s*ppm\M');

update entry e set kind = n.kind, note = jsonb_strip_nulls(n.note)
from (
  select id,
    case
      when old_kind = 'WATER' and pot = 'filled' then 'FILLED'
      when old_kind = 'WATER' then 'WATERED'
      when old_kind = 'MOISTURE' and pot like 'weight%' then 'WEIGHED'
      when old_kind = 'MOISTURE' and pot = 'meter' then 'METERED'
      when old_kind = 'MOISTURE' and pot like 'lift-%' then 'LIFTED'
      when old_kind = 'MOISTURE' and pot = 'level' then 'LEVELLED'
      when old_kind = 'MOISTURE' and pot = 'wilted' then 'WILTED'
      when old_kind = 'MOISTURE' and pot = 'skipped' then 'SKIPPED'
      when old_kind = 'MOISTURE' and (pot in ('probe', 'skewer', 'touched', 'clear-pot') or moisture is not null) then 'FELT'
      when old_kind = 'MOISTURE' then 'REMARK'
      when old_kind = 'FEED' then 'FED'
      when old_kind = 'MOVE' then 'MOVED'
      when old_kind = 'REPOT' then 'REPOTTED'
      when old_kind = 'STOOD' then 'STOOD'
      when old_kind = 'FLUSH' then 'FLUSHED'
      when old_kind = 'LOSS' and lost is null then 'REMARK'
      when old_kind = 'LOSS' then 'LOST'
      when old_kind = 'LOOK' then 'LOOKED'
      when old_kind = 'TREAT' then 'TREATED'
      when old_kind = 'CASE' then 'CASE'
      when old_kind = 'RETRACTION' then 'TAKEN_BACK'
      when recorded is not null then 'RECORDED'
      else 'REMARK'
    end as kind,
    case
      when old_kind = 'WATER' and pot = 'filled' then jsonb_build_object('ml', volume_ml)
      when old_kind = 'WATER' then jsonb_build_object('ml', volume_ml, 'runOff',
        case pot when 'ran-through' then 'THROUGH' when 'no-run-off' then 'NONE' when 'ran-past' then 'PAST' else 'NOT_SAID' end)
      when old_kind = 'MOISTURE' and pot like 'weight%' then jsonb_build_object('grams', pot_value::double precision, 'state',
        case pot when 'weight-drained' then 'DRAINED' when 'weight-dry' then 'DRY' else 'AS_IT_WAS' end)
      when old_kind = 'MOISTURE' and pot = 'meter' then jsonb_build_object('figure', pot_value::double precision)
      when old_kind = 'MOISTURE' and pot like 'lift-%' then jsonb_build_object('heavy', pot = 'lift-heavy')
      when old_kind = 'MOISTURE' and pot = 'level' then jsonb_build_object('share', pot_value::double precision)
      when old_kind = 'MOISTURE' and pot = 'skipped' then jsonb_build_object('why', regexp_replace(said, '^Not looked at:? *', ''))
      when old_kind = 'MOISTURE' and pot in ('probe', 'skewer', 'touched', 'clear-pot') then jsonb_build_object(
        'how', upper(replace(pot, '-', '_')),
        'felt', to_jsonb(string_to_array(upper(substr(pot_note, length(pot) + 2)), ' ')))
      when old_kind = 'MOISTURE' and pot = '' and moisture is not null then
        jsonb_build_object('how', 'PROBE', 'felt', jsonb_build_array(moisture))
      when old_kind = 'FEED' then jsonb_build_object('ppm', ppm, 'strength', '{}'::jsonb)
      when old_kind = 'MOVE' then jsonb_build_object('from', from_place_id, 'to', place_id)
      when old_kind = 'REPOT' then jsonb_build_object('before',
        case when medium_before is not null or medium_since_before is not null
          then jsonb_build_object('mediumId', medium_before, 'since', medium_since_before) end)
      when old_kind = 'LOSS' and lost is not null then jsonb_build_object('share', lost)
      when old_kind = 'LOOK' then jsonb_build_object('lookId', look_id, 'what', case
        when look_id is not null then 'FINDINGS'
        when root in (select ended_by from waiting_test where ended_by is not null) then 'TEST'
        when root in (select begun_entry_id from patch_test union all select read_entry_id from patch_test
          where read_entry_id is not null) then 'PATCH'
        when root in (select entry_id from pest_look) then 'PEST'
        else 'OVER' end)
      when old_kind = 'TREAT' then jsonb_build_object('caseId', case_id, 'act', case
        when root in (select entry_id from treatment_course) then 'BEGUN'
        when root in (select end_entry_id from treatment_course where end_entry_id is not null) then 'ENDED'
        when said like 'Course begun%' then 'BEGUN'
        when said like 'Course ended%' then 'ENDED'
        when said like 'Visit skipped%' then 'SKIPPED'
        else 'TREATED' end)
      when old_kind = 'CASE' then jsonb_build_object('caseId', case_id, 'changeId', change_ref, 'act', case
        when said like '% opened: %' then 'OPENED'
        when said like '% closed: %' or said like '% closed. %' then 'CLOSED'
        when said like 'Kept on: %' then 'KEPT'
        when said like 'Next change: %' then 'CHANGED'
        when said like 'Change undone: %' then 'UNDONE'
        else 'ANSWERED' end)
      when old_kind = 'NOTE' and recorded is not null then jsonb_build_object('what', recorded)
      else '{}'::jsonb
    end as note
  from (
    select n.*, e.lost, e.look_id, e.case_id, e.change_ref, e.place_id, e.from_place_id, e.medium_before,
      e.medium_since_before, case
        when n.root in (select entry_id from photo) then 'PHOTO'
        when n.root in (select entry_id from spot_measure) then 'SPOT'
        when n.root in (select begun_by from waiting_test) then 'TEST_BEGUN'
        when n.root in (select entry_id from isolation) then 'QUARANTINE_BEGUN'
        when n.root in (select end_entry_id from isolation where end_entry_id is not null) then 'QUARANTINE_ENDED'
        when n.said = 'Put into the archive' then 'ARCHIVED'
        when n.said = 'Brought back from the archive' then 'BROUGHT_BACK'
      end as recorded
    from entry_note n join entry e on e.id = n.id) all_of_it) n
where n.id = e.id;

alter table entry alter column note set not null;
alter table entry add constraint entry_note_check check (jsonb_typeof(note) = 'object');
alter table entry alter column kind type varchar(20);
alter table entry drop column volume_ml, drop column ppm, drop column moisture, drop column lost, drop column pot_note,
  drop column place_id, drop column from_place_id, drop column medium_before, drop column medium_since_before,
  drop column look_id, drop column case_id, drop column change_ref;
create index entry_root on entry (root_id) where root_id is not null;

-- What made a change unreadable is held by its entry, not by its words.
alter table case_change add column confounded_root bigint references entry;
update case_change c set confounded_root = (
  select coalesce(e.root_id, e.id) from entry e join plant_case p on p.plant_id = e.plant_id
  where p.id = c.case_id and e.kind in ('FED', 'MOVED', 'REPOTTED') and not e.superseded
    and starts_with(c.confounded_by, e.text) order by e.id desc limit 1)
where c.confounded_by is not null;

-- Kept outcomes were worked out from notes as they were read before.
delete from pot_state;
