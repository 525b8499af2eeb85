alter table walk add column not_flowered boolean not null default false;

alter table walk add constraint walk_shed_or_not check (shedding_since is null or not not_flowered);
