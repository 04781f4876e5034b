-- How popular the models of a platform are together, and those of them that take a part: added up when a catalog is
-- written, as no caller can wait for hundreds of models of dozens of platforms. No fuel is ''.
create table platform_popularity (
    platform varchar(80) not null,
    fuel varchar(20) not null,
    popularity double precision not null,
    primary key (platform, fuel)
);

create table part_popularity (
    platform varchar(80) not null,
    part_type varchar(60) not null,
    part_key varchar(60) not null,
    fuel varchar(20) not null,
    popularity double precision not null,
    primary key (platform, part_type, part_key, fuel)
);

insert into platform_popularity (platform, fuel, popularity)
select platform, coalesce(fuel, ''), sum(popularity)
  from model
 group by platform, coalesce(fuel, '');

insert into part_popularity (platform, part_type, part_key, fuel, popularity)
select platform, part_type, part_key, fuel, sum(popularity)
  from (select distinct m.platform, s.part_type, f.part_key, coalesce(m.fuel, '') as fuel, m.model_key, m.popularity
          from fit f
          join model m on m.model_key = f.model_key
          join slot s on s.platform = m.platform and s.slot = f.slot) taken
 group by platform, part_type, part_key, fuel;
