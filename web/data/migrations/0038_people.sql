-- Several people in one studio. Hosts do everything; helpers work at the benches and see no prices; owners say who is what.
alter table people add column role text not null default 'owner' check (role in ('owner', 'cohost', 'helper'));
grant select (role) on people to elm_app;
create index if not exists people_studio on people (studio_id);

-- A link by which one person comes in, once. The code itself is known to nobody but who was given it.
create table invitations (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  code_hash text not null unique,
  role text not null check (role in ('owner', 'cohost', 'helper')),
  made_at timestamptz not null default now(),
  expires_at timestamptz not null
);
create index invitations_studio on invitations (studio_id);
alter table invitations enable row level security;
create policy own_studio on invitations using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select (id, studio_id, role, made_at, expires_at), insert, delete on invitations to elm_app;

-- What whoever has the link is told before joining.
create function invitation_for(hash text) returns table (studio_name text, role text)
  language sql stable security definer set search_path = public as
  $$ select s.name, i.role from invitations i join studios s on s.id = i.studio_id where i.code_hash = hash and i.expires_at > now() $$;

-- No row where the invitation is used up or the address has an account; it is used up with it.
create function join_studio(hash text, person_name text, person_email text, password text) returns table (person_id uuid, studio_id uuid)
  language plpgsql volatile security definer set search_path = public as $$
declare i invitations; p uuid;
begin
  select * into i from invitations where code_hash = hash and expires_at > now() for update;
  if not found or exists (select from people where lower(email) = lower(person_email)) then return; end if;
  insert into people (studio_id, email, name, password_hash, role) values (i.studio_id, person_email, person_name, password, i.role)
    on conflict do nothing returning id into p;
  if p is null then return; end if;
  delete from invitations where id = i.id;
  return query select p, i.studio_id;
end $$;

-- The studio is locked first, so that two owners cannot both step down at once.
create function owners_left(without uuid) returns integer
  language sql stable security definer set search_path = public as
  $$ select count(*)::int from people where studio_id = current_studio() and role = 'owner' and id <> without $$;

-- Only by an owner of the studio; it always keeps one.
create function give_role(actor uuid, person uuid, wanted text) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  perform 1 from studios where id = current_studio() and not is_demo for update;
  if not found or not exists (select from people where id = actor and studio_id = current_studio() and role = 'owner')
    or (wanted <> 'owner' and owners_left(person) = 0) then return false; end if;
  update people set role = wanted where id = person and studio_id = current_studio();
  return found;
end $$;

-- By an owner, or by the person itself. Sessions, passkeys and codes go with it.
create function remove_person(actor uuid, person uuid) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  perform 1 from studios where id = current_studio() and not is_demo for update;
  if not found or owners_left(person) = 0
    or not (actor = person or exists (select from people where id = actor and studio_id = current_studio() and role = 'owner')) then return false; end if;
  delete from people where id = person and studio_id = current_studio();
  return found;
end $$;

-- Only an owner erases what is everybody's.
create or replace function erase_studio(person uuid, hash text) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  perform 1 from people p join studios s on s.id = p.studio_id
    where p.id = person and p.studio_id = current_studio() and p.password_hash = hash and p.role = 'owner' and not s.is_demo;
  if not found then return false; end if;
  delete from studios where id = current_studio();
  return true;
end $$;

revoke all on function invitation_for, join_studio, owners_left, give_role, remove_person from public;
grant execute on function invitation_for, join_studio, give_role, remove_person to elm_app;
