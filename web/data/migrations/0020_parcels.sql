-- Kits that go by post: where to, and what has gone. Addresses are for this alone, and erased some days after the class.
create table postings (
  studio_id uuid not null,
  workshop_id uuid primary key,
  body jsonb not null,
  version integer not null default 1,
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create table parcels (
  studio_id uuid not null,
  workshop_id uuid not null,
  seat text not null check (char_length(seat) between 1 and 40),
  -- null once they are erased
  address jsonb check (address is null or pg_column_size(address) < 4000),
  -- who had the seat when it was written: seats change hands when names are pasted again
  called text not null default '' check (char_length(called) <= 200),
  posted_at timestamptz,
  erased boolean not null default false,
  primary key (workshop_id, seat),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
do $$
declare t text;
begin
  foreach t in array array['postings', 'parcels'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
    execute format('grant select, insert, update, delete on %I to elm_app', t);
  end loop;
end $$;

-- Of all studios, whoever asks: it tells nothing, and takes away what nobody may keep.
create function erase_addresses() returns integer language plpgsql security definer set search_path = public as $$
declare n integer;
begin
  update parcels p set address = null, erased = true
  from workshops w join studios s on s.id = w.studio_id left join postings o on o.workshop_id = w.id
  where p.workshop_id = w.id and p.address is not null
    and (now() at time zone s.zone)::date > w.class_date + coalesce((o.body->>'keepDays')::int, 30);
  get diagnostics n = row_count;
  return n;
end $$;
revoke all on function erase_addresses() from public;
grant execute on function erase_addresses() to elm_app;
