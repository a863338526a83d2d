-- name: getPosition
-- One position with its machine and who saved it last.
-- $1 site id (uuid)   $2 position id (uuid)
select p.id, p.name, coalesce(a.name, 'Counter') as area, m.area_id is null as loose, p.inputs, p.version, p.saved_at, s.name as saved_by,
  m.id as machine_id, case when m.area_id is null then '' else m.tag end as tag, m.name as machine_name, m.kind, m.duty, m.shaft_line, p.reported, t.practices, t.settings,
  coalesce((
    select jsonb_agg(jsonb_build_object('position', o.name, 'bearingType', o.bearing_type, 'lifeH', o.life_h)
      order by o.walk_order)
    from position o
    where o.machine_id = m.id
      and o.id <> p.id
      and o.retired_at is null
      and o.life_h > 0
  ), '[]') as others,
  coalesce((
    -- What lies on its bench; where nothing does, what was last found of it.
    select jsonb_agg(jsonb_build_object('id', o.id, 'position', o.name) || case
        when o.inputs #>> '{diagnose,seen}' <> '[]' or o.inputs #>> '{diagnose,bands}' <> '[]' or o.inputs #>> '{diagnose,marks}' <> '[]'
        then (o.inputs -> 'diagnose') || jsonb_build_object('designation', o.inputs #> '{bearing,designation}', 'loadCase', o.inputs #> '{seat,loadCase}')
        when d.body is not null then d.body || jsonb_build_object('at', to_json(d.at))
        else jsonb_build_object('designation', o.inputs #> '{bearing,designation}')
      end order by o.walk_order)
    from position o
    left join lateral (
      select body, at
      from finding
      where position_id = o.id
        and at > now() - interval '90 days'
      order by at desc
      limit 1
    ) d on true
    where o.machine_id = m.id
      and o.id <> p.id
      and o.retired_at is null
      and o.inputs ->> 'kind' = 'rolling'
  ), '[]') as ends,
  young_deaths(p),
  coalesce((select jsonb_object_agg(cause, findings) from cause_count where site_id = p.site_id), '{}') as causes_found
from position p
join machine m on m.id = p.machine_id
left join area a on a.id = m.area_id
join site t on t.id = p.site_id
left join membership s on s.account_id = p.saved_by and s.site_id = p.site_id
where p.site_id = $1
  and p.id = $2

-- name: lockMachine
-- Holds the machine of a position as it is until the transaction is over: a position is judged by its machine and its shaft.
-- One at a time: a save writes the words the machine is found by, and two that both held it shared would wait for each other.
-- $1 site id (uuid)   $2 position id (uuid)
select m.id
from machine m
where m.id = (select machine_id from position where site_id = $1 and id = $2)
for no key update

-- name: savePosition
-- New inputs of a position, if nobody saved since; no row comes back otherwise.
-- $1 site id (uuid)   $2 position id (uuid)   $3 version the save started from   $4 inputs   $5 result of judging
-- $6 state   $7 designation   $8 account id (uuid)   $9 rated life (h, or null)   $10 bearing type (or null)
-- $11 worst finding as it runs (or null)
update position
set inputs = $4, result = $5, state = $6, designation = $7, saved_by = $8, life_h = $9, bearing_type = $10,
  finding = $11,
  version = version + 1, saved_at = now()
where site_id = $1
  and id = $2
  and version = $3
returning version

-- name: storeJudgement
-- Another judgement of the inputs a position has: no save, and no revision.
-- $1 position id (uuid)   $2 version that was judged   $3 result of judging   $4 state   $5 designation
-- $6 rated life (h, or null)   $7 bearing type (or null)   $8 worst finding as it runs (or null)
update position
set result = $3, state = $4, designation = $5, life_h = $6, bearing_type = $7, finding = $8
where id = $1
  and version = $2

-- name: storeReported
-- Signs that rounds and readings told of a position; no row where it has them already.
-- $1 site id (uuid)   $2 position id (uuid)   $3 signs (jsonb)
update position
set reported = $3
where site_id = $1
  and id = $2
  and reported <> $3::jsonb
returning id

-- name: keepRevision
-- Copies a position as it stands into its history.
-- $1 position id (uuid)
insert into position_revision (position_id, version, site_id, inputs, state, designation, saved_at, saved_by)
select id, version, site_id, inputs, state, designation, saved_at, saved_by
from position
where id = $1

-- name: listRevisions
-- Saves of a position, newest first.
-- $1 site id (uuid)   $2 position id (uuid)   $3 how many
select r.version, r.saved_at, s.name as saved_by, r.state, r.designation, r.inputs
from position_revision r
left join membership s on s.account_id = r.saved_by and s.site_id = r.site_id
where r.site_id = $1
  and r.position_id = $2
order by r.version desc
limit $3

-- name: addPosition
-- New position with its first assessment.
-- $1 site id (uuid)   $2 machine id (uuid)   $3 name   $4 walking order   $5 inputs   $6 result of judging   $7 state
-- $8 designation   $9 account id (uuid, or null)   $10 rated life (h, or null)   $11 bearing type (or null)
-- $12 worst finding as it runs (or null)
insert into position (site_id, machine_id, name, walk_order, inputs, result, state, designation, saved_by, life_h,
  bearing_type, finding)
values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)
returning id

-- name: listPositionsOfMachine
-- Positions of a machine with their inputs, in walking order.
-- $1 site id (uuid)   $2 machine id (uuid)
select p.id, p.name, p.inputs, p.version, young_deaths(p) as "youngDeaths"
from position p
where p.site_id = $1
  and p.machine_id = $2
  and p.retired_at is null
order by p.walk_order

-- name: retirePositions
-- Takes positions off their machine; their history stays.
-- $1 position ids (uuid[])
update position
set retired_at = now()
where id = any($1)

-- name: freePositionNames
-- Puts a name that nobody else has in place of each, so that two may change names.
-- $1 position ids (uuid[])
update position
set name = id::text
where id = any($1)

-- name: renamePositions
-- New names and places of positions.
-- $1 position ids (uuid[])   $2 names (text[])   $3 walking orders (integer[])
update position p
set name = n.name, walk_order = n.walk_order
from unnest($1::uuid[], $2::text[], $3::integer[]) as n (id, name, walk_order)
where p.id = n.id

-- name: whereFitted
-- Positions in service whose bearing has a base number, whatever its suffixes, in walking order.
-- $1 site id (uuid)   $2 base number   $3 how many
select p.id, m.tag, p.name as position, p.designation
from position p
join machine m on m.id = p.machine_id
join area a on a.id = m.area_id
where p.site_id = $1
  and starts_with(p.designation, $2)
  and substr(p.designation, length($2) + 1, 1) !~ '[0-9/]'
  and p.retired_at is null
  and m.retired_at is null
order by a.walk_order, m.walk_order, m.tag, p.walk_order
limit $3
