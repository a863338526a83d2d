-- name: listPeople
-- People of a site, retired ones last; until when a link of theirs is good; how many sites they belong to.
-- $1 site id (uuid)
select m.account_id as id, a.login, m.name, m.role, m.retired_at, m.created_at,
  a.password_hash is not null and m.joined_at is not null as ready,
  (select max(l.expires_at) from person_link l
    where l.site_id = m.site_id and l.account_id = m.account_id and l.expires_at > now()) as link_until,
  (select max(d.seen_at) from account_address d where d.account_id = m.account_id) as seen_at
from membership m
join account a on a.id = m.account_id
where m.site_id = $1
order by m.retired_at is not null, lower(m.name), a.login

-- name: getPerson
-- One of the people of a site, held until the transaction is over.
-- $1 site id (uuid)   $2 account id (uuid)
select m.account_id as id, a.login, m.name, m.role, m.retired_at, m.joined_at, a.password_hash is not null as has_password,
  (select count(*) from membership o where o.account_id = a.id and o.joined_at is not null)::int as sites
from membership m
join account a on a.id = m.account_id
where m.site_id = $1
  and m.account_id = $2
for update of m

-- name: addMember
-- Somebody belongs to a site; no row comes back for one who does already.
-- $1 site id (uuid)   $2 account id (uuid)   $3 name   $4 role   $5 joined (boolean)
insert into membership (site_id, account_id, name, role, joined_at)
values ($1, $2, $3, $4, case when $5 then now() end)
on conflict do nothing
returning account_id as id

-- name: saveMember
-- What somebody is called on a site and may do there.
-- $1 site id (uuid)   $2 account id (uuid)   $3 name   $4 role
update membership
set name = $3, role = $4
where site_id = $1
  and account_id = $2

-- name: retireMember
-- Takes somebody off a site, or back onto it.
-- $1 site id (uuid)   $2 account id (uuid)   $3 retired (boolean)
update membership
set retired_at = case when $3 then coalesce(retired_at, now()) end
where site_id = $1
  and account_id = $2

-- name: joinMember
-- Somebody who was asked to join a site has.
-- $1 site id (uuid)   $2 account id (uuid)
update membership
set joined_at = coalesce(joined_at, now())
where site_id = $1
  and account_id = $2

-- name: countPlanners
-- Planners a site has who may sign in, all of them held until the transaction is over.
-- $1 site id (uuid)
with planners as (
  select m.account_id
  from membership m
  join account a on a.id = m.account_id
  where m.site_id = $1
    and m.role = 'planner'
    and m.retired_at is null
    and m.joined_at is not null
    and a.password_hash is not null
  for update of m
)
select count(*)::int as planners
from planners

-- name: keepLink
-- A link for somebody; an earlier one is worth nothing any more.
-- $1 hash of its word   $2 site id (uuid)   $3 account id (uuid)   $4 who made it (uuid, or null)   $5 hours it is good for
insert into person_link (word_hash, site_id, account_id, made_by, expires_at)
values ($1, $2, $3, $4, now() + make_interval(hours => $5))
on conflict (site_id, account_id) do update
set word_hash = excluded.word_hash, made_by = excluded.made_by, expires_at = excluded.expires_at
returning expires_at

-- name: findLink
-- A link by its word, with whom it is for.
-- $1 hash of its word
select l.site_id, l.account_id, l.expires_at, s.name as site_name, m.name, a.login, a.password_hash, m.joined_at
from person_link l
join site s on s.id = l.site_id
join membership m on m.site_id = l.site_id and m.account_id = l.account_id
join account a on a.id = l.account_id
where l.word_hash = $1
  and l.expires_at > now()
  and m.retired_at is null

-- name: useLink
-- Takes a link away; no row comes back for one that is gone.
-- $1 hash of its word
delete from person_link
where word_hash = $1
returning account_id as id

-- name: dropLinks
-- Links of somebody on a site are worth nothing any more.
-- $1 site id (uuid)   $2 account id (uuid)
delete from person_link
where site_id = $1
  and account_id = $2
