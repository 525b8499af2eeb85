-- When a backup was written, put back beside the farm, and found to be the same.
create table backup_made (
    made_at timestamptz primary key
);
