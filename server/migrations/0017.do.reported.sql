-- Photographs belong to a job or to a round.
alter table job_photo rename to photo;
alter index job_photo_job rename to photo_job;
alter table photo alter column job_id drop not null,
  add column round_id uuid references round on delete cascade,
  add check (num_nonnulls(job_id, round_id) = 1);
create index photo_round on photo (round_id) where round_id is not null;

-- Signs that rounds and readings told of the bearing of a position, as its judgement takes them.
alter table position add column reported jsonb not null default '[]';
