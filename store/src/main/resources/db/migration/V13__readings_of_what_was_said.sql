-- The caller's words stand with the answers that were confirmed in them, and with the readings that were rejected.
alter table case_entry alter column name varchar(600);
alter table case_entry alter column detail varchar(600);
alter table learnt_figure alter column subject varchar(700);
alter table learnt_declined alter column subject varchar(700);
