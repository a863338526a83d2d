-- One site, its people, areas, machines and bearing positions, with the history of every save.
create table site (
  id uuid primary key default gen_random_uuid(),
  name text not null unique,
  created_at timestamptz not null default now()
);

create table account (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site,
  login text not null unique,
  name text not null,
  role text not null check (role in ('technician', 'planner', 'viewer')),
  password_hash text not null,
  created_at timestamptz not null default now()
);

create table area (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site,
  name text not null,
  walk_order integer not null,
  unique (site_id, name)
);

create table machine (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site,
  area_id uuid not null references area,
  tag text not null,
  name text not null,
  kind text not null,
  duty text not null,
  walk_order integer not null,
  unique (site_id, tag)
);
create index machine_area on machine (area_id);

-- The inputs are one validated document; the assessment beside it is what core made of them when they were saved.
create table position (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site,
  machine_id uuid not null references machine,
  name text not null,
  walk_order integer not null,
  inputs jsonb not null,
  assessment jsonb not null,
  state text not null check (state in ('go', 'watch', 'stop', 'open')),
  designation text,
  version integer not null default 1,
  saved_at timestamptz not null default now(),
  saved_by uuid references account,
  unique (machine_id, name)
);
create index position_site_state on position (site_id, state);

create table position_revision (
  position_id uuid not null references position,
  version integer not null,
  site_id uuid not null references site,
  inputs jsonb not null,
  assessment jsonb not null,
  state text not null,
  designation text,
  saved_at timestamptz not null,
  saved_by uuid references account,
  primary key (position_id, version)
);

create table audit_event (
  id bigint generated always as identity primary key,
  site_id uuid not null references site,
  account_id uuid references account,
  at timestamptz not null default now(),
  kind text not null,
  subject_id uuid,
  detail jsonb not null default '{}'
);
create index audit_event_subject on audit_event (subject_id, at);
