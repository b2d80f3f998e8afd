-- Studios, people, sign-in. Every row belongs to a studio; the application's role cannot pass row-level security.

create table studios (
  id uuid primary key default gen_random_uuid(),
  name text not null check (length(name) between 1 and 120),
  unit text not null default 'mm' check (unit in ('mm', 'cm', 'inFraction', 'inDecimal')),
  zone text not null default 'Europe/London',
  evening_minutes integer not null default 135 check (evening_minutes between 0 and 1440),
  evening_start text not null default '19:30',
  is_demo boolean not null default false,
  created_at timestamptz not null default now()
);

create table people (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  email text not null check (length(email) between 3 and 254),
  name text not null check (length(name) between 1 and 120),
  password_hash text not null,
  created_at timestamptz not null default now()
);
create unique index people_email on people (lower(email));

create table sessions (
  token_hash text primary key,
  studio_id uuid not null references studios on delete cascade,
  person_id uuid not null references people on delete cascade,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null
);

create table sign_in_attempts (
  key text not null,
  at timestamptz not null default now()
);
create index sign_in_attempts_key on sign_in_attempts (key, at);

-- The studio a transaction works for; null (so: no rows) when none was set.
create function current_studio() returns uuid language sql stable as
  $$ select nullif(current_setting('elm.studio_id', true), '')::uuid $$;
