-- Backups that were tried, by whichever process of whichever server did it.
create table backup_run (
  id bigint generated always as identity primary key,
  began_at timestamptz not null default now(),
  ended_at timestamptz,
  file text not null,
  bytes bigint,
  -- Why it failed; null while it runs and where it did not.
  trouble text
);
