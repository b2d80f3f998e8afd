-- What is made and what happens: sheets, kits, pieces, live runs, tokens, the log.

create table sheets (
  studio_id uuid not null,
  workshop_id uuid not null,
  nn integer not null,
  vinyl text not null,
  meta jsonb not null,
  svg text not null,
  hpgl text not null,
  -- the same content keeps its mark when the class is planned again
  content_hash text not null,
  cut_at timestamptz,
  primary key (workshop_id, nn),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);

create table pieces (
  studio_id uuid not null,
  workshop_id uuid not null,
  id text not null,
  seat text not null,
  vinyl text not null,
  sheet integer,
  position integer not null,
  area_mm2 double precision not null,
  counters integer not null,
  small boolean not null,
  path text not null,
  primary key (workshop_id, id),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index pieces_seat on pieces (workshop_id, seat);

-- One row a seat: how far its kit has come. The letters it had when it was cut tell whether it changed since.
create table kits (
  studio_id uuid not null,
  workshop_id uuid not null,
  seat text not null,
  letters_hash text not null,
  weed jsonb not null,
  weed_minutes double precision not null,
  cut_hash text,
  cut_at timestamptz,
  weeding_since timestamptz,
  weeding_seconds double precision not null default 0,
  weeded_at timestamptz,
  flawed boolean not null default false,
  checked_at timestamptz,
  packed_at timestamptz,
  recut_reason text,
  primary key (workshop_id, seat),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);

create table runs (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null,
  workshop_id uuid not null,
  started_at timestamptz not null default now(),
  ended_at timestamptz,
  step_index integer not null default 0 check (step_index >= 0),
  step_started_at timestamptz not null default now(),
  extra_seconds integer not null default 0,
  held_at timestamptz,
  held_seconds double precision not null default 0,
  version integer not null default 1,
  unique (studio_id, id),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index runs_workshop on runs (workshop_id, started_at desc);

create table tokens (
  code text primary key check (code ~ '^[a-z0-9]{10,40}$'),
  studio_id uuid not null,
  workshop_id uuid not null,
  kind text not null check (kind in ('follow')),
  created_at timestamptz not null default now(),
  revoked_at timestamptz,
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);

create table log_events (
  id bigint generated always as identity primary key,
  studio_id uuid not null,
  workshop_id uuid not null,
  at timestamptz not null default now(),
  kind text not null check (kind in ('cut', 'weeded', 'lost', 'checked', 'packed', 'recut', 'liveStart', 'liveStep', 'liveEnd', 'done', 'stuck', 'note')),
  seat text,
  step text,
  minutes double precision,
  body jsonb not null default '{}',
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index log_events_workshop on log_events (workshop_id, id);

-- Every change of a run is told to all server processes, in the same transaction.
create function tell_live() returns trigger language plpgsql as $$
begin
  perform pg_notify('elm_live', json_build_object('workshop', new.workshop_id, 'version', new.version)::text);
  return new;
end $$;
create trigger runs_tell after insert or update on runs for each row execute function tell_live();
