-- Every table has the owner institution in its key. The application's role owns nothing and sees only rows of the
-- institution and person set for the transaction.
create table institution (
  id uuid primary key,
  name text not null check (length(name) between 1 and 200)
);

create table person (
  institution_id uuid not null references institution,
  id uuid not null,
  name text not null check (length(name) between 1 and 200),
  role text not null check (role in ('student', 'instructor', 'technician')),
  primary key (institution_id, id)
);

create table jar (
  institution_id uuid not null references institution,
  id uuid not null,
  owner_id uuid not null,
  code text not null check (length(code) between 1 and 24),
  title text not null check (length(title) <= 200),
  kind text not null check (kind in ('real', 'simulated')),
  settings jsonb not null,
  created_at timestamptz not null default now(),
  primary key (institution_id, id),
  foreign key (institution_id, owner_id) references person (institution_id, id)
);

-- The notebook: entries are added and never changed. The id is made on the device, so that sending one twice is sending it once.
create table entry (
  institution_id uuid not null,
  jar_id uuid not null,
  id uuid not null,
  position bigint generated always as identity,
  device uuid not null,
  body jsonb not null,
  received_at timestamptz not null default now(),
  primary key (institution_id, jar_id, id),
  foreign key (institution_id, jar_id) references jar (institution_id, id)
);
create index entry_in_order on entry (institution_id, jar_id, position);

-- What is in a simulated jar. Kept apart, so that no query of a jar can bring it along.
create table secret (
  institution_id uuid not null,
  jar_id uuid not null,
  salt text not null,
  seed bigint not null,
  primary key (institution_id, jar_id),
  foreign key (institution_id, jar_id) references jar (institution_id, id)
);

do $$
begin
  if not exists (select from pg_roles where rolname = 'foxing_app') then
    create role foxing_app nologin;
  end if;
  if not exists (select from pg_roles where rolname = 'foxing_simulator') then
    create role foxing_simulator nologin;
  end if;
end $$;
grant foxing_app, foxing_simulator to current_user;
grant usage on schema public to foxing_app, foxing_simulator;

grant select on institution, person, jar, entry to foxing_app;
grant insert on jar, entry to foxing_app;
grant insert on secret to foxing_app;
grant select on secret, jar to foxing_simulator;

create function current_institution() returns uuid language sql stable as
  $$ select nullif(current_setting('foxing.institution', true), '')::uuid $$;
create function current_person() returns uuid language sql stable as
  $$ select nullif(current_setting('foxing.person', true), '')::uuid $$;

alter table institution enable row level security;
alter table person enable row level security;
alter table jar enable row level security;
alter table entry enable row level security;
alter table secret enable row level security;

create policy own_institution on institution using (id = current_institution());
create policy same_institution on person using (institution_id = current_institution());
create policy own_jars on jar
  using (institution_id = current_institution() and owner_id = current_person())
  with check (institution_id = current_institution() and owner_id = current_person());
create policy own_entries on entry
  using (institution_id = current_institution()
         and exists (select from jar j where j.institution_id = entry.institution_id and j.id = entry.jar_id))
  with check (institution_id = current_institution()
         and exists (select from jar j where j.institution_id = entry.institution_id and j.id = entry.jar_id));
create policy own_secrets on secret
  using (institution_id = current_institution()
         and exists (select from jar j where j.institution_id = secret.institution_id and j.id = secret.jar_id))
  with check (institution_id = current_institution()
         and exists (select from jar j where j.institution_id = secret.institution_id and j.id = secret.jar_id));
