-- The catalogue. Keys are numbers in upper-case letters and digits only; the written form stands beside.
create table brand (
    brand varchar(80) primary key,
    family varchar(80) not null
);

create table platform (
    platform varchar(80) primary key,
    appliance varchar(20) not null,
    layout varchar(40) not null,
    note varchar(400) not null
);

create table slot (
    platform varchar(80) not null references platform (platform),
    slot varchar(60) not null,
    part_type varchar(60) not null,
    quantity integer not null,
    note varchar(400) not null,
    primary key (platform, slot)
);

create table model (
    model_key varchar(60) primary key,
    model varchar(80) not null,
    brand varchar(80) not null references brand (brand),
    appliance varchar(20) not null,
    fuel varchar(20),
    volts integer not null,
    platform varchar(80) not null references platform (platform),
    built_from date,
    built_to date,
    popularity double precision not null,
    note varchar(400) not null
);

create table part (
    part_key varchar(60) primary key,
    part varchar(80) not null,
    maker varchar(80) not null,
    part_type varchar(60) not null,
    name varchar(200) not null,
    genuine boolean not null,
    status varchar(20) not null,
    pack_quantity integer not null,
    returnable boolean not null,
    specs varchar(2000) not null
);

create table fit (
    model_key varchar(60) not null references model (model_key),
    slot varchar(60) not null,
    part_key varchar(60) not null references part (part_key),
    quantity integer not null,
    built_from date,
    built_to date,
    note varchar(400) not null
);
create index fit_by_model on fit (model_key, slot, part_key);

create table supersession (
    old_key varchar(60) not null references part (part_key),
    choice integer not null,
    new_key varchar(60) not null references part (part_key),
    quantity integer not null,
    change varchar(400) not null,
    primary key (old_key, choice, new_key)
);

create table kit_content (
    kit_key varchar(60) not null references part (part_key),
    content_key varchar(60) not null references part (part_key),
    quantity integer not null,
    primary key (kit_key, content_key)
);
create index kit_by_content on kit_content (content_key, kit_key);

create table equivalent (
    part_key varchar(60) not null references part (part_key),
    equivalent_key varchar(60) not null references part (part_key),
    basis varchar(200) not null,
    primary key (part_key, equivalent_key)
);

create table price (
    part_key varchar(60) primary key references part (part_key),
    price_cents bigint not null,
    currency varchar(3) not null
);

create table stock (
    branch varchar(80) not null,
    part_key varchar(60) not null references part (part_key),
    on_hand integer not null,
    lead_days integer not null,
    primary key (part_key, branch)
);

-- The cases. What is asked of them by itself has a column; what is only read back whole has a row each.
create table counter_case (
    number bigint primary key,
    created_at timestamp with time zone not null,
    revision bigint not null,
    status varchar(20) not null,
    line varchar(20000) not null,
    complaint varchar(20000),
    model varchar(80),
    serial varchar(80),
    appliance varchar(20),
    fuel varchar(20),
    age_years double precision,
    searched varchar(45000) not null
);

create table case_item (
    number bigint not null references counter_case (number),
    kind varchar(20) not null,
    place integer not null,
    name varchar(200) not null,
    detail varchar(200) not null,
    primary key (number, kind, place)
);
