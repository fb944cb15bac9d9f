-- What the keeper corrected in the reading of their words, so that the words open again as they were left.
alter table look add column mended text not null default '';
