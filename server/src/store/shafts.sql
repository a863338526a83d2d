-- name: getShaft
-- The shaft of one machine, with its area.
-- $1 site id (uuid)   $2 machine id (uuid)
select m.id, m.tag, m.name, m.kind, m.duty, a.name as area, t.practices, m.shaft_line, m.shaft_version
from machine m
join area a on a.id = m.area_id
join site t on t.id = m.site_id
where m.site_id = $1
  and m.id = $2

-- name: saveShaft
-- New shaft of a machine, if nobody saved since; no row comes back otherwise.
-- $1 site id (uuid)   $2 machine id (uuid)   $3 version the save started from   $4 shaft line (jsonb)
update machine
set shaft_line = $4, shaft_version = shaft_version + 1
where site_id = $1
  and id = $2
  and shaft_version = $3
returning shaft_version
