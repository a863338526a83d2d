-- name: makeMonths
-- Months for readings that are to be added.
-- $1 moments (timestamptz[])
select make_reading_month(m)
from (select distinct date_trunc('month', t at time zone 'UTC') at time zone 'UTC' as m from unnest($1::timestamptz[]) as t) as months

-- name: addReadings
-- Readings of positions of a site; none of a position that is not of it.
-- $1 site id (uuid)   $2 position ids (uuid[])   $3 quantities (text[])   $4 moments (timestamptz[])   $5 values   $6 rooms
-- $7 loads (double precision[])   $8 source
insert into reading (site_id, position_id, quantity, at, value, ambient, load, source)
select p.site_id, r.position_id, r.quantity, r.at, r.value, r.ambient, r.load, $8
from unnest($2::uuid[], $3::text[], $4::timestamptz[], $5::double precision[], $6::double precision[], $7::double precision[])
  as r (position_id, quantity, at, value, ambient, load)
join position p on p.id = r.position_id
where p.site_id = $1

-- name: countDays
-- What is kept of the days on which readings were added.
-- $1 site id (uuid)   $2 position ids (uuid[])   $3 quantities (text[])   $4 days (date[])
insert into reading_day (site_id, position_id, quantity, day, count, low, high, total, squares, median)
select r.site_id, r.position_id, r.quantity, d.day, count(*), min(r.value), max(r.value), sum(r.value), sum(r.value ^ 2),
  percentile_cont(0.5) within group (order by r.value)
from unnest($2::uuid[], $3::text[], $4::date[]) as d (position_id, quantity, day)
join reading r on r.position_id = d.position_id
  and r.quantity = d.quantity
  and r.at >= d.day::timestamp at time zone 'UTC'
  and r.at < (d.day + 1)::timestamp at time zone 'UTC'
where r.site_id = $1
group by r.site_id, r.position_id, r.quantity, d.day
on conflict (position_id, quantity, day) do update
set count = excluded.count, low = excluded.low, high = excluded.high, total = excluded.total, squares = excluded.squares,
  median = excluded.median

-- name: listDays
-- Days of a position, all quantities, in order; with the day its bearing was last changed.
-- $1 site id (uuid)   $2 position id (uuid)   $3 first day (date)
select d.quantity, d.day, d.count, d.low, d.high, d.median
from reading_day d
where d.site_id = $1
  and d.position_id = $2
  and d.day >= $3
order by d.quantity, d.day

-- name: getMounted
-- When the bearing of a position was last changed; null where no job tells.
-- $1 site id (uuid)   $2 position id (uuid)
select max(j.ended_at) as mounted
from job j
where j.site_id = $1
  and j.state = 'done'
  and $2 = any(j.position_ids)

-- name: putTrend
-- Where a row of readings is going.
-- $1 site id (uuid)   $2 position id (uuid)   $3 quantity   $4 verdict   $5 result (jsonb)
insert into reading_trend (site_id, position_id, quantity, verdict, result)
values ($1, $2, $3, $4, $5)
on conflict (position_id, quantity) do update
set verdict = excluded.verdict, result = excluded.result, judged_at = now()

-- name: listTrends
-- Rows of a site that go towards a limit, or are over one; a bearing that was changed since calls no more.
-- $1 site id (uuid)
select t.position_id, t.quantity, t.verdict, t.result, p.name as position, m.id as machine_id, m.tag, m.name as machine, a.name as area
from reading_trend t
join position p on p.id = t.position_id
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
where t.site_id = $1
  and t.verdict <> 'ok'
  and not exists (
    select from job j
    where j.site_id = $1
      and j.state = 'done'
      and t.position_id = any(j.position_ids)
      and j.ended_at > t.judged_at
  )
  and p.retired_at is null
  and m.retired_at is null
order by a.walk_order, m.walk_order, p.walk_order, t.quantity

-- name: listVerdicts
-- Where the readings of a position are going, with the day each was last read.
-- $1 site id (uuid)   $2 position id (uuid)
select t.quantity, t.result as trend, (
    select max(d.day)
    from reading_day d
    where d.position_id = t.position_id
      and d.quantity = t.quantity
  ) as day
from reading_trend t
where t.site_id = $1
  and t.position_id = $2
order by t.quantity

-- name: listHousing
-- Housing temperature of a position by days, in order.
-- $1 site id (uuid)   $2 position id (uuid)
select day, median
from reading_day
where site_id = $1
  and position_id = $2
  and quantity = 'temperature'
order by day

-- name: lastRead
-- The middle of the last day on which a quantity was read at a position.
-- $1 site id (uuid)   $2 position id (uuid)   $3 quantity
select median
from reading_day
where site_id = $1
  and position_id = $2
  and quantity = $3
order by day desc
limit 1

-- name: listRaw
-- Readings of a position as they were taken.
-- $1 site id (uuid)   $2 position id (uuid)   $3 how many
select quantity, at, value, ambient, load, source
from reading
where site_id = $1
  and position_id = $2
order by at
limit $3

-- name: findPositions
-- Positions of a site by tag and name, in lower case.
-- $1 site id (uuid)
select p.id, lower(m.tag) as tag, lower(p.name) as name
from position p
join machine m on m.id = p.machine_id
where p.site_id = $1
  and p.retired_at is null
