-- A round may be changed after it was made: who walks it, when, which points are on it.
alter table round add column version integer not null default 1;
drop trigger round_changed on round;
create trigger round_changed after update of state, version on round for each row execute function tell_round();
