-- Photographs belong to a job, to a round, or to a position: what a bearing showed that lies on its bench.
alter table photo drop constraint photo_check,
  add column position_id uuid references position on delete cascade,
  add constraint photo_of_one check (num_nonnulls(job_id, round_id, position_id) = 1);
create index photo_position on photo (position_id) where position_id is not null;
