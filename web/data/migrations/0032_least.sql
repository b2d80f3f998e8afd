-- The owner of the database is no superuser. Functions that answer before a studio is known read as the owner, so
-- row-level security is not forced on it; the application owns nothing and cannot pass it.
do $$
declare one record;
begin
  for one in select oid::regclass as name from pg_class
    where relnamespace = 'public'::regnamespace and relforcerowsecurity loop
    execute format('alter table %s no force row level security', one.name);
  end loop;
end $$;

-- The application reads no password's hash: it says which hash the typed password comes to, and hears yes or no.
revoke select on people from elm_app;
grant select (id, studio_id, email, name, created_at) on people to elm_app;

create function sign_in_salt(wanted text) returns text
  language sql stable security definer set search_path = public as
  $$ select substring(p.password_hash from '^(\$argon2id\$v=\d+\$[^$]+\$[^$]+)\$') from people p where lower(p.email) = lower(wanted) $$;

create function sign_in_with(wanted text, hash text) returns table (person_id uuid, studio_id uuid)
  language sql stable security definer set search_path = public as
  $$ select p.id, p.studio_id from people p where lower(p.email) = lower(wanted) and p.password_hash = hash $$;

-- What a device keeps that has signed in: worth nothing after a change of password, and tells nothing of it.
create function device_token(wanted uuid) returns text
  language sql stable security definer set search_path = public as
  $$ select encode(sha256(convert_to('device of ' || p.id || ' ' || p.password_hash, 'UTF8')), 'hex') from people p where p.id = wanted and p.studio_id = current_studio() $$;

create function device_known(wanted text, token text) returns boolean
  language sql stable security definer set search_path = public as
  $$ select exists (select from people p where lower(p.email) = lower(wanted)
     and encode(sha256(convert_to('device of ' || p.id || ' ' || p.password_hash, 'UTF8')), 'hex') = token) $$;

drop function person_for_sign_in(text);

-- No row where the address has a studio already, also for two who ask at once.
create or replace function open_studio(studio_name text, person_name text, person_email text, hash text, studio_unit text, studio_zone text) returns table (person_id uuid, studio_id uuid)
  language plpgsql volatile security definer set search_path = public as $$
declare s uuid := gen_random_uuid(); p uuid;
begin
  if exists (select from people where lower(email) = lower(person_email)) then return; end if;
  insert into studios (id, name, unit, zone) values (s, studio_name, studio_unit, studio_zone);
  insert into people (studio_id, email, name, password_hash) values (s, person_email, person_name, hash)
    on conflict do nothing returning id into p;
  if p is null then delete from studios where id = s; return; end if;
  return query select p, s;
end $$;

revoke all on function sign_in_salt, sign_in_with, device_token, device_known from public;
grant execute on function sign_in_salt, sign_in_with, device_token, device_known to elm_app;
