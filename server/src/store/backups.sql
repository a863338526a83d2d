-- name: beginBackup
-- A backup is being made; no row comes back where another was begun since a moment, by whichever server.
-- $1 file   $2 the moment
insert into backup_run (file)
select $1
where not exists (select 1 from backup_run where began_at >= $2)
returning id

-- name: endBackup
-- A backup is made, or has failed.
-- $1 id   $2 bytes (or null)   $3 why it failed (or null)
update backup_run
set ended_at = now(), bytes = $2, trouble = $3
where id = $1

-- name: getBackups
-- The last backup that was made, and the last that was tried.
select
  (select max(ended_at) from backup_run where ended_at is not null and trouble is null) as made_at,
  last.began_at as tried_at, last.trouble
from (select 1) as always
left join lateral (select began_at, trouble from backup_run order by id desc limit 1) last on true

-- name: lockBackups
-- One backup at a time is begun.
lock table backup_run in share row exclusive mode
