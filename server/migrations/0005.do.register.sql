-- The machine register: how much hangs on a machine, where its running hours come from, retirement instead of removal,
-- and a version for saves that collide.
alter table machine
  add column criticality text not null default 'important',
  add column hours_source text not null default 'clock',
  add column hours_per_week double precision,
  add column retired_at timestamptz,
  add column version integer not null default 1;

-- A position that is taken off keeps its history; its name is free again.
alter table position
  add column retired_at timestamptz,
  drop constraint position_machine_id_name_key;
create unique index position_machine_name on position (machine_id, name) where retired_at is null;
create index position_machine on position (machine_id, walk_order);
create index machine_site_walk on machine (site_id, area_id, walk_order);

-- One machine with its area and its positions as one list: what the Yard, the register and the machine's page all show.
create view machine_in_register as
select m.id, m.site_id, m.area_id, a.name as area, a.walk_order as area_order, m.walk_order,
  m.tag, m.name, m.kind, m.duty, m.criticality, m.hours_source, m.hours_per_week, m.retired_at, m.version,
  coalesce((
    select jsonb_agg(jsonb_build_object(
        'id', p.id, 'name', p.name, 'state', p.state, 'designation', p.designation,
        'finding', p.assessment -> 'findings' -> 0 ->> 'reason'
      ) order by p.walk_order)
    from position p
    where p.machine_id = m.id
      and p.retired_at is null
  ), '[]') as positions
from machine m
join area a on a.id = m.area_id;
