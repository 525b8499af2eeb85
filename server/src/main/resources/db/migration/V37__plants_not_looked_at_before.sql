-- Whether a walk whose rows are not known went through plants that no earlier walk of its stage looked at.
alter table walk add column others boolean not null default false;
