-- How much of a disease's usual spread takes hold on leaves as wet as those of the plant.
alter table treatment_course add column takes double precision not null default 1 check (takes > 0);
-- A rot is cut and watched and has no course of visits; those that were begun before it had none end here.
update treatment_course set ended_on = current_date
  where ended_on is null
    and pest in ('bacterial-soft-rot', 'bacterial-brown-spot', 'crown-rot', 'root-rot', 'black-root-rot',
      'stem-rot', 'dry-girdle-rot', 'southern-blight', 'damping-off');
