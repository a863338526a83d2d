-- A bearing on a bench of its own, before it belongs to a machine: what it lies on stands in no area and is never in service.
alter table machine
  alter column area_id drop not null,
  add constraint machine_in_service_stands check (area_id is not null or retired_at is not null);
