-- What the label of a bottle says of how often: where it is stricter than what is usual for such products, it counts.
alter table cabinet_item
  add column label_days integer check (label_days between 1 and 365),
  add column label_most integer check (label_most between 1 and 100);
