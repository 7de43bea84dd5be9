-- Two usual values that no check ever read are gone; what a guide typed for them goes with them.
update guide
set usual_values = coalesce(
    (select jsonb_agg(typed) from jsonb_array_elements(usual_values) typed
     where typed ->> 'value' not in ('RADIATOR_OVER_FANS', 'MODULE_HEIGHT')),
    '[]')
where usual_values @> '[{"value": "RADIATOR_OVER_FANS"}]' or usual_values @> '[{"value": "MODULE_HEIGHT"}]';
