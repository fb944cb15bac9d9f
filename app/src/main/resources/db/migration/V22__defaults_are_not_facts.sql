-- Pots and stages that a form preselected and nobody touched say nothing: they become unknown.
alter table plant alter column pot_holes drop not null;
alter table plant alter column outer_pot drop not null;
alter table plant alter column stage drop not null;

update plant set pot_holes = null, outer_pot = null, pot_material = null
  where pot_holes and not outer_pot and pot_shape = 'ROUND' and stands_in = 'NONE'
    and pot_depth_cm is null and (pot_material is null or pot_material = 'PLASTIC');
update plant set stage = null, stage_since = null where stage = 'GROWTH';

-- So are the boxes of a place of which none was ticked.
alter table place alter column draught drop not null, alter column draught drop default,
  alter column glass drop not null, alter column glass drop default,
  alter column heater drop not null, alter column heater drop default,
  alter column lamp drop not null, alter column lamp drop default;
update place set draught = null, glass = null, heater = null, lamp = null
  where not (draught or glass or heater or lamp);
