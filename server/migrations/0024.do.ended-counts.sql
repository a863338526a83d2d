-- Bearings that came out, counted as they do, so that what a hundred thousand of them say together is read and not reckoned.
-- An empty type or cause is none.
create table ended_place (
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  bearing_type text not null,
  cause text not null,
  ended text not null,
  count integer not null,
  hours double precision not null,
  primary key (site_id, position_id, bearing_type, cause, ended)
);
-- By their hours, in bins of 3 %.
create table ended_hours (
  site_id uuid not null references site on delete cascade,
  bearing_type text not null,
  cause text not null,
  ended text not null,
  bin integer not null,
  count integer not null,
  hours double precision not null,
  primary key (site_id, bearing_type, cause, ended, bin)
);
create function hours_bin(hours double precision) returns integer language sql immutable as $$
  select round(ln(greatest(hours, 0.1)) / ln(1.03))::integer
$$;

-- Counts the rows of a statement that came out, once more or once less. Of a place or a site that is on its way out nothing is counted:
-- its counts go with it.
create function count_ended() returns trigger language plpgsql as $$
declare
  times integer := case tg_argv[0] when 'more' then 1 else -1 end;
begin
  insert into ended_place as e
  select site_id, position_id, coalesce(bearing_type, ''), coalesce(cause, ''), ended, times * count(*), times * sum(hours)
  from changed
  where out_on is not null
    and exists (select from position p where p.id = position_id)
  group by 1, 2, 3, 4, 5
  on conflict (site_id, position_id, bearing_type, cause, ended) do update
  set count = e.count + excluded.count, hours = e.hours + excluded.hours;
  insert into ended_hours as e
  select site_id, coalesce(bearing_type, ''), coalesce(cause, ''), ended, hours_bin(hours), times * count(*), times * sum(hours)
  from changed
  where out_on is not null
    and exists (select from site s where s.id = site_id)
  group by 1, 2, 3, 4, 5
  on conflict (site_id, bearing_type, cause, ended, bin) do update
  set count = e.count + excluded.count, hours = e.hours + excluded.hours;
  return null;
end $$;
create trigger bearing_added after insert on fitted_bearing referencing new table as changed
  for each statement execute function count_ended('more');
create trigger bearing_removed after delete on fitted_bearing referencing old table as changed
  for each statement execute function count_ended('less');
create trigger bearing_was after update on fitted_bearing referencing old table as changed
  for each statement execute function count_ended('less');
create trigger bearing_is after update on fitted_bearing referencing new table as changed
  for each statement execute function count_ended('more');

insert into ended_place
select site_id, position_id, coalesce(bearing_type, ''), coalesce(cause, ''), ended, count(*), sum(hours)
from fitted_bearing
where out_on is not null
group by 1, 2, 3, 4, 5;
insert into ended_hours
select site_id, coalesce(bearing_type, ''), coalesce(cause, ''), ended, hours_bin(hours), count(*), sum(hours)
from fitted_bearing
where out_on is not null
group by 1, 2, 3, 4, 5;

-- Left joins, for what nobody asks of a place need not be looked up.
create or replace function meant_bearings(
  of_site uuid, of_area text, of_machine uuid, of_position uuid, of_type text, of_cause text, of_person uuid
) returns table (
  id uuid, position_id uuid, machine_id uuid, area_id uuid, fitted_on date, out_on date, hours double precision, ended text,
  cause text, bearing_type text
) language sql stable as $$
  select f.id, f.position_id, p.machine_id, m.area_id, f.fitted_on, f.out_on, f.hours, f.ended, f.cause, f.bearing_type
  from fitted_bearing f
  left join position p on p.id = f.position_id
  left join machine m on m.id = p.machine_id
  where f.site_id = of_site
    and (of_area is null or m.area_id = (select id from area where site_id = of_site and name = of_area))
    and (of_machine is null or p.machine_id = of_machine)
    and (of_position is null or f.position_id = of_position)
    and (of_type is null or f.bearing_type = of_type)
    and (of_cause is null or f.cause = of_cause)
    and (of_person is null or f.account_id = of_person)
$$;

-- What came out of the bearings that are meant, by place: as it was counted, but for one person’s.
create function ended_by_place(
  of_site uuid, of_area text, of_machine uuid, of_position uuid, of_type text, of_cause text, of_person uuid
) returns table (
  position_id uuid, machine_id uuid, bearing_type text, cause text, ended text, count integer, hours double precision
) language sql stable as $$
  select e.position_id, p.machine_id, nullif(e.bearing_type, ''), nullif(e.cause, ''), e.ended, e.count, e.hours
  from ended_place e
  left join position p on p.id = e.position_id
  left join machine m on m.id = p.machine_id
  where of_person is null
    and e.site_id = of_site
    and e.count > 0
    and (of_area is null or m.area_id = (select id from area where site_id = of_site and name = of_area))
    and (of_machine is null or p.machine_id = of_machine)
    and (of_position is null or e.position_id = of_position)
    and (of_type is null or e.bearing_type = of_type)
    and (of_cause is null or e.cause = of_cause)
  union all
  select f.position_id, f.machine_id, f.bearing_type, f.cause, f.ended, 1, f.hours
  from meant_bearings(of_site, of_area, of_machine, of_position, of_type, of_cause, of_person) f
  where of_person is not null
    and f.out_on is not null
$$;

-- The same by hours: as it was counted, but for one place’s or one person’s.
create function ended_by_hours(
  of_site uuid, of_area text, of_machine uuid, of_position uuid, of_type text, of_cause text, of_person uuid
) returns table (
  bearing_type text, cause text, ended text, bin integer, count integer, hours double precision
) language sql stable as $$
  select nullif(e.bearing_type, ''), nullif(e.cause, ''), e.ended, e.bin, e.count, e.hours
  from ended_hours e
  where num_nonnulls(of_area, of_machine, of_position, of_person) = 0
    and e.site_id = of_site
    and e.count > 0
    and (of_type is null or e.bearing_type = of_type)
    and (of_cause is null or e.cause = of_cause)
  union all
  select f.bearing_type, f.cause, f.ended, hours_bin(f.hours), 1, f.hours
  from meant_bearings(of_site, of_area, of_machine, of_position, of_type, of_cause, of_person) f
  where num_nonnulls(of_area, of_machine, of_position, of_person) > 0
    and f.out_on is not null
$$;
