-- Where a part is used, what it replaced, and for what it may stand in, each asked from the part.
create index fit_by_part on fit (part_key, model_key, slot);
create index supersession_by_new on supersession (new_key, old_key, choice);
create index equivalent_by_equivalent on equivalent (equivalent_key, part_key);

-- Which of the trade's schools the house follows; a rule without a row is followed as most do.
create table house_rule (
    rule varchar(40) primary key,
    setting varchar(40) not null
);
