-- People, classes, sessions, partners, signed versions, and secret unknowns. The server signs in as foxing_app, which owns nothing and inherits nothing: what it may
-- touch is granted here, row by row by policy. What must be done before it is known who asks (signing in, joining by a code) goes through the functions of `door`.

alter role foxing_app noinherit;
grant foxing_simulator to foxing_app;

create table class (
  institution_id uuid not null references institution,
  id uuid not null,
  name text not null check (length(name) between 1 and 120),
  created_at timestamptz not null default now(),
  primary key (institution_id, id)
);

create table membership (
  institution_id uuid not null,
  class_id uuid not null,
  person_id uuid not null,
  primary key (institution_id, class_id, person_id),
  foreign key (institution_id, class_id) references class (institution_id, id) on delete cascade,
  foreign key (institution_id, person_id) references person (institution_id, id) on delete cascade
);
create index membership_of_person on membership (institution_id, person_id);

-- What a person proves who they are with: the verifier is a hash of a key that is derived slowly from the password, outside the database.
create table credential (
  institution_id uuid not null,
  person_id uuid not null,
  login text not null unique check (login = lower(login) and length(login) between 3 and 200),
  salt bytea not null check (length(salt) = 16),
  verifier bytea not null check (length(verifier) = 32),
  changed_at timestamptz not null default now(),
  primary key (institution_id, person_id),
  foreign key (institution_id, person_id) references person (institution_id, id) on delete cascade
);

create table session (
  institution_id uuid not null,
  person_id uuid not null,
  token_hash bytea not null check (length(token_hash) = 32),
  created_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  primary key (institution_id, person_id, token_hash),
  foreign key (institution_id, person_id) references person (institution_id, id) on delete cascade
);

-- Wrong passwords and codes, counted in windows. Who asks is kept as a hash; before an institution is known its id is nil.
create table attempt (
  institution_id uuid not null,
  subject bytea not null,
  window_began timestamptz not null,
  wrong int not null,
  primary key (institution_id, subject, window_began)
);

-- One row under the nil id: makes salts for logins that do not exist, always the same for the same login.
create table decoy (institution_id uuid primary key, secret bytea not null);
insert into decoy select '00000000-0000-0000-0000-000000000000', sha256(string_agg(gen_random_uuid()::text, '')::bytea) from generate_series(1, 4);

-- A code that lets somebody in: to a class, or to a jar as a partner.
create table invitation (
  institution_id uuid not null references institution,
  id uuid not null,
  code_hash bytea not null unique check (length(code_hash) = 32),
  role text not null check (role in ('student', 'instructor', 'technician', 'partner')),
  class_id uuid,
  jar_id uuid,
  created_by uuid,
  expires_at timestamptz not null,
  uses_left int not null check (uses_left >= 0),
  primary key (institution_id, id),
  foreign key (institution_id, class_id) references class (institution_id, id) on delete cascade,
  foreign key (institution_id, jar_id) references jar (institution_id, id) on delete cascade,
  foreign key (institution_id, created_by) references person (institution_id, id) on delete cascade,
  check ((role = 'partner') = (jar_id is not null))
);

create table partner (
  institution_id uuid not null,
  jar_id uuid not null,
  person_id uuid not null,
  primary key (institution_id, jar_id, person_id),
  foreign key (institution_id, jar_id) references jar (institution_id, id) on delete cascade,
  foreign key (institution_id, person_id) references person (institution_id, id) on delete cascade
);
create index partner_of_person on partner (institution_id, person_id);

alter table jar
  add column class_id uuid,
  add column issued_by uuid,
  add column reveal text not null default 'on conclusion' check (reveal in ('on conclusion', 'on date', 'by instructor')),
  add column reveal_on timestamptz,
  add column revealed_at timestamptz,
  add foreign key (institution_id, class_id) references class (institution_id, id),
  add foreign key (institution_id, issued_by) references person (institution_id, id) on delete set null (issued_by),
  add check (issued_by is null or class_id is not null),
  add check ((reveal = 'on date') = (reveal_on is not null));
create index jar_of_owner on jar (institution_id, owner_id);
create index jar_of_class on jar (institution_id, class_id) where class_id is not null;
alter table jar drop constraint jar_institution_id_owner_id_fkey,
  add foreign key (institution_id, owner_id) references person (institution_id, id) on delete cascade;
alter table entry drop constraint entry_institution_id_jar_id_fkey,
  add foreign key (institution_id, jar_id) references jar (institution_id, id) on delete cascade;
alter table secret drop constraint secret_institution_id_jar_id_fkey,
  add foreign key (institution_id, jar_id) references jar (institution_id, id) on delete cascade;

-- Who wrote an entry, and its place among those its device wrote for the jar.
alter table entry add column author_id uuid, add column device_order bigint;
update entry e set device_order = position, author_id = j.owner_id from jar j where j.institution_id = e.institution_id and j.id = e.jar_id;
alter table entry alter column device_order set not null,
  add foreign key (institution_id, author_id) references person (institution_id, id) on delete set null (author_id);

-- A version frozen by signing: which entries, in which order, and the hash of the whole.
create table signature (
  institution_id uuid not null,
  jar_id uuid not null,
  version int not null check (version > 0),
  person_id uuid,
  signed_at timestamptz not null default now(),
  document jsonb not null,
  sha256 text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  primary key (institution_id, jar_id, version),
  foreign key (institution_id, jar_id) references jar (institution_id, id) on delete cascade,
  foreign key (institution_id, person_id) references person (institution_id, id) on delete set null (person_id)
);

-- Who asks, and what that lets them see. These look past row-level security, at the rows of the one who asks alone.
create function my_role() returns text language sql stable security definer set search_path = public, pg_temp as
  $$ select role from person where institution_id = current_institution() and id = current_person() $$;
create function my_classes() returns setof uuid language sql stable security definer set search_path = public, pg_temp as
  $$ select class_id from membership where institution_id = current_institution() and person_id = current_person() $$;
create function taught_classes() returns setof uuid language sql stable security definer set search_path = public, pg_temp as
  $$ select class_id from membership where institution_id = current_institution() and person_id = current_person() and my_role() = 'instructor' $$;
create function partnered_jars() returns setof uuid language sql stable security definer set search_path = public, pg_temp as
  $$ select jar_id from partner where institution_id = current_institution() and person_id = current_person() $$;
-- People a person may know the name of: those one shares a jar with, the instructors of one's classes, and everybody in the classes one teaches.
create function known_people() returns setof uuid language sql stable security definer set search_path = public, pg_temp as $$
  select current_person()
  union select m.person_id from membership m
    where m.institution_id = current_institution() and m.class_id in (select taught_classes())
  union select p.id from person p join membership m on m.institution_id = p.institution_id and m.person_id = p.id
    where p.institution_id = current_institution() and p.role = 'instructor' and m.class_id in (select my_classes())
  union select x.person_id from partner x join jar j on j.institution_id = x.institution_id and j.id = x.jar_id
    where x.institution_id = current_institution() and (j.owner_id = current_person() or j.id in (select partnered_jars()))
  union select j.owner_id from jar j where j.institution_id = current_institution() and j.id in (select partnered_jars())
$$;

drop policy same_institution on person;
drop policy own_jars on jar;
drop policy own_entries on entry;
drop policy own_secrets on secret;
alter table class enable row level security;
alter table membership enable row level security;
alter table credential enable row level security;
alter table session enable row level security;
alter table attempt enable row level security;
alter table decoy enable row level security;
alter table invitation enable row level security;
alter table partner enable row level security;
alter table signature enable row level security;

create policy known on person for select using (institution_id = current_institution() and id in (select known_people()));

create policy mine on class for select using (institution_id = current_institution() and id in (select my_classes()));

create policy own_or_taught on membership for select
  using (institution_id = current_institution() and (person_id = current_person() or class_id in (select taught_classes())));
create policy leave_or_remove on membership for delete
  using (institution_id = current_institution() and (person_id = current_person() or class_id in (select taught_classes())));

create policy own on session using (institution_id = current_institution() and person_id = current_person());

create policy own on invitation for select using (institution_id = current_institution() and created_by = current_person());
create policy to_what_is_mine on invitation for insert with check (
  institution_id = current_institution() and created_by = current_person()
  and case when role = 'partner'
      then exists (select from jar j where j.institution_id = invitation.institution_id and j.id = invitation.jar_id and j.owner_id = current_person())
      else class_id in (select taught_classes()) end);

create policy seen on jar for select using (
  institution_id = current_institution()
  and (owner_id = current_person() or id in (select partnered_jars()) or class_id in (select taught_classes())));
create policy opened on jar for insert with check (
  institution_id = current_institution()
  and case when issued_by is null
      then owner_id = current_person() and (class_id is null or class_id in (select my_classes()))
      else issued_by = current_person() and class_id in (select taught_classes())
        and exists (select from membership m
                     where m.institution_id = jar.institution_id and m.class_id = jar.class_id and m.person_id = jar.owner_id) end);
create policy revealed on jar for update
  using (institution_id = current_institution() and class_id in (select taught_classes()))
  with check (institution_id = current_institution() and class_id in (select taught_classes()));

create policy seen on entry for select using (
  institution_id = current_institution()
  and exists (select from jar j where j.institution_id = entry.institution_id and j.id = entry.jar_id));
create policy written on entry for insert with check (
  institution_id = current_institution() and author_id = current_person()
  and exists (select from jar j where j.institution_id = entry.institution_id and j.id = entry.jar_id
                and (j.owner_id = current_person() or j.id in (select partnered_jars()))));

create policy seen on partner for select using (
  institution_id = current_institution()
  and exists (select from jar j where j.institution_id = partner.institution_id and j.id = partner.jar_id));
create policy ended on partner for delete using (
  institution_id = current_institution()
  and (person_id = current_person()
       or exists (select from jar j where j.institution_id = partner.institution_id and j.id = partner.jar_id and j.owner_id = current_person())));

create policy seen on signature for select using (
  institution_id = current_institution()
  and exists (select from jar j where j.institution_id = signature.institution_id and j.id = signature.jar_id));
create policy signed on signature for insert with check (
  institution_id = current_institution() and person_id = current_person()
  and exists (select from jar j where j.institution_id = signature.institution_id and j.id = signature.jar_id
                and (j.owner_id = current_person() or j.id in (select partnered_jars()))));

-- A secret is put in by whoever opens the jar, and read back only in the simulator's role.
create policy sealed on secret for insert to foxing_app with check (
  institution_id = current_institution()
  and exists (select from jar j where j.institution_id = secret.institution_id and j.id = secret.jar_id
                and case when j.issued_by is null then j.owner_id = current_person() else j.issued_by = current_person() end));
create policy simulated on secret for select to foxing_simulator using (
  institution_id = current_institution()
  and exists (select from jar j where j.institution_id = secret.institution_id and j.id = secret.jar_id));

grant select on class to foxing_app;
grant select, insert on invitation, signature to foxing_app;
grant select, delete on membership, partner to foxing_app;
grant select, delete on session to foxing_app;
grant update (seen_at) on session to foxing_app;
grant update (revealed_at) on jar to foxing_app;

-- Sets who asks for this transaction and tells their role, or null where there is no such session any more.
-- Its plans are kept, and may have been made when the tables were empty: by index alone they stay right when they are full.
create function enter(p_institution uuid, p_person uuid, p_token bytea) returns text language plpgsql set enable_seqscan = off as $$
declare
  asking text;
  seen timestamptz;
begin
  perform set_config('foxing.institution', p_institution::text, true), set_config('foxing.person', p_person::text, true);
  select s.seen_at into seen from session s
   where s.institution_id = p_institution and s.person_id = p_person and s.token_hash = p_token
     and s.seen_at > now() - interval '12 hours' and s.created_at > now() - interval '30 days';
  if not found then
    perform set_config('foxing.institution', '', true), set_config('foxing.person', '', true);
    return null;
  end if;
  if seen < now() - interval '5 minutes' then
    update session set seen_at = now() where institution_id = p_institution and person_id = p_person and token_hash = p_token;
  end if;
  return my_role();
end $$;

-- Adds entries in one statement, so that a line costs one commit and one journey to the database. Writers of one jar take turns: positions are in the order of commits.
create function append_entries(p_institution uuid, p_person uuid, p_token bytea, p_jar uuid, p_device uuid, p_entries jsonb) returns jsonb
language plpgsql set enable_seqscan = off as $$
declare
  given jsonb;
  entry_id uuid;
  place bigint;
  known jsonb := '[]';
begin
  if enter(p_institution, p_person, p_token) is null then return '{"refused": "session"}'; end if;
  perform from jar j where j.institution_id = p_institution and j.id = p_jar and (j.owner_id = p_person or j.id in (select partnered_jars()));
  if not found then return '{"refused": "jar"}'; end if;
  perform pg_advisory_xact_lock(hashtextextended(p_jar::text, 7013));
  for given in select e from jsonb_array_elements(p_entries) with ordinality as x(e, n) order by n loop
    entry_id := (given->'body'->>'id')::uuid;
    insert into entry (institution_id, jar_id, id, device, device_order, author_id, body)
    values (p_institution, p_jar, entry_id, p_device, (given->>'order')::bigint, p_person, given->'body')
        on conflict (institution_id, jar_id, id) do nothing returning position into place;
    if not found then
      select position into place from entry where institution_id = p_institution and jar_id = p_jar and id = entry_id;
    end if;
    known := known || jsonb_build_object('id', entry_id, 'position', place);
  end loop;
  return jsonb_build_object('acknowledged', known);
end $$;

-- What several people of one institution sent at about the same time, in one commit. Each is asked for by itself, as themselves; answers come in the order given.
create function append_all(p_institution uuid, p_sendings jsonb) returns jsonb language plpgsql as $$
declare
  sending jsonb;
  answers jsonb := '[]';
begin
  for sending in select s from jsonb_array_elements(p_sendings) with ordinality as x(s, n) order by n loop
    answers := answers || jsonb_build_array(append_entries(
      p_institution, (sending->>'person')::uuid, decode(sending->>'token', 'hex'), (sending->>'jar')::uuid, (sending->>'device')::uuid, sending->'entries'));
  end loop;
  return answers;
end $$;

create schema door;
grant usage on schema door to foxing_app;

-- True once more than `p_most` wrong attempts by `p_subject` lie in this quarter of an hour. Counts another when `p_wrong`.
create function door.too_many(p_subject text, p_most int, p_wrong boolean) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
declare
  began timestamptz := date_bin('15 minutes', now(), 'epoch');
  so_far int;
begin
  if p_wrong then
    insert into attempt as a values ('00000000-0000-0000-0000-000000000000', sha256(p_subject::bytea), began, 1)
      on conflict (institution_id, subject, window_began) do update set wrong = a.wrong + 1;
    delete from attempt where window_began < now() - interval '1 day';
  end if;
  select wrong into so_far from attempt
   where institution_id = '00000000-0000-0000-0000-000000000000' and subject = sha256(p_subject::bytea) and window_began = began;
  return coalesce(so_far, 0) >= p_most;
end $$;

/* The one way in. Without a proof it gives the salt to derive one with, made up where there is no such login; with the right one it begins a session.
   A proof is the key derived from the password; its hash is what is kept. */
create function door.sign_in(p_login text, p_proof bytea, p_token_hash bytea, p_address text)
returns table (outcome text, salt bytea, institution_id uuid, person_id uuid) language plpgsql security definer set search_path = public, pg_temp as $$
declare
  wanted text := lower(trim(p_login));
  found_one credential%rowtype;
begin
  if door.too_many('login ' || wanted, 10, false) or door.too_many('address ' || p_address, 100, false) then
    return query select 'wait', null::bytea, null::uuid, null::uuid;
    return;
  end if;
  select * into found_one from credential c where c.login = wanted;
  if p_proof is null then
    return query select 'salt', coalesce(found_one.salt, substring(sha256(d.secret || wanted::bytea) for 16)), null::uuid, null::uuid from decoy d;
    return;
  end if;
  if found_one.verifier is distinct from sha256(p_proof) then
    perform door.too_many('login ' || wanted, 10, true), door.too_many('address ' || p_address, 100, true);
    return query select 'wrong', null::bytea, null::uuid, null::uuid;
    return;
  end if;
  insert into session (institution_id, person_id, token_hash) values (found_one.institution_id, found_one.person_id, p_token_hash);
  delete from session s where s.institution_id = found_one.institution_id and s.person_id = found_one.person_id
     and (s.seen_at < now() - interval '12 hours' or s.created_at < now() - interval '30 days');
  return query select 'in', null::bytea, found_one.institution_id, found_one.person_id;
end $$;

-- Takes an invitation that is still good, or gives no row. Wrong codes are counted by address.
create function door.take_invitation(p_code_hash bytea, p_address text) returns setof invitation language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if door.too_many('code ' || p_address, 30, false) then return; end if;
  return query update invitation i set uses_left = i.uses_left - 1
    where i.code_hash = p_code_hash and i.uses_left > 0 and i.expires_at > now() returning i.*;
  if not found then perform door.too_many('code ' || p_address, 30, true); end if;
end $$;

-- A new person comes in by a class's code, with a session begun.
create function door.join_by_code(p_code_hash bytea, p_address text, p_person uuid, p_name text, p_login text, p_salt bytea, p_verifier bytea, p_token_hash bytea)
returns table (outcome text, institution_id uuid, person_id uuid) language plpgsql security definer set search_path = public, pg_temp as $$
declare
  way invitation%rowtype;
begin
  if exists (select from credential c where c.login = lower(trim(p_login))) then
    return query select 'taken', null::uuid, null::uuid;
    return;
  end if;
  select * into way from door.take_invitation(p_code_hash, p_address);
  if way.id is null or way.role = 'partner' then
    return query select 'no code', null::uuid, null::uuid;
    return;
  end if;
  insert into person values (way.institution_id, p_person, p_name, way.role);
  insert into credential values (way.institution_id, p_person, lower(trim(p_login)), p_salt, p_verifier);
  if way.class_id is not null then insert into membership values (way.institution_id, way.class_id, p_person); end if;
  insert into session (institution_id, person_id, token_hash) values (way.institution_id, p_person, p_token_hash);
  return query select 'in', way.institution_id, p_person;
end $$;

-- Somebody who is in already uses a code of their own institution: to join a class, or a jar as a partner.
create function door.use_code(p_code_hash bytea, p_address text) returns table (class_id uuid, jar_id uuid) language plpgsql security definer set search_path = public, pg_temp as $$
declare
  way invitation%rowtype;
begin
  if current_person() is null then return; end if;
  if not exists (select from invitation i where i.code_hash = p_code_hash and i.institution_id = current_institution()
                   and (i.role = 'partner' or i.role = my_role())) then
    perform door.too_many('code ' || p_address, 30, true);
    return;
  end if;
  select * into way from door.take_invitation(p_code_hash, p_address);
  if way.id is null then return; end if;
  if way.jar_id is not null then
    insert into partner select way.institution_id, way.jar_id, current_person()
      where not exists (select from jar j where j.institution_id = way.institution_id and j.id = way.jar_id and j.owner_id = current_person())
      on conflict do nothing;
  elsif way.class_id is not null then
    insert into membership values (way.institution_id, way.class_id, current_person()) on conflict do nothing;
  end if;
  return query select way.class_id, way.jar_id;
end $$;

-- Begins a class that the one who asks teaches.
create function door.begin_class(p_id uuid, p_name text) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if my_role() is distinct from 'instructor' then return false; end if;
  insert into class (institution_id, id, name) values (current_institution(), p_id, p_name) on conflict do nothing;
  if not found then return exists (select from taught_classes() t where t = p_id); end if;
  insert into membership values (current_institution(), p_id, current_person());
  return true;
end $$;

-- The salt of the one who asks, to derive a proof with.
create function door.my_salt() returns bytea language sql stable security definer set search_path = public, pg_temp as
  $$ select salt from credential where institution_id = current_institution() and person_id = current_person() $$;

-- A new password; every other session of the person ends.
create function door.change_password(p_proof bytea, p_salt bytea, p_verifier bytea, p_token_hash bytea) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if door.too_many('person ' || current_person(), 10, false) then return false; end if;
  update credential set salt = p_salt, verifier = p_verifier, changed_at = now()
   where institution_id = current_institution() and person_id = current_person() and verifier = sha256(p_proof);
  if not found then
    perform door.too_many('person ' || current_person(), 10, true);
    return false;
  end if;
  delete from session where institution_id = current_institution() and person_id = current_person() and token_hash <> p_token_hash;
  return true;
end $$;

/* Deletes the one who asks: what is theirs alone goes; a jar that is shared passes to a partner, and their lines in it and in others' jars stay without their name. */
create function door.erase_me(p_proof bytea) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if door.too_many('person ' || current_person(), 10, false) then return false; end if;
  if not exists (select from credential where institution_id = current_institution() and person_id = current_person() and verifier = sha256(p_proof)) then
    perform door.too_many('person ' || current_person(), 10, true);
    return false;
  end if;
  with heirs as (
    select x.jar_id, min(x.person_id::text)::uuid as heir from partner x join jar j on j.institution_id = x.institution_id and j.id = x.jar_id
     where x.institution_id = current_institution() and j.owner_id = current_person() group by x.jar_id
  ), passed as (
    update jar j set owner_id = h.heir from heirs h where j.institution_id = current_institution() and j.id = h.jar_id returning j.id
  )
  delete from partner p using heirs h where p.institution_id = current_institution() and p.jar_id = h.jar_id and p.person_id = h.heir;
  delete from person where institution_id = current_institution() and id = current_person();
  return true;
end $$;

revoke all on all functions in schema door from public;
grant execute on function door.sign_in, door.join_by_code, door.use_code, door.begin_class, door.my_salt, door.change_password, door.erase_me to foxing_app;
