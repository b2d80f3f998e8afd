-- A cutter that stands here is one studio's at a time.
create table held_cutters (
  name text primary key check (name ~ '^[a-z0-9-]{1,30}$'),
  studio_id uuid not null unique references studios on delete cascade,
  since timestamptz not null default now()
);
alter table held_cutters enable row level security;
alter table held_cutters force row level security;
create policy own_studio on held_cutters using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, delete on held_cutters to elm_app;
