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

-- name: knownAddress
-- Whether an account has signed in from an address.
-- $1 account id (uuid)   $2 address
select exists (select 1 from account_address where account_id = $1 and address = $2) as known

-- name: rememberAddress
-- An account has signed in from an address; of each account the latest twenty are kept.
-- $1 account id (uuid)   $2 address
with seen as (
  insert into account_address (account_id, address)
  values ($1, $2)
  on conflict (account_id, address) do update set seen_at = now()
)
delete from account_address
where account_id = $1
  and address in (
    select address from account_address where account_id = $1 order by seen_at desc offset 20
  )
