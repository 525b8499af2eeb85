-- What a picture shows, in words; and whether it was struck out, because it shows something else.
alter table photo add column caption varchar(200) not null default '';
alter table photo add column struck_out boolean not null default false;
