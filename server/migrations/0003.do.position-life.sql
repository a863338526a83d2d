-- Rated life and type of each position, so that the whole shaft can be judged without opening every assessment.
alter table position
  add column life_h double precision,
  add column bearing_type text;
