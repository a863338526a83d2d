-- Like is judged with like: at the usual load, and with the warmth of the room taken off where it is read.
alter table reading_day
  -- Readings that had the room with them, and the middle load of those that had one.
  add column room_count integer,
  add column load_median double precision,
  -- Of the readings that are judged: how many, their middle, and where the room is taken off their middle with it.
  add column judged_count integer,
  add column judged_median double precision,
  add column judged_raw double precision;

update reading_day set judged_count = count, judged_median = median;

-- What a row of readings is judged by; a row without is judged as it was read.
create table reading_basis (
  site_id uuid not null references site on delete cascade,
  position_id uuid not null references position on delete cascade,
  quantity text not null,
  room boolean not null,
  load double precision,
  -- Day from which it is so.
  since date,
  primary key (position_id, quantity)
);

-- The last day on which every row of a site was judged, though nothing new was read.
alter table site add column trends_judged_on date;
