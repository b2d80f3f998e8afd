-- What a class is made of. Bodies are JSON checked by the core's schemas whenever they are read or written.

create table blanks (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  body jsonb not null,
  version integer not null default 1,
  unique (studio_id, id)
);

create table designs (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  body jsonb not null,
  version integer not null default 1,
  unique (studio_id, id)
);

create table vinyls (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  body jsonb not null,
  unique (studio_id, id),
  unique (studio_id, body)
);

create table cutters (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  body jsonb not null,
  unique (studio_id, id),
  unique (studio_id, body)
);

-- A project is a repeatable plan: a class document without people, from which classes are made.
create table projects (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  title text not null,
  summary text not null default '',
  document jsonb not null,
  created_at timestamptz not null default now(),
  unique (studio_id, id)
);

create table workshops (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  project_id uuid,
  title text not null,
  summary text not null default '',
  technique text not null,
  class_date date not null,
  class_time text not null,
  zone text not null,
  minutes integer not null,
  setting jsonb not null,
  blank_id uuid not null,
  design_id uuid not null,
  cutter_id uuid not null,
  -- layout, prices, tools, spares, lead days, findings left as they are
  body jsonb not null,
  version integer not null default 1,
  roster_version integer not null default 1,
  -- the plan computed last, and the document it was computed from
  plan_hash text,
  plan jsonb,
  created_at timestamptz not null default now(),
  unique (studio_id, id),
  foreign key (studio_id, project_id) references projects (studio_id, id) on delete set null (project_id),
  foreign key (studio_id, blank_id) references blanks (studio_id, id),
  foreign key (studio_id, design_id) references designs (studio_id, id),
  foreign key (studio_id, cutter_id) references cutters (studio_id, id)
);
create index workshops_date on workshops (studio_id, class_date);

create table workshop_vinyls (
  studio_id uuid not null,
  workshop_id uuid not null,
  vinyl_id uuid not null,
  position integer not null,
  primary key (workshop_id, position),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade,
  foreign key (studio_id, vinyl_id) references vinyls (studio_id, id)
);

create table seats (
  studio_id uuid not null,
  workshop_id uuid not null,
  position integer not null,
  seat text not null,
  fields jsonb not null,
  primary key (workshop_id, seat),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);

create table steps (
  studio_id uuid not null,
  workshop_id uuid not null,
  position integer not null,
  body jsonb not null,
  primary key (workshop_id, position),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);

create table supplies (
  studio_id uuid not null,
  workshop_id uuid not null,
  position integer not null,
  body jsonb not null,
  primary key (workshop_id, position),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);

-- What a part of a class was before an edit, so that it can be put back.
create table edits (
  id bigint generated always as identity primary key,
  studio_id uuid not null,
  workshop_id uuid not null,
  part text not null check (part in ('design', 'seats', 'blank', 'class')),
  label text not null,
  before jsonb not null,
  made_at timestamptz not null default now(),
  undone_at timestamptz,
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index edits_workshop on edits (workshop_id, id desc);
