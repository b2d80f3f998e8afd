-- Isolation: the application's role sees a studio's rows only when the transaction has named that studio.

do $$
declare t text;
begin
  foreach t in array array['people', 'sessions', 'blanks', 'designs', 'vinyls', 'cutters', 'projects', 'workshops', 'workshop_vinyls', 'seats', 'steps', 'supplies', 'edits', 'sheets', 'pieces', 'kits', 'runs', 'tokens', 'log_events'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
  end loop;
end $$;

alter table studios enable row level security;
alter table studios force row level security;
create policy own_studio on studios using (id = current_studio()) with check (id = current_studio());

grant usage on schema public to elm_app;
grant select, insert, update, delete on people, sessions, blanks, designs, vinyls, cutters, projects, workshops, workshop_vinyls, seats, steps, supplies, edits, sheets, pieces, kits, runs, tokens to elm_app;
grant select, update on studios to elm_app;
-- The log is append-only.
grant select, insert on log_events to elm_app;
grant usage on all sequences in schema public to elm_app;

-- Doors that open before a studio is known. Each answers one narrow question.
create function person_for_sign_in(wanted text) returns table (person_id uuid, studio_id uuid, password_hash text)
  language sql stable security definer set search_path = public as
  $$ select p.id, p.studio_id, p.password_hash from people p where lower(p.email) = lower(wanted) $$;

create function session_for(hash text) returns table (person_id uuid, studio_id uuid)
  language sql stable security definer set search_path = public as
  $$ select s.person_id, s.studio_id from sessions s where s.token_hash = hash and s.expires_at > now() $$;

create function demo_person() returns table (person_id uuid, studio_id uuid)
  language sql stable security definer set search_path = public as
  $$ select p.id, p.studio_id from people p join studios s on s.id = p.studio_id where s.is_demo order by p.created_at limit 1 $$;

create function workshop_for_code(wanted text, wanted_kind text) returns table (workshop_id uuid, studio_id uuid)
  language sql stable security definer set search_path = public as
  $$ select t.workshop_id, t.studio_id from tokens t where t.code = wanted and t.kind = wanted_kind and t.revoked_at is null $$;

-- Counts an attempt and tells whether it is still within the limit. Old attempts are swept away on the way.
create function attempt_allowed(wanted text, most integer, seconds integer) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
declare n integer;
begin
  -- Tries at the same moment wait for each other, otherwise none would see the rest.
  perform pg_advisory_xact_lock(hashtext(wanted));
  delete from sign_in_attempts where at < now() - interval '1 day';
  insert into sign_in_attempts (key) values (wanted);
  select count(*) into n from sign_in_attempts where key = wanted and at > now() - make_interval(secs => seconds);
  return n <= most;
end $$;

create function open_studio(studio_name text, person_name text, person_email text, hash text, studio_unit text, studio_zone text) returns table (person_id uuid, studio_id uuid)
  language plpgsql volatile security definer set search_path = public as $$
declare s uuid; p uuid;
begin
  insert into studios (name, unit, zone) values (studio_name, studio_unit, studio_zone) returning id into s;
  insert into people (studio_id, email, name, password_hash) values (s, person_email, person_name, hash) returning id into p;
  return query select p, s;
end $$;

revoke all on function person_for_sign_in, session_for, demo_person, workshop_for_code, attempt_allowed, open_studio from public;
grant execute on function person_for_sign_in, session_for, demo_person, workshop_for_code, attempt_allowed, open_studio, current_studio to elm_app;
