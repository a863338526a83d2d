-- name: startState
-- Whether a site is there, and the made-up one among them.
select exists (select 1 from site) as any_site, exists (select 1 from site where demo) as demo

-- name: holdSites
-- Nobody else makes a site until the transaction is over.
lock table site in share row exclusive mode

-- name: addSite
-- A new site; no row comes back where its name is taken.
-- $1 name   $2 settings (jsonb)
insert into site (name, settings)
values ($1, $2)
on conflict do nothing
returning id

-- name: keepStart
-- A site that whoever has the word may make; an earlier word for it is worth nothing.
-- $1 hash of the word   $2 name of the site   $3 hours it is good for
with earlier as (delete from site_start where site_name = $2)
insert into site_start (word_hash, site_name, expires_at)
values ($1, $2, now() + make_interval(hours => $3))

-- name: findStart
-- What a word is good for.
-- $1 hash of the word
select site_name, expires_at
from site_start
where word_hash = $1
  and expires_at > now()

-- name: dropStart
-- A word that has been used.
-- $1 hash of the word
delete from site_start
where word_hash = $1
returning site_name

-- name: removeDemo
-- The made-up plant and all that hangs on it.
delete from site
where demo
returning id
