-- What lies in stock: one line for each number in each place, and everything that was put in, taken out or counted.
create table stock (
  id uuid primary key default gen_random_uuid(),
  site_id uuid not null references site on delete cascade,
  designation text not null,
  place text not null,
  condition text not null check (condition in ('boxed', 'opened')),
  greased_on date,
  count integer not null check (count >= 0),
  least integer not null default 0 check (least >= 0),
  note text not null default '',
  version integer not null default 1,
  unique nulls not distinct (site_id, designation, place, condition, greased_on)
);

-- The id comes from the device: one that is sent twice counts once.
create table stock_move (
  id uuid primary key,
  site_id uuid not null references site on delete cascade,
  stock_id uuid not null references stock on delete cascade,
  kind text not null check (kind in ('in', 'out', 'counted')),
  -- What it added; a count adds what was found more, or less, than was thought.
  change integer not null,
  job_id uuid references job on delete set null,
  account_id uuid references account,
  at timestamptz not null default now()
);
create index stock_move_stock on stock_move (stock_id, at);
create index stock_move_job on stock_move (job_id) where job_id is not null;
