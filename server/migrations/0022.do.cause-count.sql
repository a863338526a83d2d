-- How many findings of a site were decided for each cause: a finding is added and never changed, so its count is kept as it comes.
create table cause_count (
  site_id uuid not null references site on delete cascade,
  cause text not null,
  findings integer not null,
  primary key (site_id, cause)
);
insert into cause_count (site_id, cause, findings)
select site_id, cause, count(*)
from finding
where cause is not null
group by site_id, cause;

create function finding_added() returns trigger language plpgsql as $$
begin
  if new.cause is not null then
    insert into cause_count (site_id, cause, findings)
    values (new.site_id, new.cause, 1)
    on conflict (site_id, cause) do update set findings = cause_count.findings + 1;
  end if;
  return null;
end $$;
create trigger finding_counted after insert on finding for each row execute function finding_added();
