-- Wear and wash tests: what a film went through on which surface, and how each sample looks afterwards; and pictures, small and without metadata.
create table pictures (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  at timestamptz not null default now(),
  bytes bytea not null check (octet_length(bytes) <= 600000),
  width integer not null check (width between 1 and 4000),
  height integer not null check (height between 1 and 4000),
  unique (studio_id, id)
);
create table trials (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  created_at timestamptz not null default now(),
  version integer not null default 1,
  body jsonb not null check (pg_column_size(body) < 40000)
);
create index trials_studio on trials (studio_id, created_at);
do $$
declare t text;
begin
  foreach t in array array['pictures', 'trials'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
  end loop;
end $$;
grant select, insert, delete on pictures to elm_app;
grant select, insert, update, delete on trials to elm_app;
