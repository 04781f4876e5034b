-- Whom a case was for before it was corrected: their names may stand in its texts, and are erased with the last.
create table case_former_customer (
    number bigint not null references counter_case (number),
    name varchar(120),
    phone varchar(120)
);
create index former_customer_by_case on case_former_customer (number);
