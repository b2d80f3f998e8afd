-- A class makes one thing or several: each a blank with a design of its own. What was one blank and one design becomes its first thing.

create table things (
  studio_id uuid not null,
  workshop_id uuid not null,
  thing text not null,
  position integer not null,
  -- title, technique, use, how many a seat makes, side or alternative
  body jsonb not null,
  blank jsonb not null,
  design jsonb not null,
  blank_version integer not null default 1,
  design_version integer not null default 1,
  primary key (workshop_id, thing),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
alter table things enable row level security;
alter table things force row level security;
create policy own_studio on things using (studio_id = current_studio()) with check (studio_id = current_studio());
grant select, insert, update, delete on things to elm_app;

-- The owner runs migrations, and row security is forced on it, too.
alter table things no force row level security;
alter table workshops no force row level security;
alter table blanks no force row level security;
alter table designs no force row level security;
alter table seats no force row level security;
alter table vinyls no force row level security;
alter table supplies no force row level security;
alter table edits no force row level security;

insert into things (studio_id, workshop_id, thing, position, body, blank, design, blank_version, design_version)
select w.studio_id, w.id, 'thing', 0,
  jsonb_build_object('title', left(b.body->>'name', 60), 'technique', case w.technique when 'stencil' then 'openStencil' else 'decal' end, 'perSeat', 1),
  b.body,
  -- film was kept round the letters only where the design said how much; otherwise as much as is weeded round a decal
  case when w.technique = 'stencil' and d.body->'stencil' is null
    then d.body || jsonb_build_object('stencil', jsonb_build_object('filmMargin', greatest(2, coalesce((w.body->'layout'->>'weedPad')::float8, 4))))
    else d.body end,
  b.version, d.version
from workshops w join blanks b on b.id = w.blank_id join designs d on d.id = w.design_id;

alter table workshops drop column blank_id, drop column design_id, drop column technique;
drop table blanks;
drop table designs;

-- What a seat has of its own belongs to a thing; and a seat has one of several alternatives.
alter table seats add column things jsonb, add column choices jsonb;
update seats set things = jsonb_build_object('thing', jsonb_build_object('own', own)) where own is not null;
alter table seats drop column own;

alter table pieces add column thing text not null default 'thing', add column copy integer not null default 1, add column islands integer not null default 0;

-- A kit that is not planned any more keeps its marks: its seat may come back.
alter table kits add column planned boolean not null default true;

-- Where nobody had said a price there stood nothing, as if it were free.
update vinyls set body = body #- '{stock,price}' where body->'stock'->>'price' = '0';
update supplies set body = body #- '{pack,price}' where body->'pack'->>'price' = '0';

-- Parts are now of a thing, and what was undone can be done again. Older entries speak of parts that are no more.
delete from edits;
alter table edits drop constraint edits_part_check;
alter table edits add constraint edits_part_check check (part ~ '^(class|seats|(blank|design):[a-z][a-z0-9]{0,30})$');
alter table edits add column after jsonb;

alter table things force row level security;
alter table workshops force row level security;
alter table seats force row level security;
alter table vinyls force row level security;
alter table supplies force row level security;
alter table edits force row level security;
