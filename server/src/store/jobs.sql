-- name: listJobs
-- Jobs of a site, open ones first, then the latest; with the place of the last entry and who made it.
-- $1 site id (uuid)   $2 how many ended ones
select j.id, j.kind, j.number, j.title, j.state, j.reason, j.planned_for, j.created_at, j.ended_at, m.id as machine_id, m.tag,
  m.name, a.name as area, e.seq as last_seq, s.name as who
from (
  select *, row_number() over (partition by state in ('done', 'cancelled') order by number desc) as place
  from job
  where site_id = $1
) j
join machine m on m.id = j.machine_id
join area a on a.id = m.area_id
left join lateral (
  select seq, account_id from job_entry where job_id = j.id order by seq desc limit 1
) e on true
left join membership s on s.account_id = e.account_id and s.site_id = j.site_id
where j.state not in ('done', 'cancelled')
  or j.place <= $2
order by j.state in ('done', 'cancelled'), j.planned_for, j.number desc

-- name: listSteps
-- Steps and entries of some jobs.
-- $1 site id (uuid)   $2 job ids (uuid[])
select j.id, j.steps, coalesce((
    select json_agg(json_build_object('seq', e.seq, 'by', s.name, 'entry', e.body) order by e.seq)
    from job_entry e
    join membership s on s.account_id = e.account_id and s.site_id = e.site_id
    where e.job_id = j.id
  ), '[]'::json) as entries
from job j
where j.site_id = $1
  and j.id = any($2)

-- name: getJob
-- One job with its machine and its entries in order.
-- $1 site id (uuid)   $2 job id (uuid)   $3 how many entries at most (or null)
select j.id, j.kind, j.number, j.title, j.state, j.reason, j.planned_for, j.created_at, j.started_at, j.ended_at, j.steps,
  j.as_found, j.as_left, c.name as created_by, m.id as machine_id, m.tag, m.name, a.name as area,
  coalesce((
    select json_agg(json_build_object('seq', e.seq, 'by', s.name, 'entry', e.body) order by e.seq)
    from (
      select *
      from job_entry
      where job_id = j.id
      order by seq
      limit $3
    ) e
    join membership s on s.account_id = e.account_id and s.site_id = e.site_id
    where e.job_id = j.id
  ), '[]'::json) as entries
from job j
join machine m on m.id = j.machine_id
join area a on a.id = m.area_id
left join membership c on c.account_id = j.created_by and c.site_id = j.site_id
where j.site_id = $1
  and j.id = $2

-- name: listEntries
-- Entries of a job after one of them, in order.
-- $1 site id (uuid)   $2 job id (uuid)   $3 seq to go on after   $4 how many at most
select e.seq, s.name as by, e.body as entry
from job_entry e
join membership s on s.account_id = e.account_id and s.site_id = e.site_id
where e.site_id = $1
  and e.job_id = $2
  and e.seq > $3
order by e.seq
limit $4

-- name: getJobHead
-- What may change of a job besides its entries.
-- $1 site id (uuid)   $2 job id (uuid)
select state, reason, planned_for, started_at, ended_at, as_left
from job
where site_id = $1
  and id = $2

-- name: lockJob
-- Holds a job while entries are added to it or it is closed, so that two devices take turns.
-- $1 site id (uuid)   $2 job id (uuid)
select id
from job
where site_id = $1
  and id = $2
for update

-- name: lockNumbers
-- Holds the numbers of a site, so that of two jobs made at once each gets its own.
-- $1 site id (uuid)
select id
from site
where id = $1
for no key update

-- name: addJob
-- A new job with the next number of its site.
-- $1 site id (uuid)   $2 machine id (uuid)   $3 kind   $4 title   $5 position ids (uuid[])   $6 steps   $7 as found
-- $8 day it is planned for (date, or null)   $9 account id
insert into job (site_id, machine_id, number, kind, title, position_ids, steps, as_found, planned_for, created_by)
select $1, $2, coalesce(max(number), 100) + 1, $3, $4, $5, $6, $7, $8, $9
from job
where site_id = $1
returning id

-- name: addEntry
-- One entry; no row comes back for one that was sent before.
-- $1 entry id (uuid)   $2 site id (uuid)   $3 job id (uuid)   $4 entry (jsonb)   $5 account id (uuid)
insert into job_entry (id, site_id, job_id, body, account_id)
values ($1, $2, $3, $4, $5)
on conflict (id) do nothing
returning seq

-- name: moveJob
-- Another state of a job; the first one that is under way starts it, an ended one ends it.
-- $1 job id (uuid)   $2 state   $3 reason (or null)   $4 inputs as left (jsonb, or null)
update job
set state = $2, reason = $3, as_left = coalesce($4, as_left),
  started_at = case when $2 = 'under-way' then coalesce(started_at, now()) else started_at end,
  ended_at = case when $2 in ('done', 'cancelled') then now() end
where id = $1

-- name: planJob
-- Another day for a job, or none.
-- $1 job id (uuid)   $2 day (date, or null)
update job
set planned_for = $2
where id = $1
