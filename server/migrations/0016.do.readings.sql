-- Readings of temperature, vibration, ultrasound, insulation: raw by month, and what is kept of each day.
create table reading (
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  quantity text not null check (quantity in ('temperature', 'velocity', 'envelope', 'ultrasound', 'insulation')),
  at timestamptz not null,
  value double precision not null,
  -- The room, °C, and the load at that moment, where somebody read them.
  ambient double precision,
  load double precision,
  source text not null
) partition by range (at);
-- Readings come in the order of time: a range of pages tells of a day, and a month's index is a few pages.
create index reading_at on reading using brin (at) with (pages_per_range = 16);

-- A month is made when its first reading comes.
create function make_reading_month(of_time timestamptz) returns void language plpgsql as $$
declare
  first_day date := date_trunc('month', of_time at time zone 'UTC')::date;
  name text := 'reading_' || to_char(first_day, 'YYYY_MM');
begin
  if to_regclass(name) is not null then
    return;
  end if;
  perform pg_advisory_xact_lock(hashtext(name));
  if to_regclass(name) is null then
    execute format('create table %I partition of reading for values from (%L) to (%L)', name,
      first_day::timestamp at time zone 'UTC', (first_day + interval '1 month')::timestamp at time zone 'UTC');
  end if;
end
$$;

-- What the trend of a position is judged by, and all that is left once raw readings are thinned out.
create table reading_day (
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  quantity text not null,
  day date not null,
  count integer not null,
  low double precision not null,
  high double precision not null,
  total double precision not null,
  squares double precision not null,
  median double precision not null,
  primary key (position_id, quantity, day)
);

-- Where a row of readings is going, as last judged.
create table reading_trend (
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  quantity text not null,
  verdict text not null check (verdict in ('ok', 'watch', 'stop')),
  result jsonb not null,
  judged_at timestamptz not null default now(),
  primary key (position_id, quantity)
);
create index reading_trend_site on reading_trend (site_id) where verdict <> 'ok';
