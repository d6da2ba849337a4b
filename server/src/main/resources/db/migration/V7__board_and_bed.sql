-- How far the maker's board reaches, and the bed of a cutting machine; the usual ones where nothing is said.
alter table tool_set add column if not exists board_reach varchar(40);
alter table tool_set add column if not exists bed varchar(60);
