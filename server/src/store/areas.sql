-- name: findArea
-- An area of a site by its name.
-- $1 site id (uuid)   $2 name
select id
from area
where site_id = $1
  and name = $2

-- name: addArea
-- A new area at the end of the walk.
-- $1 site id (uuid)   $2 name
insert into area (site_id, name, walk_order)
select $1, $2, coalesce(max(walk_order) + 1, 0)
from area
where site_id = $1
on conflict (site_id, name) do update set name = excluded.name
returning id

-- name: listAreas
-- Names of the areas of a site in walking order.
-- $1 site id (uuid)
select name
from area
where site_id = $1
order by walk_order

-- name: renameArea
-- Another name for an area; no row comes back where there is no such area.
-- $1 site id (uuid)   $2 its name   $3 its new name
update area
set name = $3
where site_id = $1
  and name = $2
returning id

-- name: walkAreas
-- Another walking order of the areas of a site.
-- $1 site id (uuid)   $2 names in walking order (text[])
update area
set walk_order = array_position($2::text[], name) - 1
where site_id = $1
