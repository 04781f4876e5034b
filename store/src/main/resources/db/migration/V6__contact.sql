-- How the house is reached is longer than a figure.
alter table house_rule alter column setting set data type varchar(400);
