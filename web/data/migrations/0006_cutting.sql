-- The scrap box, what the cutter is doing and has done, and what test cuts showed.

-- Film is known by what is written on it: name, family and colour, as vinyls of classes say.
create table scraps (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  label text not null check (label ~ '^[A-Za-z0-9][A-Za-z0-9_-]{0,19}$'),
  film jsonb not null,
  outline jsonb not null,
  holes jsonb not null default '[]',
  bought date,
  -- The load it was laid on when that was cut; until then it is in the box.
  used_by uuid,
  used_nn integer,
  -- The load it was left over from.
  left_by uuid,
  left_nn integer,
  created_at timestamptz not null default clock_timestamp(),
  unique (studio_id, label),
  foreign key (studio_id, used_by) references workshops (studio_id, id) on delete set null (used_by)
);

-- One attempt to cut one load. What is cut is written down while it is being cut.
create table cut_jobs (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null,
  workshop_id uuid not null,
  nn integer not null,
  sheet_hash text not null,
  state text not null default 'sending' check (state in ('sending', 'cutting', 'paused', 'jammed', 'finished', 'stopped')),
  pieces jsonb not null,
  cut jsonb not null default '[]',
  -- piece -> through, kissed or missed, as seen on the film
  outcomes jsonb not null default '{}',
  seconds double precision not null default 0,
  of_seconds double precision not null default 0,
  cut_mm double precision not null default 0,
  fault text,
  preflight jsonb not null default '{}',
  started_at timestamptz not null default now(),
  ended_at timestamptz,
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index cut_jobs_workshop on cut_jobs (workshop_id, nn, started_at);
-- One load at a time on a studio's cutter.
create unique index cut_jobs_running on cut_jobs (studio_id) where ended_at is null;

-- What a test cut showed for a film; the newest counts.
create table test_cuts (
  id bigint generated always as identity primary key,
  studio_id uuid not null references studios on delete cascade,
  film jsonb not null,
  force integer not null check (force between 1 and 600),
  speed double precision not null check (speed > 0),
  blade_mm double precision not null default 0,
  at timestamptz not null default now()
);

-- A new blade begins to count from here.
create table blades (
  id bigint generated always as identity primary key,
  studio_id uuid not null references studios on delete cascade,
  at timestamptz not null default now()
);

do $$
declare t text;
begin
  foreach t in array array['scraps', 'cut_jobs', 'test_cuts', 'blades'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
  end loop;
end $$;
grant select, insert, update, delete on scraps, cut_jobs, test_cuts, blades to elm_app;
grant usage on all sequences in schema public to elm_app;

-- Sheets made before are made again with their class.
alter table sheets add column dxf text not null default '';
