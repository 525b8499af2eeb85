-- A made-up farm that is looked into before one's own is made, and thrown away then.
alter table farm add column sample boolean not null default false;
alter table farm alter column sample drop default;
