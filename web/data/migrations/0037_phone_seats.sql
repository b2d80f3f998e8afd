-- Which phone stands for a seat: a hash of a sign that the phone keeps. Another one that says it is
-- this seat waits until the host lets it in, or turns it away.
create table phone_seats (
  studio_id uuid not null,
  workshop_id uuid not null,
  seat text not null check (char_length(seat) between 1 and 40),
  phone_hash text not null,
  asked_hash text,
  asked_at timestamptz,
  turned_away text[] not null default '{}',
  primary key (workshop_id, seat),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index phone_seats_asked on phone_seats (workshop_id) where asked_hash is not null;
alter table phone_seats enable row level security;
alter table phone_seats force row level security;
create policy own_studio on phone_seats using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update, delete on phone_seats to elm_app;

-- With the link that phones came by, and with the names, goes who sat where.
create function forget_phones() returns trigger language plpgsql as $$
begin
  delete from phone_seats where workshop_id = old.workshop_id;
  return null;
end $$;
create trigger tokens_revoked after update of revoked_at on tokens for each row
  when (old.revoked_at is null and new.revoked_at is not null and old.kind = 'follow') execute function forget_phones();
create trigger tokens_deleted after delete on tokens for each row
  when (old.kind = 'follow') execute function forget_phones();
