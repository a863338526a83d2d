-- name: listYard
-- Every machine of a site in walking order, with its area and its positions as one list.
-- $1 site id (uuid)
select a.id as area_id, a.name as area, m.id, m.tag, m.name, m.kind, m.duty,
  coalesce(p.positions, '[]') as positions
from area a
left join machine m on m.area_id = a.id
left join lateral (
  select jsonb_agg(jsonb_build_object(
      'id', p.id, 'name', p.name, 'state', p.state, 'designation', p.designation,
      'finding', p.assessment -> 'findings' -> 0 ->> 'reason'
    ) order by p.walk_order) as positions
  from position p
  where p.machine_id = m.id
) p on true
where a.site_id = $1
order by a.walk_order, m.walk_order

-- name: getMachine
-- One machine with its area and positions.
-- $1 site id (uuid)   $2 machine id (uuid)
select a.name as area, m.id, m.tag, m.name, m.kind, m.duty,
  coalesce((
    select jsonb_agg(jsonb_build_object(
        'id', p.id, 'name', p.name, 'state', p.state, 'designation', p.designation,
        'finding', p.assessment -> 'findings' -> 0 ->> 'reason'
      ) order by p.walk_order)
    from position p
    where p.machine_id = m.id
  ), '[]') as positions
from machine m
join area a on a.id = m.area_id
where m.site_id = $1
  and m.id = $2
