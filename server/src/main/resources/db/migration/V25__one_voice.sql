-- What nobody could see, what others told and was asked, what a course asks, for whom a bottle is made.

-- An ear that the dog let nobody see; what others told and was asked at a check.
alter table ear_check
  add column right_could_look boolean not null default true,
  add column left_could_look boolean not null default true,
  add column asked jsonb not null default '[]';

-- What was told of each ear; null where it was told before a form asked for each.
alter table told
  add column right_told text,
  add column left_told text,
  add column usual text not null default '',
  add column gave_at text;

-- The rounds of an order, how many times a week, and what a call named to the vet.
alter table visit
  add column right_rounds int,
  add column right_weekly_times int,
  add column right_weekly_most int,
  add column right_named text[] not null default '{}',
  add column left_rounds int,
  add column left_weekly_times int,
  add column left_weekly_most int,
  add column left_named text[] not null default '{}';

-- What is asked about a course; null where nobody was asked.
alter table course
  add column asked jsonb;

-- For whom and what a bottle is made; that it is not used any more. What was said of dogs stays.
alter table supply
  add column made_for text,
  add column withdrawn_on date,
  add column withdrawn_why text;

-- Ears that are known not to hear.
alter table dog
  add column deaf_right boolean not null default false,
  add column deaf_left boolean not null default false,
  add column deaf_since date;

-- A small amount by the label; a bottle of its own for each ear.
alter table cleaning
  add column right_small boolean,
  add column left_small boolean,
  add column right_cleaner_id uuid,
  add column left_cleaner_id uuid,
  add foreign key (household_id, right_cleaner_id) references supply (household_id, id)
    deferrable initially immediate,
  add foreign key (household_id, left_cleaner_id) references supply (household_id, id)
    deferrable initially immediate;

-- How much a fill by the label is; whether somebody chose the method; what is done besides.
alter table settings
  add column small_fill double precision,
  add column method_chosen boolean not null default false,
  add column clean_after_outings boolean not null default false,
  add column practise_on boolean not null default false;

-- The answers to what was asked once.
create table answered (
  household_id uuid not null references household,
  id uuid not null,
  version int not null,
  gone boolean not null,
  dog_id uuid not null,
  done_at timestamptz not null,
  zone text not null,
  day date not null,
  question text not null,
  about uuid,
  ear text,
  yes boolean not null,
  who text,
  primary key (household_id, id),
  foreign key (household_id, dog_id) references dog (household_id, id)
    deferrable initially immediate
);
create index answered_of_dog on answered (household_id, dog_id, done_at);
alter table answered enable row level security;
create policy same_household on answered using (household_id = current_household());
grant select, insert, update on answered to evenlobe_app;
