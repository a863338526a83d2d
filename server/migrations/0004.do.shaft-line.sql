-- The shaft of a machine as one validated document, with its own version for saves that collide.
alter table machine
  add column shaft_line jsonb,
  add column shaft_version integer not null default 0;
