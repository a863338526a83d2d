-- name: findAccountByLogin
-- Account with its password hash, for signing in; null where the person has set none.
-- $1 login (text, any case)
select id, login, password_hash, epoch
from account
where lower(login) = lower($1)

-- name: findPassword
-- Password hash of an account, before it is changed.
-- $1 account id (uuid)
select password_hash
from account
where id = $1

-- name: listSites
-- Sites an account belongs to, with what it is called there and may do.
-- $1 account id (uuid)
select a.id, a.login, a.epoch, m.name, m.role, s.id as site_id, s.name as site_name, s.demo, coalesce(s.settings -> 'customs', '{}') as customs
from account a
join membership m on m.account_id = a.id
join site s on s.id = m.site_id
where a.id = $1
  and m.retired_at is null
  and m.joined_at is not null
order by s.name

-- name: addAccount
-- New account; no row comes back where the sign-in name is taken.
-- $1 login   $2 password hash (or null)
insert into account (login, password_hash)
values ($1, $2)
on conflict do nothing
returning id

-- name: setPassword
-- Another password; sessions of before are over.
-- $1 account id (uuid)   $2 password hash
update account
set password_hash = $2, epoch = epoch + 1
where id = $1
returning epoch

-- name: endSessions
-- Sessions of an account are over everywhere.
-- $1 account id (uuid)
update account
set epoch = epoch + 1
where id = $1
returning epoch

-- name: dropUnused
-- Accounts that belong to no site any more, and whose deeds are on none.
delete from account a
where not exists (select 1 from membership m where m.account_id = a.id)

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
