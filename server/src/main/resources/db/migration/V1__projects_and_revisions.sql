create table if not exists project (
    id varchar(36) primary key,
    name varchar(80) not null,
    version bigint not null,
    created_at timestamp with time zone not null,
    updated_at timestamp with time zone not null,
    deleted_at timestamp with time zone
);

create table if not exists revision (
    id varchar(36) primary key,
    project_id varchar(36) not null references project (id),
    number integer not null,
    brief varchar(20000) not null,
    saved_at timestamp with time zone not null,
    constraint revision_number_is_unique unique (project_id, number)
);
