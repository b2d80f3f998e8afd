-- A mark says when the load was cut, not when its transaction began: what came into the scrap box earlier in the same
-- transaction was there before the cut. Marks that are too early get the time that their load bears.
alter table cut_marks alter column cut_at set default clock_timestamp();
update cut_marks m set cut_at = s.cut_at from sheets s where s.workshop_id = m.workshop_id and s.content_hash = m.content_hash and s.cut_at > m.cut_at;
