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
set practices = $2
where id = $1

-- name: listPositionIds
-- Every position of a site that is on its machine, machine by machine.
-- $1 site id (uuid)
select p.id
from position p
where p.site_id = $1
  and p.retired_at is null
order by p.machine_id, p.walk_order
