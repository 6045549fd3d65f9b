-- How each person wants to be reminded, what was said to be sent, the outbox of the simulated mail service, and the
-- jobs that are shared by all server processes.
create table reminder_wish (
  household_id uuid not null references household,
  person_id uuid not null references person,
  by_mail boolean not null,
  doses boolean not null,
  daily_at time not null,
  quiet_from time,
  quiet_until time,
  -- up to when has been looked for what is due
  looked_until timestamptz not null,
  primary key (household_id, person_id)
);

-- Each reminder becomes a job once, however often it is looked.
create table reminder_begun (
  household_id uuid not null references household,
  person_id uuid not null references person,
  key text not null,
  begun_at timestamptz not null,
  primary key (household_id, person_id, key)
);

create table simulated_mail (
  household_id uuid not null references household,
  id uuid not null,
  person_id uuid not null references person,
  recipient text not null,
  subject text not null,
  body text not null,
  sent_at timestamptz not null,
  primary key (household_id, id)
);
create index simulated_mail_of_person on simulated_mail (household_id, person_id, sent_at);

alter table reminder_wish enable row level security;
alter table reminder_begun enable row level security;
alter table simulated_mail enable row level security;
create policy same_household on reminder_wish using (household_id = current_household());
create policy same_household on reminder_begun using (household_id = current_household());
create policy same_household on simulated_mail using (household_id = current_household());
grant select, insert, update, delete on reminder_wish, reminder_begun to evenlobe_app;
grant select, insert, delete on simulated_mail to evenlobe_app;

-- As the library that runs the jobs wants it; a job names its household and acts as a member of it.
create table scheduled_tasks (
  task_name text not null,
  task_instance text not null,
  task_data bytea,
  execution_time timestamptz not null,
  picked boolean not null,
  picked_by text,
  last_success timestamptz,
  last_failure timestamptz,
  consecutive_failures int,
  last_heartbeat timestamptz,
  version bigint not null,
  priority smallint,
  primary key (task_name, task_instance)
);
create index scheduled_tasks_by_time on scheduled_tasks (execution_time);
create index scheduled_tasks_by_heartbeat on scheduled_tasks (last_heartbeat);
grant select, insert, update, delete on scheduled_tasks to evenlobe_app;
