-- name: listYard
-- Every machine of a site that is in service, in walking order; an area without any comes as one row of nulls.
-- $1 site id (uuid)
select a.id as area_id, a.name as area, m.id, m.tag, m.name, m.kind, m.duty, m.positions
from area a
left join machine_in_register m on m.area_id = a.id
  and m.retired_at is null
where a.site_id = $1
order by a.walk_order, m.walk_order, m.tag

-- name: getMachine
-- One machine with its area and positions.
-- $1 site id (uuid)   $2 machine id (uuid)
select *
from machine_in_register
where site_id = $1
  and id = $2

-- name: searchRegister
-- A page of the register in walking order, with how many machines and positions were found in all.
-- $1 site id (uuid)   $2 patterns in lower case (text[]), each found in the machine, its area or its positions
-- $3 kind, or null   $4 criticality, or null   $5 retired ones (boolean)   $6 offset   $7 limit
with found as materialized (
  select m.id, m.position_count, a.walk_order as area_order, m.walk_order, m.tag
  from machine m
  join area a on a.id = m.area_id
  where m.site_id = $1
    and ($3::text is null or m.kind = $3)
    and ($4::text is null or m.criticality = $4)
    and (m.retired_at is not null) = $5
    and m.search_words like all ($2::text[])
), page as (
  -- Positions are gathered for the machines of this page alone.
  select id
  from found
  order by area_order, walk_order, tag
  offset $6
  limit $7
)
select count(*)::int as total, coalesce(sum(f.position_count), 0)::int as positions, (
    select coalesce(json_agg(row_to_json(r) order by r.area_order, r.walk_order, r.tag), '[]'::json)
    from page
    join machine_in_register r on r.id = page.id
  ) as machines
from found f

-- name: addMachine
-- A new machine at the end of its area; no row comes back where the tag is taken.
-- $1 site id (uuid)   $2 area id (uuid)   $3 tag   $4 name   $5 kind   $6 duty   $7 criticality   $8 hours source
-- $9 hours a week (or null)   $10 shaft line (jsonb, or null)
insert into machine (site_id, area_id, tag, name, kind, duty, criticality, hours_source, hours_per_week, shaft_line,
  shaft_version, walk_order)
select $1, $2, $3, $4, $5, $6, $7, $8, $9, $10::jsonb, case when $10::jsonb is null then 0 else 1 end,
  coalesce(max(walk_order) + 1, 0)
from machine
where area_id = $2
on conflict (site_id, tag) do nothing
returning id

-- name: saveMachine
-- Changed entry of a machine, if nobody saved since; no row comes back otherwise. A machine that moves goes to the end of
-- its new area.
-- $1 site id (uuid)   $2 machine id (uuid)   $3 version the save started from   $4 area id (uuid)   $5 tag   $6 name
-- $7 kind   $8 duty   $9 criticality   $10 hours source   $11 hours a week (or null)   $12 shaft line (jsonb, or null)
update machine
set area_id = $4, tag = $5, name = $6, kind = $7, duty = $8, criticality = $9, hours_source = $10, hours_per_week = $11,
  shaft_line = $12, version = version + 1,
  walk_order = case
    when area_id = $4 then walk_order
    else (select coalesce(max(o.walk_order) + 1, 0) from machine o where o.area_id = $4)
  end
where site_id = $1
  and id = $2
  and version = $3
returning id

-- name: findByTag
-- A machine of a site by its tag, in service or not.
-- $1 site id (uuid)   $2 tag
select *
from machine_in_register
where site_id = $1
  and tag = $2

-- name: retireMachine
-- Takes a machine out of service or back into it, if nobody saved since; no row comes back otherwise.
-- $1 site id (uuid)   $2 machine id (uuid)   $3 version the save started from   $4 retired (boolean)
update machine
set retired_at = case when $4 then coalesce(retired_at, now()) end, version = version + 1
where site_id = $1
  and id = $2
  and area_id is not null
  and version = $3
returning id
