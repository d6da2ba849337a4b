-- Whether the maker scores all from one side or each on the side of its ridge; from one side where nothing is said.
alter table tool_set add column if not exists scoring varchar(20);
