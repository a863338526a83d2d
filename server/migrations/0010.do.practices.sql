-- Practices a site goes by where the trade has several; empty for the defaults.
alter table site add column practices jsonb not null default '{}';
