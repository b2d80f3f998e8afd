-- What a project is also made as: each variant says only where it differs.
alter table projects add column variants jsonb not null default '[]';
