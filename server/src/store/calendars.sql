-- name: putFeed
-- Another address of somebody's calendar; the one before is good no more.
-- $1 hash of its word   $2 site id (uuid)   $3 account id (uuid)
insert into calendar_feed (word_hash, site_id, account_id)
values ($1, $2, $3)
on conflict (site_id, account_id) do update
set word_hash = excluded.word_hash, made_at = now()

-- name: dropFeed
-- No address any more.
-- $1 site id (uuid)   $2 account id (uuid)
delete from calendar_feed
where site_id = $1
  and account_id = $2

-- name: getFeed
-- When the address of somebody's calendar was made.
-- $1 site id (uuid)   $2 account id (uuid)
select made_at
from calendar_feed
where site_id = $1
  and account_id = $2

-- name: findFeed
-- Whose calendar an address is, while they belong to the site.
-- $1 hash of its word
select f.site_id, f.account_id, s.name as site
from calendar_feed f
join membership m on m.site_id = f.site_id and m.account_id = f.account_id
join site s on s.id = f.site_id
where f.word_hash = $1
  and m.retired_at is null

-- name: listForPerson
-- Open rounds of somebody, and those that are nobody's.
-- $1 site id (uuid)   $2 account id (uuid)
select r.id, r.number, r.title, r.day, jsonb_array_length(r.points) as points, r.points -> 0 -> 'machine' ->> 'area' as area
from round r
where r.site_id = $1
  and r.state = 'open'
  and (r.walked_by = $2 or r.walked_by is null)
order by r.day, r.number
