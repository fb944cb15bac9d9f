-- In which units the keeper reads and types; null as is usual where the collection stands.
alter table collection add column units text check (units in ('METRIC', 'CUSTOMARY'));
