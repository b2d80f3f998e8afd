-- A studio leaves: with everything that is its own. Only with the password that holds; the demo
-- studio is everybody's and stays.
create function erase_studio(person uuid, hash text) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  perform 1 from people p join studios s on s.id = p.studio_id
    where p.id = person and p.studio_id = current_studio() and p.password_hash = hash and not s.is_demo;
  if not found then return false; end if;
  delete from studios where id = current_studio();
  return true;
end $$;
revoke all on function erase_studio from public;
grant execute on function erase_studio to elm_app;
