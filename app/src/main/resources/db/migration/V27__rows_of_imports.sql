-- A plant knows the row of the list that it came from, so that an import that is taken back does not
-- offer the rows of plants that stay as new ones. Plants that came before keep no row.
alter table plant add column import_row integer;
