-- What a code on a panel means, on machines of a brand or family.
create table fault_code (
    brand varchar(80) not null,
    family varchar(80) not null,
    appliance varchar(40) not null,
    code_key varchar(40) not null,
    code varchar(40) not null,
    means varchar(500) not null,
    findings varchar(2000) not null,
    part_types varchar(400) not null,
    primary key (appliance, brand, family, code_key)
);
