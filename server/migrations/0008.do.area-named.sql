-- Machines are found by the name of their area: they are told when it gets another.
create function area_renamed() returns trigger language plpgsql as $$
begin
  perform tell_search(m.id) from machine m where m.area_id = new.id;
  return null;
end
$$;
create trigger area_renamed
after update of name on area
for each row when (old.name is distinct from new.name) execute function area_renamed();
