-- The shaft of a machine as one validated document, with its own version for saves that collide, and what a register asks.
alter table machine
  add column shaft_line jsonb,
  add column shaft_version integer not null default 0,
  add column criticality text not null default 'normal' check (criticality in ('low', 'normal', 'high')),
  add column hours_source text not null default '',
  add column retired_at timestamptz;
