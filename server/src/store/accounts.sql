-- name: findAccountByLogin
-- Account with its password hash, for signing in.
-- $1 login (text, any case)
select a.id, a.login, a.name, a.role, a.site_id, s.name as site_name, a.password_hash
from account a
join site s on s.id = a.site_id
where lower(a.login) = lower($1)

-- name: findAccount
-- Account behind a session.
-- $1 account id (uuid)
select a.id, a.login, a.name, a.role, a.site_id, s.name as site_name
from account a
join site s on s.id = a.site_id
where a.id = $1

-- name: addAccount
-- New account.
-- $1 site id (uuid)   $2 login   $3 name   $4 role   $5 password hash
insert into account (site_id, login, name, role, password_hash)
values ($1, $2, $3, $4, $5)
returning id
