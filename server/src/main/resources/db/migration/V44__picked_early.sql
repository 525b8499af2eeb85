-- Days before the first seed can have been ripe by its bloom, as it was forecast when it was picked.
alter table pick add early_by integer check (early_by > 0);
