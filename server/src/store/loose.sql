-- name: listLoose
-- Bearings of a site that lie on benches of their own, the one saved last first.
-- $1 site id (uuid)   $2 how many
select p.id, p.name, p.state, p.designation, p.finding, p.saved_at, s.name as saved_by
from position p
join machine m on m.id = p.machine_id
left join membership s on s.account_id = p.saved_by and s.site_id = p.site_id
where p.site_id = $1
  and m.area_id is null
  and p.retired_at is null
order by p.saved_at desc
limit $2

-- name: addLooseBench
-- What a loose bearing lies on: of no kind, of no area, and never in service.
-- $1 site id (uuid)   $2 kind   $3 duty
insert into machine (site_id, tag, name, kind, duty, walk_order, retired_at)
values ($1, gen_random_uuid(), '', $2, $3, 0, now())
returning id

-- name: holdLoose
-- The bench under a loose bearing, which nobody else places until the transaction is over.
-- $1 site id (uuid)   $2 position id (uuid)
select m.id
from position p
join machine m on m.id = p.machine_id
where p.site_id = $1
  and p.id = $2
  and m.area_id is null
  and p.retired_at is null
for update of p, m

-- name: renameLoose
-- $1 position id (uuid)   $2 name
update position
set name = $2
where id = $1

-- name: placeLoose
-- Puts a position behind the others of a machine, with all that is kept of it.
-- $1 position id (uuid)   $2 machine id (uuid)   $3 name
update position
set machine_id = $2, name = $3,
  walk_order = (select coalesce(max(o.walk_order) + 1, 0) from position o where o.machine_id = $2)
where id = $1

-- name: dropLooseBench
-- $1 machine id (uuid)
delete from machine
where id = $1
