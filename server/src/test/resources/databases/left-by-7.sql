-- A household as version 7 left it: one row at least of each kind, with zones of every spelling.
insert into person values
  ('00000000-0000-0000-0000-00000000000a', 'moor@evenlobe.test', 'Ida Moor', 'x', '2026-01-02T03:04:05Z');
insert into household (id, created_at)
  values ('00000000-0000-0000-0000-00000000000b', '2026-01-02T03:04:05Z');
insert into membership (household_id, person_id, role, since) values
  ('00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-00000000000a', 'OWNER',
    '2026-01-02T03:04:05Z');
insert into settings (household_id, id, version, gone, name, zone, volume_unit, weight_unit, hours,
  facing, method, scheduling, fixed_days)
  values ('00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-00000000000b', 1, false,
    'Moor', 'Europe/Berlin', 'MILLILITRES', 'KILOGRAMS', 'H24', 'HEAD_UP', 'FILL', 'LEARNED', 21);
insert into dog (household_id, id, version, gone, name, age_estimated, weights, joined_on, carriage,
  cropped, canal_hair, feathering, water, ground, climate, allergy, infections, light_coat, eardrum)
  values ('00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-0000000000d0', 3, false,
    'Fen', false, '[]', '2025-05-01', 'DROP', false, 'NONE', 'NONE', 'NEVER', 'MIXED', 'DRY', 'NONE',
    'NONE', false, 'NEVER_EXAMINED');
insert into fact_version values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-0000000000d0', 1, 'Dog', '{"name": "Fen"}',
  '00000000-0000-0000-0000-00000000000a', '2026-01-02T03:04:05Z');
insert into supply values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-0000000000e0', 1, false, 'CLEANER', 'Blue bottle', 'GENERAL', 250, 120,
  '2026-01-02T03:04:05Z', null);

-- half past midnight of the 29th by its own clock, and still the 28th in Greenwich
insert into cleaning (household_id, id, version, gone, dog_id, done_at, zone, right_method, right_load)
  values ('00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-000000000001', 1, false,
    '00000000-0000-0000-0000-0000000000d0', '2026-03-28T23:30:00Z', 'Europe/Berlin', 'FILL', 2);
-- an offset, which the database alone would read the wrong way round
insert into ear_check
  select '00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-000000000002', 1, false,
    '00000000-0000-0000-0000-0000000000d0', '2026-03-28T23:30:00Z', '+02:00', 0, 0, 0, 0, 'NONE',
    'NONE', 0, '{}', 'NOT_TRIED', 0, 0, 0, 1, 'BROWN', 'NONE', 0, '{TICK}', 'TURNED', 0, 0, null,
    null, false, false, false, false, false, false, 'NOT_KNOWN', 'NOT_KNOWN', 'NOT_KNOWN', 'a note';
insert into visit (household_id, id, version, gone, dog_id, done_at, zone, right_eardrum,
  right_cleaned, right_instructed, right_hold, left_eardrum, left_cleaned, left_instructed, left_hold)
  values ('00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-000000000003', 2, false,
    '00000000-0000-0000-0000-0000000000d0', '2026-03-28T10:30:00Z', 'Pacific/Kiritimati', 'INTACT',
    false, false, 'NOTHING_SAID', 'NOT_SEEN', false, false, 'NOTHING_SAID');
insert into hold_release values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-000000000004', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T03:30:00Z', 'America/St_Johns', 'RIGHT');
insert into skipped_item values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-000000000005', 1, true, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'UTC', 'an item', 'away');
insert into exposure values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-000000000006', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'GMT-03:00', 'SWIM', '2026-03-25', '2026-03-26');
insert into practice values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-000000000007', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'Z', 'WET_PAD', 'CALM');
insert into drying values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-000000000008', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-29T01:30:00Z', 'Europe/Berlin');
insert into expected_exposure values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-000000000009', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'Asia/Kathmandu', 'SWIM', '["MONDAY"]', 1, 1, 12, 31);
insert into struck_day values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-00000000000c', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'Europe/Berlin', '00000000-0000-0000-0000-000000000009', '2026-03-30');
insert into pinned_item values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-00000000000d', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'Europe/Berlin', 'an item', '2026-04-02', null);
insert into appointment values ('00000000-0000-0000-0000-00000000000b',
  '00000000-0000-0000-0000-00000000000e', 1, false, '00000000-0000-0000-0000-0000000000d0',
  '2026-03-28T23:30:00Z', 'Europe/Berlin', '2026-04-02', '09:30', 'a look');
