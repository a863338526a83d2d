-- The day a job is planned for, where one is; a day, not an instant.
alter table job add column planned_for date;

drop trigger job_changed on job;
create trigger job_changed after update of state, planned_for on job for each row execute function tell_job();
