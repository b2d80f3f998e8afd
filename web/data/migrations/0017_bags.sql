-- What lies in each bag, line by line: put in, or noted as lacking, until the end.
create table bag_marks (
  studio_id uuid not null,
  workshop_id uuid not null,
  -- a seat, or the box for the room
  bag text not null check (char_length(bag) between 1 and 40),
  line text not null check (char_length(line) <= 180),
  state text not null check (state in ('in', 'lack')),
  note text not null default '' check (char_length(note) <= 120),
  at timestamptz not null default now(),
  primary key (workshop_id, bag, line),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
alter table bag_marks enable row level security;
alter table bag_marks force row level security;
create policy own_studio on bag_marks using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update, delete on bag_marks to elm_app;
