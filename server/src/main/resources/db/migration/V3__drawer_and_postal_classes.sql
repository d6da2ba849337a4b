-- A card with many ornaments of the maker's own outlines is long.
alter table revision alter column brief varchar(400000);

create table if not exists drawer_envelope (
    id varchar(36) primary key,
    name varchar(60) not null,
    size varchar(60) not null,
    created_at timestamp with time zone not null,
    deleted_at timestamp with time zone
);

-- Lengths are text with a unit, as the maker types them.
create table if not exists postal_row (
    id varchar(36) primary key,
    version bigint not null,
    place integer not null,
    service varchar(60) not null,
    name varchar(60) not null,
    least_long varchar(40),
    least_short varchar(40),
    most_long varchar(40) not null,
    most_short varchar(40) not null,
    thickness varchar(40) not null,
    grams double precision not null,
    aspect_least double precision,
    aspect_most double precision,
    price varchar(20),
    origin varchar(120) not null,
    as_of date not null,
    deleted_at timestamp with time zone
);
