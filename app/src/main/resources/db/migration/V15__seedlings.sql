-- A plant may be a seedling, which lives otherwise than a grown one.
alter table plant drop constraint plant_stage_check;
alter table plant add constraint plant_stage_check check (stage in ('GROWTH', 'REST', 'BUD', 'FLOWER', 'AFTER_FLOWER', 'SEEDLING'));
