-- When whoever reads a feed is reminded of an act, in minutes from the beginning of its first day: none, or as late as the
-- evening before it.
alter table calendar_feed add column reminds integer check (reminds between -1440 and 1439);
