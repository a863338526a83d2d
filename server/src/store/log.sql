-- name: listLines
-- A page of positions that had bearings, in walking order, with the bearings of those that are meant.
-- $1 site id (uuid)   $2 area   $3 machine id   $4 position id   $5 type   $6 cause   $7 account id (each or null)   $8 offset
-- $9 limit
with meant as (
  select distinct position_id
  from meant_bearings($1, $2, $3, $4, $5, $6, $7)
), page as (
  select p.id, p.name, m.id as machine_id, m.tag, m.name as machine, a.name as area, m.hours_source, m.hours_per_week,
    row_number() over (order by a.walk_order, m.walk_order, p.walk_order, p.id) as place
  from meant
  join position p on p.id = meant.position_id
  join machine m on m.id = p.machine_id
  join area a on a.id = m.area_id
  order by place
  offset $8
  limit $9
)
select page.*, (
    select json_agg(json_build_object('id', f.id, 'designation', f.designation, 'bearing_type', f.bearing_type, 'batch', f.batch,
      'fitted_on', f.fitted_on, 'out_on', f.out_on, 'hours', f.hours, 'ended', f.ended, 'cause', f.cause, 'note', f.note,
      'finding_id', f.finding_id, 'source', f.source) order by f.fitted_on, f.out_on nulls last, f.id)
    from fitted_bearing f
    where f.position_id = page.id
      and ($5::text is null or f.bearing_type = $5)
      and ($6::text is null or f.cause = $6)
      and ($7::uuid is null or f.account_id = $7)
  ) as bearings
from page
order by place

-- name: countLog
-- How many positions, bearings and ends are meant, and since when.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)
select count(*)::integer as positions, coalesce(sum(fitted), 0)::integer as fitted, coalesce(sum(came_out), 0)::integer as came_out,
  min(since)::text as since
from (
  select count(*) as fitted, count(out_on) as came_out, min(fitted_on) as since
  from meant_bearings($1, $2, $3, $4, $5, $6, $7)
  group by position_id
) f

-- name: listChoices
-- What there is to choose from; machines of one area where one is chosen.
-- $1 site id (uuid)   $2 area (or null)
select
  coalesce((
    select json_agg(json_build_object('id', id, 'tag', tag))
    from (
      select m.id, m.tag
      from machine m
      join area a on a.id = m.area_id
      where m.site_id = $1
        and ($2::text is null or a.name = $2)
        and exists (select from position p join fitted_bearing f on f.position_id = p.id where p.machine_id = m.id)
      order by a.walk_order, m.walk_order, m.tag
      limit 500
    ) m
  ), '[]') as machines,
  coalesce((select json_agg(distinct a.name) from area a where a.site_id = $1), '[]') as areas,
  coalesce((
    select json_agg(bearing_type order by bearing_type)
    from (
      select bearing_type from ended_hours where site_id = $1 and count > 0
      union
      select bearing_type from fitted_bearing where site_id = $1 and out_on is null
    ) f
    where bearing_type <> ''
  ), '[]') as types,
  coalesce((select json_agg(distinct cause) from ended_hours where site_id = $1 and count > 0 and cause <> ''), '[]') as causes,
  coalesce((
    select json_agg(json_build_object('id', s.account_id, 'name', s.name) order by s.name)
    from membership s
    where s.site_id = $1
      and exists (select from fitted_bearing f where f.site_id = $1 and f.account_id = s.account_id)
  ), '[]') as people

-- name: countByHours
-- Bearings that came out, by their hours in bins of 3 % and why.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)
select ended, sum(count)::integer as count, sum(hours) as hours
from ended_by_hours($1, $2, $3, $4, $5, $6, $7)
group by ended, bin

-- name: countByCause
-- Bearings that came out, by cause and why.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)
select ended, cause, sum(count)::integer as count, sum(hours) as hours
from ended_by_hours($1, $2, $3, $4, $5, $6, $7)
group by ended, cause

-- name: countByPlace
-- Bearings that came out, by machine or position: how many failed, and the hours of all.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)   $8 machine or position
select c.key, case $8 when 'machine' then m.tag else o.tag || ' ' || lower(p.name) end as name, c.failed, c.hours
from (
  select case $8 when 'machine' then machine_id else position_id end as key,
    coalesce(sum(count) filter (where ended <> 'sound'), 0)::integer as failed, sum(hours) as hours
  from ended_by_place($1, $2, $3, $4, $5, $6, $7)
  group by 1
) c
left join machine m on m.id = c.key and $8 = 'machine'
left join position p on p.id = c.key and $8 = 'position'
left join machine o on o.id = p.machine_id

-- name: countByKind
-- Bearings that came out, by cause or type: how many failed, and the hours of all.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)   $8 cause or type
select coalesce(case $8 when 'cause' then cause else bearing_type end, '(unknown)') as key, null as name,
  coalesce(sum(count) filter (where ended <> 'sound'), 0)::integer as failed, sum(hours) as hours
from ended_by_hours($1, $2, $3, $4, $5, $6, $7)
group by 1

-- name: listEnds
-- Bearings that came out, each by itself, with their hours, oldest first.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)   $8 how many at most
select ended, hours, position_id
from meant_bearings($1, $2, $3, $4, $5, $6, $7)
where out_on is not null
order by out_on, fitted_on, id
limit $8

-- name: listRunning
-- Bearings that run, with how the hours of their machines are known: all of them, or those of machines with an hour meter.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)   $8 metered only
select f.fitted_on::text as fitted_on, f.position_id, f.machine_id, f.bearing_type, f.cause, m.hours_source, m.hours_per_week
from meant_bearings($1, $2, $3, $4, $5, $6, $7) f
join machine m on m.id = f.machine_id
where f.out_on is null
  and (not $8 or m.hours_source = 'meter')

-- name: countRunning
-- Bearings that run on machines without a meter, counted two ways at one going: by their hours in bins of 3 %, and by machine,
-- position, cause or type.
-- $1 site id (uuid)   $2 area   $3 machine   $4 position   $5 type   $6 cause   $7 account (each or null)   $8 what is counted together
-- $9 day
select key, count(*)::integer as count, sum(hours) as hours
from (
  select hours, hours_bin(hours) as bin,
    case $8
      when 'machine' then machine_id::text
      when 'position' then position_id::text
      when 'cause' then coalesce(cause, '(unknown)')
      else coalesce(bearing_type, '(unknown)')
    end as key
  from (
    select f.machine_id, f.position_id, f.cause, f.bearing_type,
      greatest($9::date - f.fitted_on, 0) * case when m.hours_source = 'shifts' then coalesce(m.hours_per_week / 7, 24) else 24 end as hours
    from meant_bearings($1, $2, $3, $4, $5, $6, $7) f
    join machine m on m.id = f.machine_id
    where f.out_on is null
      and m.hours_source <> 'meter'
  ) r
) f
group by grouping sets ((bin), (key))

-- name: listMeters
-- Readings of hour meters of machines.
-- $1 machine ids (uuid[])
select machine_id, day::text as date, hours
from meter_reading
where machine_id = any($1)
order by machine_id, day

-- name: getHours
-- How the running hours of a position's machine are known, and its rated life.
-- $1 site id (uuid)   $2 position id (uuid)
select m.id as machine_id, m.hours_source, m.hours_per_week, p.life_h
from position p
join machine m on m.id = p.machine_id
where p.site_id = $1
  and p.id = $2

-- name: getRunning
-- The bearing that runs in a position.
-- $1 position id (uuid)
select id, fitted_on::text as fitted_on
from fitted_bearing
where position_id = $1
  and out_on is null
for update

-- name: endBearing
-- A bearing comes out.
-- $1 id (uuid)   $2 day   $3 hours   $4 why   $5 cause (or null)   $6 finding id (or null)   $7 job id (or null)
update fitted_bearing
set out_on = $2, hours = $3, ended = $4, cause = $5, finding_id = $6, out_job = $7
where id = $1

-- name: addBearing
-- A bearing that was fitted.
-- $1 site id   $2 position id   $3 designation   $4 type (or null)   $5 batch   $6 fitted on   $7 job id (or null)   $8 as left (jsonb or null)
-- $9 out on (or null)   $10 hours (or null)   $11 why (or null)   $12 cause (or null)   $13 note   $14 source   $15 account id
-- $16 finding id (or null)
insert into fitted_bearing (site_id, position_id, designation, bearing_type, batch, fitted_on, fitted_job, as_left, out_on, hours,
  ended, cause, note, source, account_id, finding_id)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16)
returning id

-- name: listOf
-- Bearings of a position, oldest first: what a new one must go beside.
-- $1 site id (uuid)   $2 position id (uuid)
select id, designation, fitted_on::text as fitted_on, out_on::text as out_on
from fitted_bearing
where site_id = $1
  and position_id = $2
order by fitted_on

-- name: getStory
-- One bearing with the jobs that fitted it and took it out.
-- $1 site id (uuid)   $2 id (uuid)
select f.id, f.designation, f.bearing_type, f.batch, f.fitted_on::text as fitted_on, f.out_on::text as out_on, f.hours, f.ended,
  f.cause, f.note, f.finding_id, f.source, f.as_left, p.id as position_id, p.name as position, m.id as machine_id, m.tag,
  m.name as machine, a.name as area, m.hours_source, m.hours_per_week, s.name as entered_by,
  j.id as fitted_job, j.number as fitted_number, o.id as out_job, o.number as out_number
from fitted_bearing f
join position p on p.id = f.position_id
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
left join membership s on s.account_id = f.account_id and s.site_id = f.site_id
left join job j on j.id = f.fitted_job
left join job o on o.id = f.out_job
where f.site_id = $1
  and f.id = $2

-- name: exportLog
-- Every bearing of a site, a line each.
-- $1 site id (uuid)
select a.name as area, m.tag as machine, p.name as position, f.designation as bearing, f.batch, f.fitted_on::text as fitted_on,
  f.out_on::text as out_on, f.hours, f.ended, f.cause, f.note, f.source
from fitted_bearing f
join position p on p.id = f.position_id
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
where f.site_id = $1
order by a.walk_order, m.walk_order, p.walk_order, f.fitted_on

-- name: namePositions
-- Positions of a site by what they are called.
-- $1 site id (uuid)
select p.id, lower(m.tag) as tag, lower(p.name) as name
from position p
join machine m on m.id = p.machine_id
where p.site_id = $1

-- name: addFinding
-- One finding; no row comes back for one that was sent before.
-- $1 id (uuid)   $2 site id   $3 position id   $4 cause (or null)   $5 why   $6 body   $7 at   $8 account id
insert into finding (id, site_id, position_id, cause, why, body, at, account_id)
values ($1, $2, $3, $4, $5, $6, $7, $8)
on conflict (id) do nothing
returning id

-- name: listFindings
-- Findings of a position, newest first, or one by its id.
-- $1 site id (uuid)   $2 position id (uuid, or null)   $3 finding id (uuid, or null)
select d.id, d.at, d.cause, d.why, d.body, s.name as by, p.id as position_id, p.name as position, m.id as machine_id, m.tag,
  m.name as machine, a.name as area,
  (select f.id from fitted_bearing f where f.finding_id = d.id limit 1) as fitted_id
from finding d
join position p on p.id = d.position_id
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
left join membership s on s.account_id = d.account_id and s.site_id = d.site_id
where d.site_id = $1
  and ($2::uuid is null or d.position_id = $2)
  and ($3::uuid is null or d.id = $3)
order by d.at desc

-- name: latestFinding
-- The latest finding of a position since a day that belongs to no bearing that is out already.
-- $1 position id (uuid)   $2 day
select id, cause
from finding d
where position_id = $1
  and at >= $2::date
  and not exists (select from fitted_bearing f where f.finding_id = d.id and f.out_on is not null)
order by at desc
limit 1

-- name: linkFinding
-- The bearing that runs in a position shows this.
-- $1 position id (uuid)   $2 finding id (uuid)
update fitted_bearing
set finding_id = $2
where position_id = $1
  and out_on is null
