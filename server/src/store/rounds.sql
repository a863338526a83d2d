-- name: listRounds
-- Rounds of a site, open ones first, then the latest; with what each holds and the entries made.
-- $1 site id (uuid)   $2 how many closed ones
select r.id, r.number, r.title, r.day, r.state, w.name as walked_by, r.points, coalesce((
    select json_agg(json_build_object('seq', e.seq, 'by', '', 'entry', e.body) order by e.seq)
    from round_entry e
    where e.round_id = r.id
  ), '[]'::json) as entries
from (
  select *, row_number() over (partition by state order by number desc) as place
  from round
  where site_id = $1
) r
left join membership w on w.account_id = r.walked_by and w.site_id = r.site_id
where r.state = 'open'
  or r.place <= $2
order by r.state = 'closed', case when r.state = 'open' then r.day end, r.number desc

-- name: getRound
-- One round with its points and its entries in order.
-- $1 site id (uuid)   $2 round id (uuid)
select r.id, r.number, r.title, r.day, r.state, r.version, r.points, r.guns, r.created_at, r.closed_at, w.name as walked_by, coalesce((
    select json_agg(json_build_object('seq', e.seq, 'by', s.name, 'entry', e.body) order by e.seq)
    from round_entry e
    join membership s on s.account_id = e.account_id and s.site_id = e.site_id
    where e.round_id = r.id
  ), '[]'::json) as entries
from round r
left join membership w on w.account_id = r.walked_by and w.site_id = r.site_id
where r.site_id = $1
  and r.id = $2

-- name: getRoundChange
-- How a round stands, and its entries after one of them.
-- $1 site id (uuid)   $2 round id (uuid)   $3 seq to go on after
select r.state, r.version, r.closed_at, coalesce((
    select json_agg(json_build_object('seq', e.seq, 'by', s.name, 'entry', e.body) order by e.seq)
    from round_entry e
    join membership s on s.account_id = e.account_id and s.site_id = e.site_id
    where e.round_id = r.id
      and e.seq > $3
  ), '[]'::json) as entries
from round r
where r.site_id = $1
  and r.id = $2

-- name: lockRound
-- Holds a round while entries are added to it or it is closed.
-- $1 site id (uuid)   $2 round id (uuid)
select id
from round
where site_id = $1
  and id = $2
for update

-- name: lockNumbers
-- Holds the numbers of a site, so that of two rounds made at once each gets its own.
-- $1 site id (uuid)
select id
from site
where id = $1
for no key update

-- name: addRound
-- A new round with the next number of its site.
-- $1 site id (uuid)   $2 title   $3 day   $4 who walks it (uuid, or null)   $5 points (jsonb)   $6 guns (jsonb)
-- $7 account id (uuid)
insert into round (site_id, number, title, day, walked_by, points, guns, created_by)
select $1, coalesce(max(number), 0) + 1, $2, $3, $4, $5, $6, $7
from round
where site_id = $1
returning id

-- name: addRoundEntry
-- One entry; no row comes back for one that was sent before.
-- $1 entry id (uuid)   $2 site id (uuid)   $3 round id (uuid)   $4 point id (uuid)   $5 entry (jsonb)   $6 account id (uuid)
insert into round_entry (id, site_id, round_id, point_id, body, account_id)
values ($1, $2, $3, $4, $5, $6)
on conflict (id) do nothing
returning seq

-- name: saveRound
-- Another name, day, walker and points of a round, if nobody saved since; no row comes back otherwise.
-- $1 round id (uuid)   $2 version the save started from   $3 title   $4 day   $5 points (jsonb)
-- $6 whether somebody else walks it (boolean)   $7 who walks it then (uuid, or null for whoever takes it)
update round
set title = $3, day = $4, points = $5, walked_by = case when $6 then $7::uuid else walked_by end, version = version + 1
where id = $1
  and version = $2
returning id

-- name: closeRound
-- A round that takes nothing more.
-- $1 round id (uuid)
update round
set state = 'closed', closed_at = now()
where id = $1

-- name: listSeen
-- What was said and read at the greasing points of a site that tell anything, in order of days.
-- $1 site id (uuid)
select e.point_id, e.body as entry
from round_entry e
where e.site_id = $1
  and e.point_id in (
    select point_id
    from round_entry
    where site_id = $1
      and (body ->> 'came' is not null or body ->> 'what' in ('before', 'soundAfter'))
  )
order by e.seq

-- name: listTold
-- Everything said and read at the points of a position after a moment, in order.
-- $1 site id (uuid)   $2 position id (uuid)   $3 after (timestamptz, or null for all)
select e.point_id, e.body as entry
from round_entry e
join point p on p.id = e.point_id
where e.site_id = $1
  and p.position_id = $2
  and ($3::timestamptz is null or (e.body ->> 'at')::timestamptz > $3)
order by e.seq

-- name: listHistory
-- The last entries of a point, newest first.
-- $1 site id (uuid)   $2 point id (uuid)   $3 how many
select r.number as round, s.name as by, e.body as entry
from round_entry e
join round r on r.id = e.round_id
join membership s on s.account_id = e.account_id and s.site_id = e.site_id
where e.site_id = $1
  and e.point_id = $2
order by e.seq desc
limit $3

-- name: listVisits
-- Entries of some points on every round, in order: what is left standing says when a point was last done.
-- $1 site id (uuid)   $2 point ids (uuid[])
select e.point_id, e.body as entry
from round_entry e
where e.site_id = $1
  and e.point_id = any($2)
  and e.body ->> 'kind' in ('done', 'skipped', 'undone')
order by e.seq
