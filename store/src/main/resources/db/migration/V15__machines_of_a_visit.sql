-- A case of another machine that came in the same visit: the number of the visit's first case.
alter table counter_case add column visit bigint references counter_case (number);
create index counter_case_visit on counter_case (visit);
