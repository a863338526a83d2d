-- name: holdRoom
-- What the photographs of a site take, bytes; nobody else adds one until the transaction is over.
-- $1 site id (uuid)
with held as (select id from site where id = $1 for no key update)
select coalesce(sum(octet_length(p.content)), 0)::bigint as taken
from held
left join photo p on p.site_id = held.id

-- name: addPhoto
-- A photograph; one of this work that was sent before comes back as it is, and no row for one of other work.
-- $1 photo id (uuid)   $2 site id (uuid)   $3 job id (uuid, or null)   $4 round id (uuid, or null)
-- $5 position id (uuid, or null)   $6 type   $7 content (bytea)   $8 account id (uuid)
insert into photo (id, site_id, job_id, round_id, position_id, type, content, account_id)
values ($1, $2, $3, $4, $5, $6, $7, $8)
on conflict (id) do update
set type = photo.type
where photo.job_id is not distinct from excluded.job_id
  and photo.round_id is not distinct from excluded.round_id
  and photo.position_id is not distinct from excluded.position_id
returning id

-- name: getPhoto
-- A photograph of a job, a round or a position.
-- $1 site id (uuid)   $2 job, round or position id (uuid)   $3 photo id (uuid)
select type, content
from photo
where site_id = $1
  and coalesce(job_id, round_id, position_id) = $2
  and id = $3
