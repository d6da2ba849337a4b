-- What the maker glues with, as JSON; the usual adhesives where nothing is said.
alter table tool_set add column if not exists adhesives varchar(8000);
