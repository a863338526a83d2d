-- Radial clearance as a maker's list has it, unmounted, µm.
alter table maker_value
  add column clearance_min_um double precision,
  add column clearance_max_um double precision;
