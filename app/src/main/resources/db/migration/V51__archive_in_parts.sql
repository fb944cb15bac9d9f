-- An archive that comes in parts: how large it will be, and by what a sender knows it again.
alter table archive_in add column size bigint;
alter table archive_in add column mark varchar(300);
