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
-- What is kept of the days on which readings were added; all of it is judged until it is compared with the usual load. The
-- months between the first day and the last are the only ones looked into.
-- $1 site id (uuid)   $2 position ids (uuid[])   $3 quantities (text[])   $4 days (date[])
insert into reading_day (site_id, position_id, quantity, day, count, low, high, total, squares, median, room_count, load_median,
  judged_count, judged_median)
select r.site_id, r.position_id, r.quantity, d.day, count(*), min(r.value), max(r.value), sum(r.value), sum(r.value ^ 2),
  percentile_cont(0.5) within group (order by r.value), count(r.ambient),
  percentile_cont(0.5) within group (order by r.load), count(*), percentile_cont(0.5) within group (order by r.value)
from unnest($2::uuid[], $3::text[], $4::date[]) as d (position_id, quantity, day)
join reading r on r.position_id = d.position_id
  and r.quantity = d.quantity
  and r.at >= d.day::timestamp at time zone 'UTC'
  and r.at < (d.day + 1)::timestamp at time zone 'UTC'
where r.site_id = $1
  and r.at >= (select min(day) from unnest($4::date[]) as day)::timestamp at time zone 'UTC'
  and r.at < (select max(day) + 1 from unnest($4::date[]) as day)::timestamp at time zone 'UTC'
group by r.site_id, r.position_id, r.quantity, d.day
on conflict (position_id, quantity, day) do update
set count = excluded.count, low = excluded.low, high = excluded.high, total = excluded.total, squares = excluded.squares,
  median = excluded.median, room_count = excluded.room_count, load_median = excluded.load_median,
  judged_count = excluded.judged_count, judged_median = excluded.judged_median, judged_raw = null

-- name: findBasis
-- What a row of readings should be judged by since a day, and what it is judged by: the room comes off where most readings
-- have it, and the load is the middle one of the first days that tell it.
-- $1 site id (uuid)   $2 position id (uuid)   $3 quantity   $4 since (date, or null)   $5 how many days the load is taken from
with days as (
  select day, count, room_count, load_median
  from reading_day
  where site_id = $1
    and position_id = $2
    and quantity = $3
    and ($4::date is null or day >= $4)
)
select $3 = 'temperature' and coalesce((select 2 * sum(room_count) > sum(count) from days), false) as room, (
    select percentile_cont(0.5) within group (order by load_median)
    from (select load_median from days where load_median is not null order by day limit $5) as first
  ) as load, b.room as known_room, b.load as known_load, b.since as known_since, b.position_id is not null as known
from (values (1)) as one
left join reading_basis b on b.position_id = $2 and b.quantity = $3

-- name: putBasis
-- What a row of readings is judged by from now on.
-- $1 site id (uuid)   $2 position id (uuid)   $3 quantity   $4 room (boolean)   $5 load (or null)   $6 since (date, or null)
insert into reading_basis (site_id, position_id, quantity, room, load, since)
values ($1, $2, $3, $4, $5, $6)
on conflict (position_id, quantity) do update
set room = excluded.room, load = excluded.load, since = excluded.since

-- name: listBases
-- What each row of a position is judged by, where not as it was read.
-- $1 site id (uuid)   $2 position id (uuid)
select quantity, room, load
from reading_basis
where site_id = $1
  and position_id = $2

-- name: judgeDays
-- The middle of what is judged of each day: readings near the load, the room taken off. Only months of the days named, or
-- since the day named, are looked into.
-- $1 site id (uuid)   $2 position id (uuid)   $3 quantity   $4 days (date[], or null for every day since $5)
-- $5 since (date, or null)   $6 room (boolean)   $7 load (or null)   $8 how near, a share of it
update reading_day d
set judged_count = j.count, judged_median = j.median, judged_raw = j.raw
from (
  select o.day, count(r.value) as count,
    percentile_cont(0.5) within group (order by case when $6 then r.value - r.ambient else r.value end) as median,
    percentile_cont(0.5) within group (order by r.value) as raw
  from reading_day o
  left join reading r on r.position_id = o.position_id
    and r.quantity = o.quantity
    and r.at >= o.day::timestamp at time zone 'UTC'
    and r.at < (o.day + 1)::timestamp at time zone 'UTC'
    and r.at >= coalesce((select min(day) from unnest($4::date[]) as day), $5, '-infinity')::timestamp at time zone 'UTC'
    and r.at < coalesce((select max(day) + 1 from unnest($4::date[]) as day), 'infinity')::timestamp at time zone 'UTC'
    and (not $6 or r.ambient is not null)
    and ($7::double precision is null or abs(r.load - $7) <= $8 * abs($7) + 1e-9)
  where o.site_id = $1
    and o.position_id = $2
    and o.quantity = $3
    and ($4::date[] is null or o.day = any($4))
    and ($5::date is null or o.day >= $5)
  group by o.day
) as j
where d.position_id = $2
  and d.quantity = $3
  and d.day = j.day

-- name: dueTrends
-- A site whose rows were not judged today, if there is one; it is taken by whoever asks.
-- $1 today (date)
update site
set trends_judged_on = $1
where id = (
  select s.id
  from site s
  where (s.trends_judged_on is null or s.trends_judged_on < $1)
    and exists (select from reading_trend t where t.site_id = s.id)
  limit 1
  for update skip locked
)
returning id

-- name: readPositions
-- Positions of a site that have a trend.
-- $1 site id (uuid)
select distinct position_id as id
from reading_trend
where site_id = $1
order by position_id

-- name: listDays
-- Days of a position, all quantities, in order, with what of them is judged; those longer ago by weeks, each on its Monday.
-- $1 site id (uuid)   $2 position id (uuid)   $3 first day (date)   $4 first day that stands by itself (date)
select quantity, day, count, low, high, median, judged_median as judged
from reading_day
where site_id = $1
  and position_id = $2
  and day >= $4
union all
select quantity, date_trunc('week', day)::date, sum(count)::int, min(low), max(high), avg(median), avg(judged_median)
from reading_day
where site_id = $1
  and position_id = $2
  and day >= $3
  and day < $4
group by quantity, date_trunc('week', day)
order by 1, 2

-- name: listJudged
-- Of each quantity read at a position since a day the first days and the last ones that are judged, in order: the first make
-- the baseline, the last say where it is going. Each edge is read from the index, however many days lie between.
-- $1 site id (uuid)   $2 position id (uuid)   $3 first day (date, or null)   $4 how many first ones   $5 how many last ones
-- $6 quantities (text[])
with counted as materialized (
  select q.quantity, (
      select count(*)
      from reading_day
      where position_id = $2
        and quantity = q.quantity
        and day >= coalesce($3::date, '-infinity')
        and judged_median is not null
    ) as days
  from unnest($6::text[]) as q (quantity)
)
select c.quantity, e.day, e.median, e.raw, e.count, c.days
from counted c
cross join lateral (
  (
    select site_id, day, judged_median as median, judged_raw as raw, judged_count as count
    from reading_day
    where position_id = $2
      and quantity = c.quantity
      and day >= coalesce($3::date, '-infinity')
      and judged_median is not null
    order by day
    limit $4
  )
  union
  (
    select site_id, day, judged_median, judged_raw, judged_count
    from reading_day
    where position_id = $2
      and quantity = c.quantity
      and day >= coalesce($3::date, '-infinity')
      and judged_median is not null
    order by day desc
    limit $5
  )
) e
where c.days > 0
  and e.site_id = $1
order by c.quantity, e.day

-- name: getMounted
-- When the bearing of a position was last changed, or other work done on it; null where no job tells.
-- $1 site id (uuid)   $2 position id (uuid)   $3 kind of work (or null for any)
select max(j.ended_at) as mounted
from job j
where j.site_id = $1
  and j.state = 'done'
  and $2 = any(j.position_ids)
  and ($3::text is null or j.kind = $3)

-- name: putTrend
-- Where a row of readings is going.
-- $1 site id (uuid)   $2 position id (uuid)   $3 quantity   $4 verdict   $5 result (jsonb)
insert into reading_trend (site_id, position_id, quantity, verdict, result)
values ($1, $2, $3, $4, $5)
on conflict (position_id, quantity) do update
set verdict = excluded.verdict, result = excluded.result, judged_at = now()

-- name: listTrends
-- Rows of a site that go towards a limit, or are over one; a bearing that was changed since calls no more, and one that has no
-- limit yet has nothing to call for.
-- $1 site id (uuid)
select t.position_id, t.quantity, t.verdict, t.result, p.name as position, m.id as machine_id, m.tag, m.name as machine, a.name as area
from reading_trend t
join position p on p.id = t.position_id
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
where t.site_id = $1
  and t.verdict <> 'ok'
  and t.result -> 'reasons' ->> 0 <> 'no-limit'
  and not exists (
    select from job j
    where j.site_id = $1
      and j.state = 'done'
      and j.kind = 'bearing-change'
      and t.position_id = any(j.position_ids)
      and j.ended_at > t.judged_at
  )
  and p.retired_at is null
  and m.retired_at is null
order by a.walk_order, m.walk_order, p.walk_order, t.quantity

-- name: listVerdicts
-- Where the readings of some positions are going, with the day each was last read.
-- $1 site id (uuid)   $2 position ids (uuid[])
select t.position_id, t.quantity, t.result as trend, (
    select max(d.day)
    from reading_day d
    where d.position_id = t.position_id
      and d.quantity = t.quantity
  ) as day
from reading_trend t
where t.site_id = $1
  and t.position_id = any($2)
order by t.position_id, t.quantity

-- name: listHousing
-- Housing temperature of some positions by days since a day, in order.
-- $1 site id (uuid)   $2 position ids (uuid[])   $3 first day (date)
select position_id, day, median
from reading_day
where site_id = $1
  and position_id = any($2)
  and quantity = 'temperature'
  and day >= $3
order by position_id, day

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
