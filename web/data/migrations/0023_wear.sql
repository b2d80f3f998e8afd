-- What each load took of blade and mat, also of loads that went through a machine of which nothing is heard.
create table mats (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  name text not null check (char_length(name) between 1 and 40),
  began_at timestamptz not null default now(),
  -- uses are counted from here
  cleaned_at timestamptz,
  cleanings integer not null default 0,
  in_use boolean not null default false,
  unique (studio_id, name)
);
create unique index mats_in_use on mats (studio_id) where in_use;
create table cut_wear (
  studio_id uuid not null,
  workshop_id uuid not null,
  load text not null,
  at timestamptz not null default now(),
  film text not null check (char_length(film) <= 120),
  mm double precision not null,
  mat_id uuid references mats on delete set null,
  primary key (workshop_id, load),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index cut_wear_at on cut_wear (studio_id, at);
do $$
declare t text;
begin
  foreach t in array array['mats', 'cut_wear'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
    execute format('grant select, insert, update, delete on %I to elm_app', t);
  end loop;
end $$;
