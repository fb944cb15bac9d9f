-- A text that the app puts together is kept whole; what keepers type is bounded where it is taken in.
alter table entry alter column text type text;
alter table case_change alter column confounded_by type text;
alter table finding alter column detail type text;
