-- What else was to be said of a figure when it was accepted.
alter table learnt_figure add column note varchar(400) default '' not null;
