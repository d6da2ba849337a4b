create table if not exists own_fold (
    id varchar(36) primary key,
    name varchar(80) not null,
    parameters varchar(20000) not null,
    created_at timestamp with time zone not null,
    deleted_at timestamp with time zone
);
