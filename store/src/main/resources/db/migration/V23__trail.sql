-- Who did what; each entry holds the hash of the one before, and none is changed.
create table trail_entry (
    number bigint primary key,
    at_instant timestamp(3) with time zone not null,
    who varchar(80) not null,
    terminal varchar(80) not null,
    action varchar(400) not null,
    subject varchar(400) not null,
    hash varchar(64) not null
);
