-- Serial schemes, serial ranges and dates of successions. The tables of the catalogue are made anew without foreign keys:
-- an import puts whole sheets in the place of others within one transaction, after checking that all of them hold
-- together, and rows of a sheet that stays may be without their counterpart for its duration.
create table serial_scheme (
    scheme varchar(80) primary key,
    pattern varchar(40) not null,
    year_codes varchar(2000) not null,
    year_cycle integer,
    period varchar(10) not null,
    period_codes varchar(1000) not null
);

alter table brand rename to old_brand;
alter table platform rename to old_platform;
alter table slot rename to old_slot;
alter table model rename to old_model;
alter table part rename to old_part;
alter table fit rename to old_fit;
alter table supersession rename to old_supersession;
alter table kit_content rename to old_kit_content;
alter table equivalent rename to old_equivalent;
alter table price rename to old_price;
alter table stock rename to old_stock;

create table brand (
    brand varchar(80) primary key,
    family varchar(80) not null,
    serial_scheme varchar(80)
);
insert into brand (brand, family) select brand, family from old_brand;

create table platform (
    platform varchar(80) primary key,
    appliance varchar(20) not null,
    layout varchar(40) not null,
    note varchar(400) not null
);
insert into platform (platform, appliance, layout, note) select platform, appliance, layout, note from old_platform;

create table slot (
    platform varchar(80) not null,
    slot varchar(60) not null,
    part_type varchar(60) not null,
    quantity integer not null,
    note varchar(400) not null,
    primary key (platform, slot)
);
insert into slot (platform, slot, part_type, quantity, note)
select platform, slot, part_type, quantity, note from old_slot;

create table model (
    model_key varchar(60) primary key,
    model varchar(80) not null,
    brand varchar(80) not null,
    appliance varchar(20) not null,
    fuel varchar(20),
    volts integer,
    platform varchar(80) not null,
    built_from date,
    built_to date,
    popularity double precision not null,
    note varchar(400) not null
);
insert into model (model_key, model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note)
select model_key, model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note from old_model;
create index model_by_platform on model (platform, model_key);

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
insert into part (part_key, part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs)
select part_key, part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs from old_part;

drop index fit_by_model;
create table fit (
    model_key varchar(60) not null,
    slot varchar(60) not null,
    part_key varchar(60) not null,
    quantity integer not null,
    built_from date,
    built_to date,
    serial_from varchar(60),
    serial_to varchar(60),
    note varchar(400) not null
);
insert into fit (model_key, slot, part_key, quantity, built_from, built_to, note)
select model_key, slot, part_key, quantity, built_from, built_to, note from old_fit;
create index fit_by_model on fit (model_key, slot, part_key);

create table supersession (
    old_key varchar(60) not null,
    choice varchar(40) not null,
    new_key varchar(60) not null,
    quantity integer not null,
    change varchar(400) not null,
    effective date,
    primary key (old_key, choice, new_key)
);
insert into supersession (old_key, choice, new_key, quantity, change)
select old_key, cast(choice as varchar(40)), new_key, quantity, change from old_supersession;

drop index kit_by_content;
create table kit_content (
    kit_key varchar(60) not null,
    content_key varchar(60) not null,
    quantity integer not null,
    primary key (kit_key, content_key)
);
insert into kit_content (kit_key, content_key, quantity) select kit_key, content_key, quantity from old_kit_content;
create index kit_by_content on kit_content (content_key, kit_key);

create table equivalent (
    part_key varchar(60) not null,
    equivalent_key varchar(60) not null,
    basis varchar(200) not null,
    primary key (part_key, equivalent_key)
);
insert into equivalent (part_key, equivalent_key, basis) select part_key, equivalent_key, basis from old_equivalent;

create table price (
    part_key varchar(60) primary key,
    price_cents bigint not null,
    currency varchar(3) not null
);
insert into price (part_key, price_cents, currency) select part_key, price_cents, currency from old_price;

create table stock (
    branch varchar(80) not null,
    part_key varchar(60) not null,
    on_hand integer not null,
    lead_days integer not null,
    primary key (part_key, branch)
);
insert into stock (branch, part_key, on_hand, lead_days) select branch, part_key, on_hand, lead_days from old_stock;

drop table old_stock;
drop table old_price;
drop table old_equivalent;
drop table old_kit_content;
drop table old_supersession;
drop table old_fit;
drop table old_part;
drop table old_model;
drop table old_slot;
drop table old_platform;
drop table old_brand;
