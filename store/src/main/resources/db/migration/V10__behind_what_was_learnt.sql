-- What is learnt of reading tags is of no appliance; the cases behind a figure are kept with it.
alter table learnt_figure alter column appliance drop not null;
alter table learnt_figure add column seen_in varchar(1000) default '' not null;
alter table learnt_figure add column not_in varchar(1000) default '' not null;

-- Proposals that were not wanted, with what the cases said then.
create table learnt_declined (
    number bigint generated always as identity primary key,
    declined_at timestamp with time zone not null,
    declined_by varchar(80) not null,
    kind varchar(20) not null,
    appliance varchar(20),
    subject varchar(400) not null,
    figure double precision not null
);

create index quote_by_case on quote (case_number, number);
