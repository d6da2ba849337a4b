-- What lies in the drawer: sheets and offcuts. Lengths are text with a unit, as the maker types them.
create table if not exists drawer_sheet (
    id varchar(36) primary key,
    version bigint not null,
    name varchar(60) not null,
    width varchar(40) not null,
    height varchar(40) not null,
    amount integer not null,
    offcut boolean not null,
    kind varchar(10) not null,
    stock varchar(60) not null,
    colour varchar(7) not null,
    print varchar(12) not null,
    grain varchar(10),
    price varchar(20),
    photo varchar(36),
    photo_left varchar(40),
    photo_bottom varchar(40),
    photo_width varchar(40),
    photo_height varchar(40),
    created_at timestamp with time zone not null,
    deleted_at timestamp with time zone,
    digest varchar(64)
);

-- Photographs and scans, made anew from what was sent.
create table if not exists photo (
    id varchar(36) primary key,
    type varchar(20) not null,
    wide integer not null,
    high integer not null,
    bytes blob not null,
    created_at timestamp with time zone not null,
    digest varchar(64)
);

-- Cutting plans as they were found, and which of their sheets have been cut.
create table if not exists cutting_plan (
    id varchar(36) primary key,
    version bigint not null,
    name varchar(200) not null,
    plan clob not null,
    created_at timestamp with time zone not null,
    digest varchar(64)
);
create table if not exists cut_sheet (
    id varchar(100) primary key,
    plan varchar(36) not null,
    number integer not null,
    taken varchar(36),
    taken_count integer not null,
    offcuts varchar(4000) not null,
    cut_at timestamp with time zone not null,
    digest varchar(64)
);

-- The maker's tools, in inches and in millimetres: new cards begin with them.
create table if not exists tool_set (
    units varchar(10) primary key,
    version bigint not null,
    ruler varchar(40) not null,
    board varchar(40) not null,
    trimmer varchar(40) not null,
    digest varchar(64)
);
