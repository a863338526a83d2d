-- Server-side sessions, failed sign-ins, and the secret that signs the session cookie. All live here, so that several
-- server processes can share one database.
create table session (
  sid text primary key,
  sess json not null,
  expire timestamptz not null
);
create index session_expire on session (expire);

create table sign_in_attempt (
  key text primary key,
  points integer not null default 0,
  expire bigint
);

create table server_secret (
  name text primary key,
  value text not null
);
