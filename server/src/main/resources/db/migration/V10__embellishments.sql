-- Ornaments with all that is laid by them, kept for other cards. The ornaments are JSON, as in a brief.
create table if not exists embellishment (
    id varchar(36) primary key,
    name varchar(80) not null,
    ornaments varchar(60000) not null,
    created_at timestamp with time zone not null,
    deleted_at timestamp with time zone,
    digest varchar(64)
);
