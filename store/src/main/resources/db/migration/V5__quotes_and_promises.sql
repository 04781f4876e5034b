-- What is kept on a shelf for somebody is not free for others.
alter table stock add column reserved integer default 0 not null;

-- A quote as it was written; its prices do not change with the catalogue.
create table quote (
    number bigint primary key,
    created_at timestamp with time zone not null,
    valid_until date not null,
    branch varchar(80) not null,
    customer varchar(120),
    case_number bigint,
    tax_percent decimal(6, 3) not null,
    tax_included boolean not null,
    goods_cents bigint not null,
    tax_cents bigint not null,
    total_cents bigint not null,
    currency char(3) not null
);

create table quote_line (
    number bigint not null references quote (number),
    place integer not null,
    part varchar(80) not null,
    name varchar(200) not null,
    quantity integer not null,
    unit_price_cents bigint not null,
    primary key (number, place)
);

-- What was promised of a line: reserved at a branch, or ordered from the supplier.
create table promise (
    number bigint primary key,
    created_at timestamp with time zone not null,
    case_number bigint,
    branch varchar(80) not null,
    part varchar(80) not null,
    part_key varchar(60) not null,
    quantity integer not null,
    state varchar(20) not null,
    days integer
);
create index promise_by_case on promise (case_number, number);
create index promise_by_state on promise (state, number);
