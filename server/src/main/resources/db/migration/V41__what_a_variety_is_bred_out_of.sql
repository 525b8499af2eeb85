-- A line bred out of a hybrid has a name of its own; the hybrid's is told beside it.
alter table variety add bred_from varchar(80) not null default '';
update variety set bred_from = name, name = left(name, 68) || ', bred out' where breeding_out;
alter table variety add check (breeding_out = (bred_from <> ''));
