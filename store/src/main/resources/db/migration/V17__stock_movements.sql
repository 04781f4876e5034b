-- What left the shelves and came back since the supplier's figures were taken over; theirs stay as they are.
alter table stock add column moved integer default 0 not null;
create table stock_movement (
    number bigint generated always as identity primary key,
    moved_at timestamp with time zone not null,
    branch varchar(80) not null,
    part varchar(80) not null,
    part_key varchar(60) not null,
    quantity integer not null,
    reason varchar(20) not null,
    case_number bigint
);
create index stock_movement_by_case on stock_movement (case_number, reason);
create index stock_movement_by_time on stock_movement (moved_at, number);

-- Until when a piece is kept for somebody, and when they were told that it is there.
alter table promise add column kept_until date;
alter table promise add column called_at timestamp with time zone;
