-- Addresses an account has signed in from: guesses made elsewhere do not shut them.
create table account_address (
  account_id uuid not null references account (id) on delete cascade,
  address text not null,
  seen_at timestamptz not null default now(),
  primary key (account_id, address)
);
