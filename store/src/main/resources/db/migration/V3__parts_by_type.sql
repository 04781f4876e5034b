-- The old part on the counter is looked for among those of its type.
create index part_by_type on part (part_type);
