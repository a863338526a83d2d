-- Jobs: a bearing change with its steps as they were composed, the entries people made, and photographs.
create table job (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site,
  machine_id uuid not null references machine,
  number integer not null,
  title text not null,
  state text not null default 'planned' check (state in ('planned', 'under-way', 'waiting', 'done', 'cancelled')),
  reason text,
  position_ids uuid[] not null,
  steps jsonb not null,
  -- Inputs of each position when the job was made, and when it was closed.
  as_found jsonb not null,
  as_left jsonb,
  created_at timestamptz not null default now(),
  created_by uuid references account,
  started_at timestamptz,
  ended_at timestamptz,
  unique (site_id, number)
);
create index job_site_state on job (site_id, state);
create index job_machine on job (machine_id);

-- Entries are added and never changed. The id comes from the device: one that is sent twice counts once.
create table job_entry (
  seq bigint generated always as identity primary key,
  id uuid not null unique,
  site_id uuid not null references site,
  job_id uuid not null references job,
  body jsonb not null,
  account_id uuid not null references account,
  received_at timestamptz not null default now()
);
create index job_entry_job on job_entry (job_id, seq);

create table job_photo (
  id uuid primary key,
  site_id uuid not null references site,
  job_id uuid not null references job,
  type text not null,
  content bytea not null,
  account_id uuid not null references account,
  taken_at timestamptz not null default now()
);
create index job_photo_job on job_photo (job_id);

-- Whoever looks at a job hears of it within a second, through any server process.
create function tell_job() returns trigger language plpgsql as $$
begin
  perform pg_notify('job', coalesce(to_jsonb(new) ->> 'job_id', new.id::text));
  return null;
end
$$;
create trigger job_entry_added after insert on job_entry for each row execute function tell_job();
create trigger job_changed after update of state on job for each row execute function tell_job();
