-- What a heading of somebody's file was said to be, so that it need not be said again: the column of the list, nothing
-- where it is left out, and the unit of its numbers.
create table heading_known (
    sheet varchar(20) not null,
    heading varchar(80) not null,
    column_name varchar(40) not null,
    unit varchar(2),
    primary key (sheet, heading)
);
