-- Holes stay when the weevils are dead: what lives is counted apart.
alter table weevil_look add alive integer not null default 0 check (alive >= 0);
