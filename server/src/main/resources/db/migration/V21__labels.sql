-- What the local law asks to stand on every packet.
alter table farm add label_lines varchar(300) not null default '';
