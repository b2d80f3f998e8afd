-- Sessions by which a person is signed in, as the person sees them: since when, last used, on what.
alter table sessions add column id uuid not null default gen_random_uuid();
alter table sessions add column seen_at timestamptz not null default now();
alter table sessions add column device text not null default '' check (length(device) <= 120);
create unique index sessions_id on sessions (id);
create index sessions_person on sessions (person_id, seen_at);
create index sessions_expiry on sessions (expires_at);

-- A session that is used goes on: at most one change an hour.
drop function session_for(text);
create function session_for(hash text) returns table (person_id uuid, studio_id uuid, stale boolean)
  language sql stable security definer set search_path = public as
  $$ select s.person_id, s.studio_id, s.seen_at < now() - interval '1 hour' from sessions s where s.token_hash = hash and s.expires_at > now() $$;

-- Each opens the account once, in the place of the password.
create table recovery_codes (
  studio_id uuid not null references studios on delete cascade,
  person_id uuid not null references people on delete cascade,
  code_hash text not null,
  made_at timestamptz not null default now(),
  used_at timestamptz,
  primary key (person_id, code_hash)
);
create index recovery_codes_studio on recovery_codes (studio_id);
alter table recovery_codes enable row level security;
create policy own_studio on recovery_codes using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select (studio_id, person_id, made_at, used_at), insert, delete on recovery_codes to elm_app;

-- Only with the password that holds. Every other session of the person ends.
create function change_password(person uuid, old_hash text, new_hash text, keep text) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  update people set password_hash = new_hash where id = person and studio_id = current_studio() and password_hash = old_hash;
  if not found then return false; end if;
  delete from sessions where person_id = person and token_hash <> keep;
  return true;
end $$;

-- A code is used up with it; every session of the person ends.
create function recover_with(wanted text, hash text, new_hash text) returns table (person_id uuid, studio_id uuid)
  language plpgsql volatile security definer set search_path = public as $$
declare p uuid; s uuid;
begin
  select people.id, people.studio_id into p, s from people where lower(people.email) = lower(wanted);
  update recovery_codes r set used_at = now() where r.person_id = p and r.code_hash = hash and r.used_at is null;
  if not found then return; end if;
  update people set password_hash = new_hash where people.id = p;
  delete from sessions where sessions.person_id = p;
  return query select p, s;
end $$;

revoke all on function session_for, change_password, recover_with from public;
grant execute on function session_for, change_password, recover_with to elm_app;

-- People are written by the functions alone.
revoke insert, update, delete on people from elm_app;
