-- Who may sign in; secrets as slow hashes. `id` is the name in lower case.
create table account (
    id varchar(40) primary key,
    name varchar(40) not null,
    role varchar(20) not null,
    password varchar(200),
    pin varchar(200),
    code varchar(200),
    code_until timestamp with time zone,
    active boolean not null
);
-- Where people are signed in; `digest` is that of a token which the terminal alone has.
create table account_session (
    digest varchar(64) primary key,
    account varchar(40) not null references account (id),
    opened_at timestamp with time zone not null,
    used_at timestamp with time zone not null,
    locked boolean not null,
    terminal varchar(80) not null
);
create index session_by_account on account_session (account);
