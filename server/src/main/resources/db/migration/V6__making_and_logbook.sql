-- How far a card has come at the table: one for each project.
create table if not exists making (
    project_id varchar(36) primary key,
    version bigint not null,
    state clob not null,
    changed_at timestamp with time zone not null,
    digest varchar(64)
);

-- What was made.
create table if not exists log_entry (
    id varchar(36) primary key,
    version bigint not null,
    content clob not null,
    brief clob not null,
    photos varchar(4000) not null,
    made_on varchar(10) not null,
    created_at timestamp with time zone not null,
    deleted_at timestamp with time zone,
    digest varchar(64)
);

-- How the maker's hands spread, as the maker has chosen; in millimetres.
create table if not exists own_hands (
    id varchar(10) primary key,
    version bigint not null,
    cut double precision not null,
    score double precision not null,
    glue double precision not null,
    cut_aim double precision not null,
    score_aim double precision not null,
    digest varchar(64)
);
