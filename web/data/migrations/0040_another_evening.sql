-- Who stands for a seat this evening: the next time the same link is used, phones choose anew.
alter table phone_seats add column heard_at timestamptz not null default now();

-- A calendar shows what hosts see: the address of somebody who became a helper opens nothing.
create or replace function calendar_for_code(wanted text) returns table (studio_id uuid, person_id uuid)
  language sql stable security definer set search_path = public as
  $$ select c.studio_id, c.person_id from calendar_links c join people p on p.id = c.person_id and p.studio_id = c.studio_id
     where c.code = wanted and c.revoked_at is null and p.role <> 'helper' $$;
