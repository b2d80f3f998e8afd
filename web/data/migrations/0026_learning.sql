-- What a studio takes of its own figures in the place of first guesses: every word of the host, so that each can be taken back.
create table figure_acts (
  id bigint generated always as identity primary key,
  studio_id uuid not null references studios on delete cascade,
  at timestamptz not null default now(),
  model text not null check (model in ('weeding', 'cutting', 'steps', 'drying')),
  act text not null check (act in ('taken', 'refused', 'guess')),
  -- what is reckoned with from then on; null is the first guess
  figures jsonb check (pg_column_size(figures) < 20000),
  -- how much had been seen when it was said
  observations integer not null check (observations >= 0)
);
create index figure_acts_studio on figure_acts (studio_id, model, id desc);
alter table figure_acts enable row level security;
alter table figure_acts force row level security;
create policy own_studio on figure_acts using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert on figure_acts to elm_app;

-- What was touched while it dried, and what participants say of it afterwards.
alter table log_events drop constraint log_events_kind_check;
alter table log_events add constraint log_events_kind_check
  check (kind in ('cut', 'weeded', 'lost', 'found', 'checked', 'packed', 'recut', 'liveStart', 'liveStep', 'liveEnd', 'skipped', 'undone', 'done', 'stuck', 'helped', 'flaw', 'ready', 'missing', 'note', 'dry', 'felt'));
create index log_events_kind on log_events (studio_id, kind, id desc);
