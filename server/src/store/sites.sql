-- name: getPractices
-- Practices a site goes by.
-- $1 site id (uuid)
select practices
from site
where id = $1

-- name: savePractices
-- Other practices of a site.
-- $1 site id (uuid)   $2 practices (jsonb)
update site
set practices = $2, settings_version = settings_version + 1
where id = $1

-- name: getSettings
-- Settings of a site with their version.
-- $1 site id (uuid)
select practices, settings, settings_version as version
from site
where id = $1

-- name: saveSettings
-- Other settings of a site, if nobody saved since; no row comes back otherwise.
-- $1 site id (uuid)   $2 version the save started from   $3 practices (jsonb)   $4 the rest (jsonb)
update site
set practices = $3, settings = $4, settings_version = settings_version + 1
where id = $1
  and settings_version = $2
returning id

-- name: listPositionIds
-- Every position of a site that is on its machine, machine by machine.
-- $1 site id (uuid)
select p.id, m.tag, p.name, p.state
from position p
join machine m on m.id = p.machine_id
where p.site_id = $1
  and p.retired_at is null
order by p.machine_id, p.walk_order

-- name: askJudging
-- All positions of a site are to be judged anew, from the first.
-- $1 site id (uuid)
insert into site_judging (site_id)
values ($1)
on conflict (site_id) do update
set asked_at = now(), beat_at = null, total = 0, done = 0, changes = '[]', ended_at = null

-- name: takeJudging
-- A site that waits to be judged and nobody works on; the one that has waited longest.
-- $1 seconds of silence after which another takes over
update site_judging
set beat_at = now()
where site_id = (
    select site_id
    from site_judging
    where ended_at is null
      and (beat_at is null or beat_at < now() - make_interval(secs => $1))
    order by asked_at
    limit 1
    for update skip locked
  )
returning site_id, asked_at::text as asked

-- name: tellJudging
-- How far it is; no row comes back where it has been asked for anew.
-- $1 site id (uuid)   $2 when it was asked for   $3 total   $4 done   $5 changes (jsonb)   $6 ended (boolean)
update site_judging
set beat_at = now(), total = $3, done = $4, changes = $5, ended_at = case when $6 then now() end
where site_id = $1
  and asked_at = $2::timestamptz
returning site_id

-- name: getJudging
-- How far the judging of a site is.
-- $1 site id (uuid)
select total, done, asked_at, ended_at, changes
from site_judging
where site_id = $1

-- name: photoRoom
-- How many photographs a site has, and what they take.
-- $1 site id (uuid)
select count(*)::int as count, coalesce(sum(octet_length(content)), 0)::bigint as taken
from photo
where site_id = $1

-- name: listCollecting
-- Positions of every site that takes in what the collector reads.
select p.site_id, array_agg(p.id order by p.machine_id, p.walk_order) as positions
from site s
join position p on p.site_id = s.id
where s.settings -> 'customs' ->> 'collector' = 'on'
  and p.retired_at is null
group by p.site_id
