-- What was cut stays cut: a load's mark outlives plans in which that load does not occur, so that a change which is undone
-- finds it again.
create table cut_marks (
  studio_id uuid not null,
  workshop_id uuid not null,
  content_hash text not null,
  cut_at timestamptz not null default now(),
  primary key (workshop_id, content_hash),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
insert into cut_marks (studio_id, workshop_id, content_hash, cut_at)
  select studio_id, workshop_id, content_hash, min(cut_at) from sheets where cut_at is not null group by studio_id, workshop_id, content_hash;

alter table cut_marks enable row level security;
alter table cut_marks force row level security;
create policy own_studio on cut_marks using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update, delete on cut_marks to elm_app;
