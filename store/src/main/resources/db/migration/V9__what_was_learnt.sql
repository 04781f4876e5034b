-- Versions of what was learnt; the last is in force, none is changed.
create table learnt_version (
    version integer primary key,
    accepted_at timestamp with time zone not null,
    accepted_by varchar(80) not null,
    like_version integer
);

create table learnt_figure (
    version integer not null references learnt_version (version),
    place integer not null,
    kind varchar(20) not null,
    appliance varchar(20) not null,
    subject varchar(400) not null,
    words varchar(1000) not null,
    believed double precision not null,
    becomes double precision not null,
    low double precision not null,
    high double precision not null,
    seen integer not null,
    of_cases integer not null,
    figure double precision not null,
    primary key (version, place)
);
