-- name: keepSecret
-- Keeps a secret under a name, unless there is one.
-- $1 name   $2 value
insert into server_secret (name, value) values ($1, $2) on conflict do nothing

-- name: getSecret
-- $1 name
select value from server_secret where name = $1
