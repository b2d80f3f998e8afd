-- Fingerprints of what a plan wrote, so that rows that say the same are left alone; the files of sheets are written when they are asked for.
alter table sheets add column print text, drop column svg, drop column hpgl, drop column dxf;
alter table kits add column print text;
alter table films add column print text;
