-- The calls that are open, asked for by every counter again and again.
create index counter_case_open on counter_case (status, created_at);
