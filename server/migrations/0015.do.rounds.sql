-- Points of the plant that are greased, oiled or looked at, the rounds they are walked on, and what people entered there.
create table point (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  kind text not null check (kind in ('grease', 'oil-level', 'oil-change', 'look')),
  -- What the position asks for, as last judged, and what people have settled over it.
  work jsonb not null,
  own jsonb not null default '{}',
  -- The position asks for it no more: its history stays.
  dropped boolean not null default false,
  -- When it was last done as somebody has settled it, and as that and the rounds have it.
  told_done date,
  last_done date,
  -- When it is due, as last reckoned; none where it was never done or never comes due.
  due_on date,
  early_on date,
  late_on date,
  interval_days double precision not null default 36500,
  -- The week a planner moved it to, within its tolerance.
  moved_to date,
  version integer not null default 1,
  unique (position_id, kind)
);
create index point_site on point (site_id) where not dropped;

-- Hour meters as they were read. A replaced meter goes on from where the old one stood: `hours` is what is shown and what the
-- ones before had run.
create table meter_reading (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site on delete cascade,
  machine_id uuid not null references machine on delete cascade,
  day date not null,
  shown double precision not null,
  hours double precision not null,
  account_id uuid references account,
  read_at timestamptz not null default now()
);
create index meter_reading_machine on meter_reading (machine_id, day);

-- Holidays and stops of the plant: nothing is greased, and what needs a standing machine can be reached.
create table plant_stop (
  id uuid primary key,
  site_id uuid not null references site on delete cascade,
  from_day date not null,
  to_day date not null check (to_day >= from_day),
  title text not null
);
create index plant_stop_site on plant_stop (site_id, from_day);

create table round (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site on delete cascade,
  number integer not null,
  title text not null,
  day date not null,
  state text not null default 'open' check (state in ('open', 'closed')),
  walked_by uuid references account,
  -- Its points in walking order, as they stood when it was made: a tablet needs nothing else.
  points jsonb not null,
  -- Guns of the shop that day, with what is in them.
  guns jsonb not null default '[]',
  created_at timestamptz not null default now(),
  created_by uuid references account,
  closed_at timestamptz,
  unique (site_id, number)
);

create table round_entry (
  seq bigint generated always as identity primary key,
  id uuid not null unique,
  site_id uuid not null references site on delete cascade,
  round_id uuid not null references round on delete cascade,
  point_id uuid not null references point on delete cascade,
  body jsonb not null,
  account_id uuid not null references account,
  received_at timestamptz not null default now()
);
create index round_entry_round on round_entry (round_id, seq);
create index round_entry_point on round_entry (point_id, seq);

create function tell_round() returns trigger language plpgsql as $$
begin
  perform pg_notify('round', coalesce(to_jsonb(new) ->> 'round_id', new.id::text));
  return null;
end
$$;
create trigger round_entry_added after insert on round_entry for each row execute function tell_round();
create trigger round_changed after update of state on round for each row execute function tell_round();

-- Points are made as positions are judged: those that are there already are judged once more.
insert into site_judging (site_id)
select id from site where exists (select from position p where p.site_id = site.id)
on conflict (site_id) do update
set asked_at = now(), beat_at = null, done = 0, total = 0, changes = '[]', ended_at = null;

-- A calendar somebody subscribes to, by an address nobody guesses; its word is kept as a hash.
create table calendar_feed (
  word_hash text primary key,
  site_id uuid not null,
  account_id uuid not null,
  made_at timestamptz not null default now(),
  unique (site_id, account_id),
  foreign key (site_id, account_id) references membership on delete cascade
);
