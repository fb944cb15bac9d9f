-- A rate is kept as its keeper confirmed it, with the use that the label gives it for. Rates from before are read
-- again from what was printed, and say no use until their keeper does.
alter table cabinet_rate alter column rate type varchar(200);
alter table cabinet_rate
  add column as_read varchar(300),
  add column least double precision check (least > 0),
  add column most double precision check (most >= least),
  add column what varchar(8),
  add column per varchar(8),
  add column crop varchar(8),
  add column method varchar(8),
  add column against varchar(400) not null default '',
  add check (num_nulls(as_read, least, most, what, per) in (0, 5)),
  add check (num_nulls(crop, method) in (0, 2));
alter table mix alter column rate type varchar(200);
alter table mix rename column litres to made;
alter table mix add column per varchar(8) not null default 'LITRE';
