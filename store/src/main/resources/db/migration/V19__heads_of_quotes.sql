-- A quote says for which machine it is, how its branch is reached, and on what terms.
alter table quote add column machine varchar(400);
alter table quote add column contact varchar(400) default '' not null;
alter table quote add column terms varchar(800) default '' not null;
