-- A class as it goes on: by the step's name, with what was put in and left out, and every act so that a slip can be taken back.

alter table runs add column step_id text not null default '' check (char_length(step_id) <= 60);
update runs r set step_id = coalesce(w.plan->'runSheet'->'steps'->r.step_index->>'id', '') from workshops w where w.id = r.workshop_id;
alter table runs drop column step_index;
alter table runs add column skipped text[] not null default '{}' check (cardinality(skipped) <= 200);
-- steps that were put in on the evening: {step: {id, title, minutes}, behind}
alter table runs add column inserted jsonb not null default '[]' check (pg_column_size(inserted) < 60000);

create table run_acts (
  id bigint generated always as identity primary key,
  studio_id uuid not null,
  workshop_id uuid not null,
  run_id uuid not null,
  at timestamptz not null default now(),
  act text not null check (char_length(act) <= 20),
  -- the run as it was before, to be put back
  before jsonb not null,
  -- what the act wrote into the log, which is only ever added to
  logged bigint[] not null default '{}',
  undone_at timestamptz,
  foreign key (studio_id, run_id) references runs (studio_id, id) on delete cascade,
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index run_acts_run on run_acts (run_id, id);
alter table run_acts enable row level security;
alter table run_acts force row level security;
create policy own_studio on run_acts using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert on run_acts to elm_app;
grant update (undone_at) on run_acts to elm_app;

alter table log_events drop constraint log_events_kind_check;
alter table log_events add constraint log_events_kind_check
  check (kind in ('cut', 'weeded', 'lost', 'found', 'checked', 'packed', 'recut', 'liveStart', 'liveStep', 'liveEnd', 'skipped', 'undone', 'done', 'stuck', 'helped', 'flaw', 'ready', 'missing', 'note'));
create index log_events_step on log_events (workshop_id, step) where step is not null;
