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
  -- Worst finding in one sentence: lists show it without opening every assessment.
  add column finding text,
  drop constraint position_machine_id_name_key;
update position set finding = assessment -> 'findings' -> 0 ->> 'reason';
create unique index position_machine_name on position (machine_id, name) where retired_at is null;
create index position_machine on position (machine_id, walk_order);
create index machine_site_walk on machine (site_id, area_id, walk_order);

-- Everything a machine can be found by, in lower case, so that a search reads one narrow column a machine.
alter table machine
  add column position_count integer not null default 0,
  add column search_words text not null default '';

create function tell_search(wanted uuid) returns void language sql as $$
  update machine m
  set position_count = found.positions, search_words = lower(concat_ws(' ', m.tag, m.name, a.name, found.words))
  from area a, (
    select count(*) as positions, string_agg(concat_ws(' ', p.name, p.designation), ' ') as words
    from position p
    where p.machine_id = wanted
      and p.retired_at is null
  ) found
  where m.id = wanted
    and a.id = m.area_id
$$;
select tell_search(id) from machine;

create function machine_changed() returns trigger language plpgsql as $$
begin
  perform tell_search(new.id);
  return null;
end
$$;
create trigger machine_changed
after insert or update of tag, name, area_id on machine
for each row execute function machine_changed();

create function position_changed() returns trigger language plpgsql as $$
begin
  perform tell_search(new.machine_id);
  return null;
end
$$;
create trigger position_changed
after insert or update of name, designation, retired_at on position
for each row execute function position_changed();

-- One machine with its area and its positions as one list: what the Yard, the register and the machine's page all show.
create view machine_in_register as
select m.id, m.site_id, m.area_id, a.name as area, a.walk_order as area_order, m.walk_order,
  m.tag, m.name, m.kind, m.duty, m.criticality, m.hours_source, m.hours_per_week, m.retired_at, m.version,
  coalesce((
    select json_agg(json_build_object(
        'id', p.id, 'name', p.name, 'state', p.state, 'designation', p.designation, 'finding', p.finding
      ) order by p.walk_order)
    from position p
    where p.machine_id = m.id
      and p.retired_at is null
  ), '[]'::json) as positions
from machine m
join area a on a.id = m.area_id;
