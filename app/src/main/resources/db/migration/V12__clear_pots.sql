alter table plant drop constraint plant_pot_material_check;
alter table plant add constraint plant_pot_material_check
  check (pot_material in ('PLASTIC', 'CLEAR', 'CLAY', 'GLAZED', 'WOOD', 'GLASS'));
