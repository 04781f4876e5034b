-- A branch has its own words; its name is part of the rule.
alter table house_rule alter column rule set data type varchar(120);
