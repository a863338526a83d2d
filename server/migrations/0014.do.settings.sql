-- Settings are saved as documents are: a save that comes second is told.
alter table site add column settings_version integer not null default 1;

-- A site whose positions are to be judged anew: how far that is, and what it has changed.
create table site_judging (
  site_id uuid primary key references site on delete cascade,
  asked_at timestamptz not null default now(),
  -- Whoever works on it says so; one that has been silent is taken over.
  beat_at timestamptz,
  total integer not null default 0,
  done integer not null default 0,
  -- Positions whose state is another one now: from, to, and which.
  changes jsonb not null default '[]',
  ended_at timestamptz
);
