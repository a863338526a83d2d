-- What a person decided of a bearing: what was seen, how it ranked that day, who. Added, never changed; its id is the device's.
create table finding (
  id uuid primary key,
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  -- Cause of the knowledge base that was decided on; none where it was left open.
  cause text,
  why text not null default '',
  body jsonb not null,
  at timestamptz not null,
  account_id uuid references account,
  received_at timestamptz not null default now()
);
create index finding_position on finding (position_id, at desc);

-- Every bearing that was ever fitted.
create table fitted_bearing (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  -- With its suffix, as it was read.
  designation text not null,
  bearing_type text,
  batch text not null default '',
  fitted_on date not null,
  fitted_job uuid references job on delete set null,
  -- The position as the fitting left it.
  as_left jsonb,
  -- Nothing while it runs: when it came out, by which job, how many hours it had run, why.
  out_on date,
  out_job uuid references job on delete set null,
  hours double precision,
  ended text check (ended in ('failed', 'warned', 'sound')),
  cause text,
  finding_id uuid references finding on delete set null,
  note text not null default '',
  source text not null check (source in ('job', 'typed', 'file')),
  account_id uuid references account,
  entered_at timestamptz not null default now(),
  check (out_on >= fitted_on),
  check ((out_on is null) = (ended is null) and (out_on is null) = (hours is null))
);
-- One runs at a time.
create unique index fitted_bearing_running on fitted_bearing (position_id) where out_on is null;
create index fitted_bearing_position on fitted_bearing (position_id, fitted_on);
create index fitted_bearing_site on fitted_bearing (site_id);

-- Bearings that are meant by a filter, with the place each stands in; a part of the filter that is null leaves all.
create function meant_bearings(
  of_site uuid, of_area text, of_machine uuid, of_position uuid, of_type text, of_cause text, of_person uuid
) returns table (
  id uuid, position_id uuid, machine_id uuid, area_id uuid, fitted_on date, out_on date, hours double precision, ended text,
  cause text, bearing_type text
) language sql stable as $$
  select f.id, f.position_id, p.machine_id, m.area_id, f.fitted_on, f.out_on, f.hours, f.ended, f.cause, f.bearing_type
  from fitted_bearing f
  join position p on p.id = f.position_id
  join machine m on m.id = p.machine_id
  where f.site_id = of_site
    and (of_area is null or m.area_id = (select id from area where site_id = of_site and name = of_area))
    and (of_machine is null or p.machine_id = of_machine)
    and (of_position is null or f.position_id = of_position)
    and (of_type is null or f.bearing_type = of_type)
    and (of_cause is null or f.cause = of_cause)
    and (of_person is null or f.account_id = of_person)
$$;
