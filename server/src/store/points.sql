-- name: keepPoints
-- What a position asks for; points that are there already keep what people have settled. Those that are new or another come back.
-- $1 position id (uuid)   $2 kinds (text[])   $3 works (jsonb[])
insert into point (site_id, position_id, kind, work)
select p.site_id, p.id, w.kind, w.work
from position p, unnest($2::text[], $3::jsonb[]) as w (kind, work)
where p.id = $1
on conflict (position_id, kind) do update
set work = excluded.work, dropped = false
where (point.work, point.dropped) is distinct from (excluded.work, false)
returning point.id

-- name: dropPoints
-- Points a position asks for no more.
-- $1 position id (uuid)   $2 kinds that are left (text[])
update point
set dropped = true
where position_id = $1
  and kind <> all($2)
  and not dropped

-- name: listReckoned
-- What points are reckoned by: those of one machine, or some by their ids.
-- $1 site id (uuid)   $2 machine id (uuid, or null)   $3 point ids (uuid[], or null)
select t.id, t.kind, t.work, t.own, t.last_done, m.hours_source, m.hours_per_week, coalesce((
    select json_agg(json_build_object('date', r.day, 'hours', r.hours) order by r.day)
    from meter_reading r
    where r.machine_id = m.id
      and m.hours_source = 'meter'
  ), '[]'::json) as readings
from point t
join position p on p.id = t.position_id
join machine m on m.id = p.machine_id
where t.site_id = $1
  and not t.dropped
  and ($2::uuid is null or m.id = $2)
  and ($3::uuid[] is null or t.id = any($3))

-- name: storeDue
-- When points are due.
-- $1 point ids (uuid[])   $2 due (date[])   $3 from (date[])   $4 to (date[])   $5 days between (double precision[])
update point t
set due_on = d.due_on, early_on = d.early_on, late_on = d.late_on, interval_days = d.interval_days
from unnest($1::uuid[], $2::date[], $3::date[], $4::date[], $5::double precision[])
  as d (id, due_on, early_on, late_on, interval_days)
where t.id = d.id
  and (t.due_on, t.early_on, t.late_on, t.interval_days)
    is distinct from (d.due_on, d.early_on, d.late_on, d.interval_days)

-- name: listPoints
-- Points of a site in walking order, those of machines and positions that are in service.
-- $1 site id (uuid)   $2 point ids (uuid[], or null for all)   $3 only what is overdue on this day and can be reached (date, or null)
select t.id, t.kind, t.work, t.own, t.last_done, t.due_on, t.early_on, t.late_on, t.interval_days, t.moved_to, t.version,
  p.id as position_id, p.name as position, m.id as machine_id, m.tag, m.name as machine, m.hours_source,
  a.name as area
from point t
join position p on p.id = t.position_id
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
where t.site_id = $1
  and not t.dropped
  and p.retired_at is null
  and m.retired_at is null
  and ($2::uuid[] is null or t.id = any($2))
  and ($3::date is null or (t.late_on < $3 and coalesce(t.own ->> 'unreachable', '') = ''))
order by a.walk_order, m.walk_order, m.tag, p.walk_order, t.kind

-- name: savePoint
-- What people settle for a point, if nobody saved since; no row comes back otherwise.
-- $1 site id (uuid)   $2 point id (uuid)   $3 version the save started from   $4 own (jsonb)   $5 last done (date, or null)
update point
set own = $4, told_done = $5, last_done = $5, version = version + 1,
  moved_to = case when last_done is distinct from $5 then null else moved_to end
where site_id = $1
  and id = $2
  and version = $3
returning version

-- name: movePoints
-- Points to other weeks, or back.
-- $1 site id (uuid)   $2 point ids (uuid[])   $3 days (date[])
update point t
set moved_to = m.day
from unnest($2::uuid[], $3::date[]) as m (id, day)
where t.site_id = $1
  and t.id = m.id

-- name: doPoints
-- When points were last done, by what is left standing on rounds; a point that was taken back has the day before again.
-- $1 site id (uuid)   $2 point ids (uuid[])   $3 days (date[], null where a point was never done)
update point t
set last_done = greatest(t.told_done, d.day), moved_to = null
from unnest($2::uuid[], $3::date[]) as d (id, day)
where t.site_id = $1
  and t.id = d.id
  and t.last_done is distinct from greatest(t.told_done, d.day)

-- name: tellDone
-- When points were last done, as somebody knows; those of the site come back.
-- $1 site id (uuid)   $2 point ids (uuid[])   $3 day (date)
update point
set told_done = $3, last_done = greatest($3::date, last_done), moved_to = null, version = version + 1
where site_id = $1
  and id = any($2)
returning id

-- name: countDue
-- How many points that can be reached come due up to a day and are not overdue on another; what was never done is due.
-- $1 site id (uuid)   $2 up to (date)   $3 today (date)
select count(*)::int as count
from point t
join position p on p.id = t.position_id
join machine m on m.id = p.machine_id
where t.site_id = $1
  and not t.dropped
  and p.retired_at is null
  and m.retired_at is null
  and coalesce(t.own ->> 'unreachable', '') = ''
  and (t.last_done is null or coalesce(t.moved_to, t.due_on) <= $2)
  and (t.late_on is null or t.late_on >= $3)

-- name: listStops
-- When the plant stands.
-- $1 site id (uuid)
select id, from_day, to_day, title
from plant_stop
where site_id = $1
order by from_day, id

-- name: dropStops
-- Makes room for another list of stops.
-- $1 site id (uuid)
delete from plant_stop
where site_id = $1

-- name: addStops
-- Stops of a site; no row of one whose id another site has.
-- $1 site id (uuid)   $2 ids (uuid[])   $3 from (date[])   $4 to (date[])   $5 titles (text[])
insert into plant_stop (site_id, id, from_day, to_day, title)
select $1, s.id, s.from_day, s.to_day, s.title
from unnest($2::uuid[], $3::date[], $4::date[], $5::text[]) as s (id, from_day, to_day, title)
on conflict (id) do nothing

-- name: listReadings
-- Hour meter of a machine, latest first.
-- $1 site id (uuid)   $2 machine id (uuid)
select m.hours_source, coalesce((
    select json_agg(json_build_object('day', r.day, 'shownH', r.shown, 'hoursH', r.hours) order by r.day desc, r.read_at desc)
    from meter_reading r
    where r.machine_id = m.id
  ), '[]'::json) as readings
from machine m
where m.site_id = $1
  and m.id = $2

-- name: addReading
-- A reading of an hour meter.
-- $1 site id (uuid)   $2 machine id (uuid)   $3 day   $4 shown (h)   $5 hours in all   $6 account id (uuid)
insert into meter_reading (site_id, machine_id, day, shown, hours, account_id)
values ($1, $2, $3, $4, $5, $6)
