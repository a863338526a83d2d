-- name: findMakerValues
-- What a list says of one of some numbers: the longest of them that is there.
-- $1 site id (uuid)   $2 numbers (text[])
select number, list, dynamic_n, static_n, limiting_rpm, mass_kg, clearance_min_um, clearance_max_um
from maker_value
where site_id = $1
  and number = any($2)
order by length(number) desc
limit 1

-- name: storeMakerValues
-- Values of many numbers, in place of those that were there.
-- $1 site id (uuid)   $2 list   $3 numbers (text[])   $4 C, N (double precision[])   $5 C0, N   $6 r/min   $7 kg
-- $8, $9 clearance from and to, µm
insert into maker_value (site_id, number, list, dynamic_n, static_n, limiting_rpm, mass_kg, clearance_min_um, clearance_max_um)
select $1, v.number, $2, v.dynamic_n, v.static_n, v.limiting_rpm, v.mass_kg, v.clearance_min_um, v.clearance_max_um
from unnest($3::text[], $4::double precision[], $5::double precision[], $6::double precision[], $7::double precision[],
  $8::double precision[], $9::double precision[])
  as v (number, dynamic_n, static_n, limiting_rpm, mass_kg, clearance_min_um, clearance_max_um)
on conflict (site_id, number) do update
set list = excluded.list, dynamic_n = excluded.dynamic_n, static_n = excluded.static_n,
  limiting_rpm = excluded.limiting_rpm, mass_kg = excluded.mass_kg,
  clearance_min_um = excluded.clearance_min_um, clearance_max_um = excluded.clearance_max_um

-- name: listMakerValues
-- Everything that makers' lists say, by number.
-- $1 site id (uuid)
select number, list, dynamic_n, static_n, limiting_rpm, mass_kg, clearance_min_um, clearance_max_um
from maker_value
where site_id = $1
order by number

-- name: countMakerLists
-- Lists that were taken in, and how many numbers each has.
-- $1 site id (uuid)
select list, count(*)::int as numbers
from maker_value
where site_id = $1
group by list
order by list

-- name: dropMakerList
-- $1 site id (uuid)   $2 list
delete from maker_value
where site_id = $1
  and list = $2
