-- Older servers cannot run on this. A person may work on several sites: what they are called there and may do is each site's.
alter table site
  add column demo boolean not null default false,
  add column settings jsonb not null default '{}';

create table membership (
  site_id uuid not null references site on delete cascade,
  account_id uuid not null references account on delete cascade,
  name text not null,
  role text not null check (role in ('technician', 'planner', 'viewer')),
  created_at timestamptz not null default now(),
  retired_at timestamptz,
  -- Not taken up yet: an account of another site that has been asked to join.
  joined_at timestamptz default now(),
  primary key (site_id, account_id)
);
create index membership_account on membership (account_id);
insert into membership (site_id, account_id, name, role, created_at)
select site_id, id, name, role, created_at from account;

alter table account
  drop column site_id,
  drop column name,
  drop column role,
  -- Nobody has a password but the person: none until they have set it.
  alter column password_hash drop not null,
  -- Sessions of an older epoch are over.
  add column epoch integer not null default 1;
create unique index account_login_folded on account (lower(login));

-- A link that is used once: to set a password, or to join another site. Its word is kept as a hash.
create table person_link (
  word_hash text primary key,
  site_id uuid not null references site on delete cascade,
  account_id uuid not null references account on delete cascade,
  made_by uuid references account on delete set null,
  expires_at timestamptz not null,
  unique (site_id, account_id)
);

-- A site that is to be made by whoever has this word.
create table site_start (
  word_hash text primary key,
  site_name text not null,
  expires_at timestamptz not null
);

-- Whoever keeps an account or a session in mind hears when it has changed.
create function tell_account() returns trigger language plpgsql as $$
begin
  perform pg_notify('account', coalesce(to_jsonb(coalesce(new, old)) ->> 'account_id', to_jsonb(coalesce(new, old)) ->> 'id'));
  return null;
end
$$;
create trigger account_changed after update or delete on account for each row execute function tell_account();
create trigger membership_changed after insert or update or delete on membership
for each row execute function tell_account();

create function tell_session() returns trigger language plpgsql as $$
begin
  perform pg_notify('session', old.sid);
  return null;
end
$$;
create trigger session_ended after delete on session for each row execute function tell_session();

create function tell_site() returns trigger language plpgsql as $$
begin
  perform pg_notify('site', coalesce(new.id, old.id)::text);
  return null;
end
$$;
create trigger site_changed after update or delete on site for each row execute function tell_site();

-- What belongs to a site goes with it.
alter table area drop constraint area_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table machine drop constraint machine_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table position drop constraint position_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table position_revision
  drop constraint position_revision_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table audit_event drop constraint audit_event_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table job drop constraint job_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table job_entry drop constraint job_entry_site_id_fkey, add foreign key (site_id) references site on delete cascade;
alter table job_photo drop constraint job_photo_site_id_fkey, add foreign key (site_id) references site on delete cascade;
create index audit_event_site on audit_event (site_id, at);
