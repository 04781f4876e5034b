-- Every revision of a case stays: what was said of it, and how it stood then.
create table case_revision (
    number bigint not null references counter_case (number),
    revision bigint not null,
    changed_at timestamp with time zone not null,
    status varchar(20) not null,
    line varchar(20000) not null,
    complaint varchar(20000),
    model varchar(80),
    serial varchar(80),
    appliance varchar(20),
    fuel varchar(20),
    age_years double precision,
    specialist varchar(80),
    answer_seconds integer,
    stood varchar(100000) not null,
    primary key (number, revision)
);
insert into case_revision (number, revision, changed_at, status, line, complaint, model, serial, appliance, fuel, age_years,
                           stood)
select number, revision, created_at, status, line, complaint, model, serial, appliance, fuel, age_years, ''
  from counter_case;

create table case_entry (
    number bigint not null,
    revision bigint not null,
    kind varchar(20) not null,
    place integer not null,
    name varchar(200) not null,
    detail varchar(200) not null,
    primary key (number, revision, kind, place),
    foreign key (number, revision) references case_revision (number, revision)
);
insert into case_entry (number, revision, kind, place, name, detail)
select i.number, c.revision, i.kind, i.place, i.name, i.detail
  from case_item i
  join counter_case c on c.number = i.number;
drop table case_item;

-- The head of a case: which revision counts, and its words to be found by.
alter table counter_case drop column line;
alter table counter_case drop column complaint;
alter table counter_case drop column model;
alter table counter_case drop column serial;
alter table counter_case drop column appliance;
alter table counter_case drop column fuel;
alter table counter_case drop column age_years;
create index case_by_day on counter_case (created_at, number);

create table case_word (
    word varchar(80) not null,
    number bigint not null references counter_case (number),
    primary key (word, number)
);
create index word_by_case on case_word (number);

-- Beside the revisions, so that it is erased in one place.
create table case_customer (
    number bigint primary key references counter_case (number),
    name varchar(120),
    phone varchar(120)
);

-- What became of a case; a later entry corrects an earlier one, which stays.
create table outcome (
    number bigint not null references counter_case (number),
    entry integer not null,
    told_at timestamp with time zone not null,
    told_by varchar(80),
    fault varchar(120),
    fixed boolean not null,
    minutes integer,
    note varchar(2000),
    primary key (number, entry)
);
create table outcome_return (
    number bigint not null,
    entry integer not null,
    place integer not null,
    part varchar(80) not null,
    quantity integer not null,
    reason varchar(40) not null,
    primary key (number, entry, place),
    foreign key (number, entry) references outcome (number, entry)
);

-- What the counts need of a case, by its last entry.
create table told (
    number bigint primary key references counter_case (number),
    served_on date not null,
    appliance varchar(20),
    layout varchar(60),
    specialist varchar(80),
    part_types varchar(1000) not null,
    guesses varchar(1000) not null,
    first_time boolean not null,
    reasons varchar(400) not null,
    answer_seconds integer,
    overruled varchar(20),
    asked varchar(8000) not null
);
