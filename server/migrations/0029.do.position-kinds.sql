-- Whether what lies in a position rolls or slides, told apart without opening its document.
alter table position add column kind text not null generated always as (coalesce(inputs ->> 'kind', 'rolling')) stored;

create or replace view machine_in_register as
select m.id, m.site_id, m.area_id, a.name as area, a.walk_order as area_order, m.walk_order,
  m.tag, m.name, m.kind, m.duty, m.criticality, m.hours_source, m.hours_per_week, m.retired_at, m.version,
  coalesce((
    select json_agg(json_build_object(
        'id', p.id, 'name', p.name, 'kind', p.kind, 'state', p.state, 'designation', p.designation, 'finding', p.finding
      ) order by p.walk_order)
    from position p
    where p.machine_id = m.id
      and p.retired_at is null
  ), '[]'::json) as positions
from machine m
join area a on a.id = m.area_id;
