-- Which phone asked: what is open is changed by that one only. A hash of a sign the phone keeps; null for what was asked before.
alter table choices add column phone_hash text;
