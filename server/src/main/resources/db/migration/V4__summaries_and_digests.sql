-- What became of a brief is kept with it, so that a list needs no planning. Absent until it is worked out.
alter table revision add column if not exists fold varchar(80);
alter table revision add column if not exists closed varchar(80);
alter table revision add column if not exists envelope varchar(120);
alter table revision add column if not exists snags integer;
alter table revision add column if not exists reason varchar(400);
alter table revision add column if not exists rules varchar(64);

-- SHA-256 of what a row holds, to find what a bad sector changed.
alter table project add column if not exists digest varchar(64);
alter table revision add column if not exists digest varchar(64);
alter table own_fold add column if not exists digest varchar(64);
alter table drawer_envelope add column if not exists digest varchar(64);
alter table postal_row add column if not exists digest varchar(64);

-- Names were once kept with the blanks around them.
update postal_row set service = trim(service), name = trim(name), origin = trim(origin);
