-- Which tasks of the preparation are done: said by a person, never deleted by a computation.
create table task_marks (
  studio_id uuid not null references studios on delete cascade,
  workshop_id uuid not null references workshops on delete cascade,
  task text not null check (task ~ '^[a-z][a-z0-9-]{0,40}$'),
  done_at timestamptz not null default now(),
  primary key (workshop_id, task)
);
create index task_marks_studio on task_marks (studio_id);
alter table task_marks enable row level security;
alter table task_marks force row level security;
create policy own_studio on task_marks using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, delete on task_marks to elm_app;
