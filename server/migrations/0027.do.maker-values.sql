-- What makers' lists say of their numbers, kept apart from what is estimated.
create table maker_value (
  site_id uuid not null references site on delete cascade,
  number text not null,
  list text not null,
  dynamic_n double precision,
  static_n double precision,
  limiting_rpm double precision,
  mass_kg double precision,
  primary key (site_id, number)
);
