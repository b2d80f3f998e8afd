-- What a device signs with in the place of a password: the public half only.
create table passkeys (
  id text primary key check (char_length(id) <= 400),
  studio_id uuid not null references studios on delete cascade,
  person_id uuid not null references people on delete cascade,
  public_key bytea not null check (length(public_key) <= 4000),
  counter bigint not null default 0,
  transports text[] not null default '{}',
  device text not null default '' check (length(device) <= 120),
  made_at timestamptz not null default now(),
  used_at timestamptz
);
create index passkeys_person on passkeys (person_id);
create index passkeys_studio on passkeys (studio_id);
alter table passkeys enable row level security;
create policy own_studio on passkeys using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update, delete on passkeys to elm_app;

-- Whose it is, before a studio is known. The key is public: nobody signs in by reading it.
create function passkey_for(wanted text) returns table (person_id uuid, studio_id uuid, public_key bytea, counter bigint, transports text[])
  language sql stable security definer set search_path = public as
  $$ select p.person_id, p.studio_id, p.public_key, p.counter, p.transports from passkeys p where p.id = wanted $$;

-- What a device is asked to sign: known for a few minutes, good for once, and for one purpose.
create table challenges (
  challenge text primary key check (char_length(challenge) <= 200),
  person_id uuid references people on delete cascade,
  expires_at timestamptz not null
);
create index challenges_expiry on challenges (expires_at);
alter table challenges enable row level security;

create function keep_challenge(fresh text, person uuid, seconds integer) returns void
  language plpgsql volatile security definer set search_path = public as $$
begin
  delete from challenges where expires_at < now();
  insert into challenges (challenge, person_id, expires_at) values (fresh, person, now() + make_interval(secs => seconds));
end $$;

-- Whether it was asked of this person, or, without one, of whoever signs in.
create function take_challenge(wanted text, person uuid) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  delete from challenges where challenge = wanted and person_id is not distinct from person and expires_at > now();
  return found;
end $$;

revoke all on function passkey_for, keep_challenge, take_challenge from public;
grant execute on function passkey_for, keep_challenge, take_challenge to elm_app;

-- Whoever comes in by a code may have been robbed: what else opened the account goes with the password.
create or replace function recover_with(wanted text, hash text, new_hash text) returns table (person_id uuid, studio_id uuid)
  language plpgsql volatile security definer set search_path = public as $$
declare p uuid; s uuid;
begin
  select people.id, people.studio_id into p, s from people where lower(people.email) = lower(wanted);
  update recovery_codes r set used_at = now() where r.person_id = p and r.code_hash = hash and r.used_at is null;
  if not found then return; end if;
  update people set password_hash = new_hash where people.id = p;
  delete from sessions where sessions.person_id = p;
  delete from passkeys where passkeys.person_id = p;
  return query select p, s;
end $$;
