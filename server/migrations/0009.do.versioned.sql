-- Older servers cannot save with this. What is kept of a judgement is what is read of it; it stood there whole, and once more
-- in every revision. The old findings stay until the position is judged anew.
alter table position rename column assessment to result;
update position
set result = jsonb_build_object(
  'core', 0, 'state', state, 'findings', coalesce(result -> 'findings', '[]'::jsonb), 'headlines', '{}'::jsonb
);
alter table position_revision drop column assessment;

-- A kind of work: its steps and what it leaves are core's.
alter table job add column kind text not null default 'bearing-change';
