-- A private address under which a calendar reads what the studio has to do; it can be taken back.
create table calendar_links (
  code text primary key check (code ~ '^[a-z0-9]{24,60}$'),
  studio_id uuid not null references studios on delete cascade,
  person_id uuid not null references people on delete cascade,
  created_at timestamptz not null default now(),
  revoked_at timestamptz
);
alter table calendar_links enable row level security;
alter table calendar_links force row level security;
create policy own_studio on calendar_links using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update on calendar_links to elm_app;
create function calendar_for_code(wanted text) returns table (studio_id uuid, person_id uuid)
  language sql stable security definer set search_path = public as
  $$ select c.studio_id, c.person_id from calendar_links c where c.code = wanted and c.revoked_at is null $$;
revoke all on function calendar_for_code from public;
grant execute on function calendar_for_code to elm_app;
