-- What participants typed goes some months after the class, where the studio says so.
alter table workshops add column names_erased_at timestamptz;

-- Everything that tells who sat where, or what their decals said. What was counted, timed and
-- noted stays. The class is locked first, as everywhere; its roster becomes another, so that a
-- window that still holds the names cannot save them back unseen.
create function forget_names(class uuid) returns void language plpgsql set search_path = public as $$
begin
  update workshops w set names_erased_at = now(), roster_version = roster_version + 1,
    plan = w.plan || jsonb_build_object(
      'findings', '[]'::jsonb,
      'seats', coalesce((
        select jsonb_agg(s || jsonb_build_object('label', s->>'seat', 'fields', '{}'::jsonb) order by at)
        from jsonb_array_elements(w.plan->'seats') with ordinality as t(s, at)), '[]'::jsonb))
    where id = class;
  update seats set fields = '{}', things = (
    select jsonb_object_agg(thing, own - 'own') from jsonb_each(things) as t(thing, own))
    where workshop_id = class;
  update parcels set address = null, called = '', erased = erased or address is not null where workshop_id = class;
  update films set held_name = null, weeded_by = case when weeded_by is null then null else '' end, lost_by = null where workshop_id = class;
  update log_events set body = body - 'by' where workshop_id = class and body ? 'by';
  delete from choices where workshop_id = class;
  delete from edits where workshop_id = class;
  delete from pieces where workshop_id = class;
  delete from sheets where workshop_id = class;
  delete from tokens where workshop_id = class;
end $$;
revoke all on function forget_names(uuid) from public;

-- At once, because the host says so; only when the class is over.
create function erase_class_names(class uuid) returns boolean
  language plpgsql volatile security definer set search_path = public as $$
begin
  perform 1 from workshops w join studios s on s.id = w.studio_id
    where w.id = class and w.studio_id = current_studio() and (now() at time zone s.zone)::date > w.class_date
    for update of w;
  if not found then return false; end if;
  perform forget_names(class);
  return true;
end $$;
revoke all on function erase_class_names(uuid) from public;
grant execute on function erase_class_names(uuid) to elm_app;

-- In every studio that has said after how many months. One class after the other, each locked.
create function erase_names() returns integer language plpgsql volatile security definer set search_path = public as $$
declare class uuid; n integer := 0;
begin
  for class in
    select w.id from workshops w join studios s on s.id = w.studio_id
    where w.names_erased_at is null
      and (now() at time zone s.zone)::date >= (w.class_date + make_interval(months => (s.settings->>'keepNamesMonths')::int))::date
    order by w.id for update of w
  loop
    perform forget_names(class);
    n := n + 1;
  end loop;
  return n;
end $$;
revoke all on function erase_names() from public;
grant execute on function erase_names() to elm_app;
