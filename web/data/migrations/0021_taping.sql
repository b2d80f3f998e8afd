-- Tape laid beforehand: which films lie under it, and which pieces of tape can still be used.
alter table films add column taped_hash text;
create table tape_pieces (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  label text not null check (char_length(label) between 1 and 20),
  tack text not null check (tack in ('low', 'medium', 'strong')),
  -- mm
  width double precision not null check (width > 0 and width <= 10000),
  height double precision not null check (height > 0 and height <= 10000),
  uses integer not null default 0 check (uses between 0 and 100),
  most integer not null check (most between 1 and 100),
  at timestamptz not null default now(),
  unique (studio_id, label)
);
alter table tape_pieces enable row level security;
alter table tape_pieces force row level security;
create policy own_studio on tape_pieces using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update, delete on tape_pieces to elm_app;

-- Beside the tasks of the preparation: what is done at the desk.
alter table task_marks drop constraint task_marks_task_check;
alter table task_marks add constraint task_marks_task_check check (task ~ '^:?[a-z][a-z0-9-]{0,40}$');
