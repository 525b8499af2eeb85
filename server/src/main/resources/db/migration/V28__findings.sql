-- What was overruled is kept by its kind and figures, no longer as a sentence: what was written before is read once, here.
create function number_in(sentence text, pattern text) returns numeric language sql immutable as
$$ select replace((regexp_match(sentence, pattern))[1], ',', '')::numeric $$;

create function grade_in(sentence text, pattern text) returns text language sql immutable as
$$ select upper(replace((regexp_match(sentence, pattern))[1], ' ', '_')) $$;

create function day_in(sentence text, pattern text) returns date language sql immutable as
$$ select to_date((regexp_match(sentence, pattern))[1], 'DD Mon YYYY') $$;

alter table overruling alter column finding type varchar(1000);

update overruling set finding = case reason
    when 'ISOLATION_FAILED' then json_build_object(
        'kind', 'Crosses',
        'grade', grade_in(finding, 'for (.+) grade$'))
    when 'TOO_FEW_MOTHERS' then json_build_object(
        'kind', 'TooFewMothers',
        'plants', number_in(finding, '^picked from (\d+)'),
        'grade', grade_in(finding, '; (.+) grade asks'),
        'needed', number_in(finding, 'asks (\d+)$'))
    when 'NOT_WALKED' then json_build_object('kind', 'NotWalked', 'standing', false)
    when 'OFF_TYPES_NOT_SHOWN' then json_build_object(
        'kind', 'OffTypesNotShown',
        'upper', number_in(finding, 'up to ([\d.]+) %') / 100,
        'allowed', number_in(finding, 'lets ([\d.]+) %') / 100,
        'grade', grade_in(finding, '; (.+) grade lets'),
        'more', 0,
        'standing', false)
    when 'OFF_TYPES_OVER' then json_build_object(
        'kind', 'OffTypesOver',
        'found', number_in(finding, '^([\d.]+) %') / 100,
        'allowed', number_in(finding, 'lets ([\d.]+) %') / 100,
        'grade', grade_in(finding, '; (.+) grade lets'))
    when 'NOT_DRY' then json_build_object(
        'kind', 'TooDamp',
        'moisture', number_in(finding, '^([\d.]+) %'),
        'storage', 0)
    when 'SEED_WEIGHT_UNKNOWN' then json_build_object('kind', 'NotWeighed')
    when 'SEED_WEIGHT_UNEVEN' then json_build_object(
        'kind', 'WeightsDisagree',
        'variation', number_in(finding, 'spread ([\d.]+) %'),
        'allowed', number_in(finding, ', ([\d.]+) % let pass'))
    when 'UNTESTED' then json_build_object('kind', 'NotTested', 'days', 0)
    when 'REPLICATES_DISAGREE' then json_build_object(
        'kind', 'ReplicatesDisagree',
        'apart', number_in(finding, 'replicates ([\d.]+) points'),
        'allowed', number_in(finding, ', ([\d.]+) let pass'),
        'on', day_in(finding, ' on (.+),'))
    when 'TOO_FEW_TESTED' then json_build_object(
        'kind', 'TooFewTested',
        'germination', number_in(finding, '^(\d+) %'),
        'seeds', number_in(finding, 'of (\d+) seeds'),
        'needed', number_in(finding, 'to show ([\d.]+) %'),
        'least', number_in(finding, 'as little as (\d+) %'))
    when 'TEST_RUN_OUT' then json_build_object(
        'kind', 'TestRunOut',
        'on', day_in(finding, ' on (.+);'),
        'lasts', number_in(finding, 'for (\d+) days'))
    when 'BELOW_STANDARD' then json_build_object(
        'kind', 'BelowStandard',
        'germination', number_in(finding, '^germinates (\d+) %'),
        'grade', grade_in(finding, '; (.+) grade asks'),
        'needed', number_in(finding, 'asks ([\d.]+) %'))
    end;

drop function number_in, grade_in, day_in;

-- Whose numbers and dates a person reads; sentences are English.
alter table account add column locale varchar(10) not null default 'en-GB';
