-- What the first years of use and an attack taught: jars drawn independently of each other, lines that only go on, first conclusions that count, ways in that are limited without locking
-- anybody out, room that is bounded, and records that outlive an account.

-- Sealed unknowns. What is in a jar is drawn by itself; a drawn colour is varied by a key that has nothing to do with it. Jars drawn by a seed keep it until they are drawn anew (rotate).
alter table secret
  alter column seed drop not null,
  add column jitter_key bytea not null default sha256(convert_to(gen_random_uuid()::text || gen_random_uuid()::text, 'UTF8')) check (length(jitter_key) >= 16);

-- When somebody other than an instructor was first told what a jar holds: what is concluded afterwards does not count.
alter table jar add column answered_at timestamptz;

-- Administrators: they see the classes of their institution and can let people in again.
alter table person drop constraint person_role_check, add constraint person_role_check check (role in ('student', 'instructor', 'technician', 'administrator'));
alter table invitation drop constraint invitation_role_check,
  add constraint invitation_role_check check (role in ('student', 'instructor', 'technician', 'administrator', 'partner', 'reset')),
  add column person_id uuid,
  add column created_at timestamptz not null default now(),
  add foreign key (institution_id, person_id) references person (institution_id, id) on delete cascade,
  add constraint invitation_reset_check check ((role = 'reset') = (person_id is not null));
create index invitation_of_class on invitation (institution_id, class_id) where class_id is not null;
create index invitation_of_jar on invitation (institution_id, jar_id) where jar_id is not null;

alter table session add column id uuid not null default gen_random_uuid();

/* Wrong passwords by login and address together, and by each alone; a delay that grows, and no lock. Who asks is kept as a hash; before an institution is known its id is nil. */
create table failure (
  institution_id uuid not null,
  subject bytea not null,
  wrong int not null,
  last_at timestamptz not null,
  primary key (institution_id, subject)
);
-- Logins that have come in from an address before: a flood of wrong passwords from elsewhere, or by others behind the same address, does not keep them out.
create table familiar (
  institution_id uuid not null,
  subject bytea not null,
  last_at timestamptz not null,
  primary key (institution_id, subject)
);
alter table failure enable row level security;
alter table familiar enable row level security;

-- Room: what each jar takes, counted as it is written.
create table usage (
  institution_id uuid not null,
  jar_id uuid not null,
  lines int not null default 0,
  bytes bigint not null default 0,
  pictures int not null default 0,
  primary key (institution_id, jar_id),
  foreign key (institution_id, jar_id) references jar (institution_id, id) on delete cascade
);
alter table usage enable row level security;
insert into usage select institution_id, jar_id, count(*), sum(octet_length(body::text)), count(*) filter (where body ? 'picture') from entry group by 1, 2;
alter table institution add column most_bytes bigint not null default 20000000000;

create index entry_of_device on entry (institution_id, jar_id, device, device_order);
create index entry_concluded on entry (institution_id, jar_id, position) where body ? 'concluded';

-- Administrators stand in for the instructor of every class of their institution.
create or replace function taught_classes() returns setof uuid language sql stable security definer set search_path = public, pg_temp as $$
  select class_id from membership where institution_id = current_institution() and person_id = current_person() and my_role() = 'instructor'
  union select id from class where institution_id = current_institution() and my_role() = 'administrator'
$$;
create or replace function known_people() returns setof uuid language sql stable security definer set search_path = public, pg_temp as $$
  select current_person()
  union select m.person_id from membership m
    where m.institution_id = current_institution() and m.class_id in (select taught_classes())
  union select p.id from person p where p.institution_id = current_institution() and my_role() = 'administrator'
  union select p.id from person p join membership m on m.institution_id = p.institution_id and m.person_id = p.id
    where p.institution_id = current_institution() and p.role = 'instructor' and m.class_id in (select my_classes())
  union select x.person_id from partner x join jar j on j.institution_id = x.institution_id and j.id = x.jar_id
    where x.institution_id = current_institution() and (j.owner_id = current_person() or j.id in (select partnered_jars()))
  union select j.owner_id from jar j where j.institution_id = current_institution() and j.id in (select partnered_jars())
$$;

drop policy mine on class;
create policy mine on class for select using (institution_id = current_institution() and (id in (select my_classes()) or id in (select taught_classes())));

drop policy own on invitation;
drop policy to_what_is_mine on invitation;
-- Whose codes one sees and may take back: one's own, those of a class one teaches, those of a jar of one's own.
create policy own on invitation for select using (
  institution_id = current_institution()
  and (created_by = current_person() or class_id in (select taught_classes())
       or exists (select from jar j where j.institution_id = invitation.institution_id and j.id = invitation.jar_id and j.owner_id = current_person())));
create policy taken_back on invitation for delete using (
  institution_id = current_institution()
  and (created_by = current_person() or class_id in (select taught_classes())
       or exists (select from jar j where j.institution_id = invitation.institution_id and j.id = invitation.jar_id and j.owner_id = current_person())));
create policy to_what_is_mine on invitation for insert with check (
  institution_id = current_institution() and created_by = current_person()
  and case
    when role = 'partner'
      then exists (select from jar j where j.institution_id = invitation.institution_id and j.id = invitation.jar_id and j.owner_id = current_person())
    when role = 'reset'
      then case my_role()
        when 'administrator' then true
        when 'instructor' then exists (
          select from person p join membership m on m.institution_id = p.institution_id and m.person_id = p.id
           where p.institution_id = invitation.institution_id and p.id = invitation.person_id and p.role = 'student' and m.class_id in (select taught_classes()))
        else false end
    else class_id in (select taught_classes()) and (role <> 'administrator' or my_role() = 'administrator') end);
grant delete on invitation to foxing_app;

create policy seen on usage for select using (
  institution_id = current_institution()
  and exists (select from jar j where j.institution_id = usage.institution_id and j.id = usage.jar_id));
grant select on usage to foxing_app;

-- What everybody of the institution has written takes, bytes, and how much there may be.
create function room_taken() returns table (taken bigint, most bigint) language sql stable security definer set search_path = public, pg_temp as $$
  select (select coalesce(sum(bytes), 0)::bigint from usage where institution_id = current_institution()),
         (select most_bytes from institution where id = current_institution())
$$;

/* Adds entries in one statement, so that a line costs one commit and one journey to the database. Writers of one jar take turns: positions are in the order of commits, and what a device
   sends stands after all it has sent before, whatever order it gives: nothing can be slipped in among earlier lines. What has no room is refused whole, with nothing written. */
create or replace function append_entries(p_institution uuid, p_person uuid, p_token bytea, p_jar uuid, p_device uuid, p_entries jsonb) returns jsonb
language plpgsql set enable_seqscan = off as $$
declare
  given jsonb;
  entry_id uuid;
  place bigint;
  last_order bigint;
  this_order bigint;
  known jsonb := '[]';
  room text;
begin
  if enter(p_institution, p_person, p_token) is null then return '{"refused": "session"}'; end if;
  perform from jar j where j.institution_id = p_institution and j.id = p_jar and (j.owner_id = p_person or j.id in (select partnered_jars()));
  if not found then return '{"refused": "jar"}'; end if;
  perform pg_advisory_xact_lock(hashtextextended(p_jar::text, 7013));
  room := door.take_room(p_jar, p_entries);
  if room is not null then return jsonb_build_object('refused', 'room', 'which', room); end if;
  select coalesce(max(device_order), 0) into last_order from entry where institution_id = p_institution and jar_id = p_jar and device = p_device;
  for given in select e from jsonb_array_elements(p_entries) with ordinality as x(e, n) order by n loop
    entry_id := (given->'body'->>'id')::uuid;
    this_order := greatest((given->>'order')::bigint, last_order + 1);
    insert into entry (institution_id, jar_id, id, device, device_order, author_id, body, received_at)
    values (p_institution, p_jar, entry_id, p_device, this_order, p_person, given->'body', clock_timestamp())
        on conflict (institution_id, jar_id, id) do nothing returning position into place;
    if found then
      last_order := this_order;
    else
      select position, device_order into place, this_order from entry where institution_id = p_institution and jar_id = p_jar and id = entry_id;
    end if;
    known := known || jsonb_build_object('id', entry_id, 'position', place, 'order', this_order);
  end loop;
  return jsonb_build_object('acknowledged', known);
end $$;

/* Counts what is new among entries as used, or tells which limit they would pass: those of a jar, and those of its owner's jars together. Called under the jar's lock.
   Limits: a notebook of a long day has some 500 lines. */
create function door.take_room(p_jar uuid, p_entries jsonb) returns text language plpgsql security definer set search_path = public, pg_temp as $$
declare
  new_lines int;
  new_bytes bigint;
  new_pictures int;
  mine usage%rowtype;
  of_owner record;
begin
  select count(*), coalesce(sum(octet_length(e::text)), 0), count(*) filter (where e->'body' ? 'picture') into new_lines, new_bytes, new_pictures
    from jsonb_array_elements(p_entries) e
   where not exists (select from entry k where k.institution_id = current_institution() and k.jar_id = p_jar and k.id = (e->'body'->>'id')::uuid);
  if new_lines = 0 then return null; end if;
  select * into mine from usage where institution_id = current_institution() and jar_id = p_jar;
  if coalesce(mine.lines, 0) + new_lines > 8000 then return 'lines of a jar'; end if;
  if coalesce(mine.bytes, 0) + new_bytes > 24000000 then return 'bytes of a jar'; end if;
  if coalesce(mine.pictures, 0) + new_pictures > 120 then return 'pictures of a jar'; end if;
  select sum(u.lines) as lines, sum(u.bytes) as bytes, sum(u.pictures) as pictures into of_owner
    from jar j join jar o on o.institution_id = j.institution_id and o.owner_id = j.owner_id
    join usage u on u.institution_id = o.institution_id and u.jar_id = o.id
   where j.institution_id = current_institution() and j.id = p_jar;
  if coalesce(of_owner.lines, 0) + new_lines > 200000 then return 'lines of a person'; end if;
  if coalesce(of_owner.bytes, 0) + new_bytes > 400000000 then return 'bytes of a person'; end if;
  if coalesce(of_owner.pictures, 0) + new_pictures > 2500 then return 'pictures of a person'; end if;
  insert into usage as u values (current_institution(), p_jar, new_lines, new_bytes, new_pictures)
    on conflict (institution_id, jar_id) do update set lines = u.lines + new_lines, bytes = u.bytes + new_bytes, pictures = u.pictures + new_pictures;
  return null;
end $$;

/* Notes that somebody who is no instructor of it is told what a jar holds, and from when on they may know: the first of that, of the instructor's opening it, and of its date. */
create function door.tell_answer(p_jar uuid, p_teaches boolean) returns timestamptz language plpgsql security definer set search_path = public, pg_temp as $$
declare
  known timestamptz;
begin
  perform pg_advisory_xact_lock(hashtextextended(p_jar::text, 7013));
  if not p_teaches then
    update jar set answered_at = coalesce(answered_at, clock_timestamp())
     where institution_id = current_institution() and id = p_jar and (owner_id = current_person() or id in (select partnered_jars()));
  end if;
  select least(answered_at, revealed_at, case when reveal_on <= now() then reveal_on end) into known
    from jar where institution_id = current_institution() and id = p_jar;
  return known;
end $$;

-- The seconds that are left to wait after so many wrong ones, the last at a time: none up to `p_free`, then one, two, four … up to a quarter of an hour.
create function door.left_to_wait(p_wrong int, p_free int, p_last timestamptz) returns int language sql immutable as $$
  select greatest(0, ceil(least(900, power(2, least(20, p_wrong - p_free))) - extract(epoch from clock_timestamp() - p_last)))::int where p_wrong >= p_free
$$;
create function door.wait_for(p_subject text, p_free int) returns int language sql stable security definer set search_path = public, pg_temp as $$
  select coalesce((select door.left_to_wait(wrong, p_free, last_at) from failure
    where institution_id = '00000000-0000-0000-0000-000000000000' and subject = sha256(p_subject::bytea) and last_at > now() - interval '1 day'), 0)
$$;
-- Another wrong one; what lies a day back is forgotten.
create function door.count_wrong(p_subject text) returns void language sql security definer set search_path = public, pg_temp as $$
  insert into failure as f values ('00000000-0000-0000-0000-000000000000', sha256(p_subject::bytea), 1, clock_timestamp())
    on conflict (institution_id, subject) do update
      set wrong = case when f.last_at < now() - interval '1 day' then 1 else f.wrong + 1 end, last_at = clock_timestamp()
$$;

/* The one way in. Without a proof it gives the salt to derive one with, made up where there is no such login; with the right one it begins a session.
   A proof is the key derived from the password; its hash is what is kept. Wrong ones make the same login at the same address wait, longer each time; so do very many for one login, or from one
   address, but not for a login that has come in from this address before. It is the same whether there is such a login or not. */
drop function door.sign_in(text, bytea, bytea, text);
create function door.sign_in(p_login text, p_proof bytea, p_token_hash bytea, p_address text)
returns table (outcome text, salt bytea, institution_id uuid, person_id uuid, seconds int) language plpgsql security definer set search_path = public, pg_temp as $$
declare
  wanted text := lower(trim(p_login));
  pair text := 'pair ' || lower(trim(p_login)) || ' ' || p_address;
  nil constant uuid := '00000000-0000-0000-0000-000000000000';
  is_familiar boolean;
  waiting int;
  found_one credential%rowtype;
begin
  is_familiar := exists (select from familiar f where f.institution_id = nil and f.subject = sha256(pair::bytea) and f.last_at > now() - interval '180 days');
  waiting := greatest(door.wait_for(pair, 5),
                      case when is_familiar then 0 else greatest(door.wait_for('login ' || wanted, 60), door.wait_for('address ' || p_address, 600)) end);
  if waiting > 0 then
    return query select 'wait', null::bytea, null::uuid, null::uuid, waiting;
    return;
  end if;
  select * into found_one from credential c where c.login = wanted;
  if p_proof is null then
    return query select 'salt', coalesce(found_one.salt, substring(sha256(d.secret || wanted::bytea) for 16)), null::uuid, null::uuid, 0 from decoy d;
    return;
  end if;
  if found_one.verifier is distinct from sha256(p_proof) then
    perform door.count_wrong(pair), door.count_wrong('login ' || wanted), door.count_wrong('address ' || p_address);
    return query select 'wrong', null::bytea, null::uuid, null::uuid, 0;
    return;
  end if;
  delete from failure f where f.institution_id = nil and f.subject = sha256(pair::bytea);
  delete from failure f where f.last_at < now() - interval '2 days';
  insert into familiar as f values (nil, sha256(pair::bytea), now()) on conflict on constraint familiar_pkey do update set last_at = now();
  insert into session (institution_id, person_id, token_hash) values (found_one.institution_id, found_one.person_id, p_token_hash);
  delete from session s where s.institution_id = found_one.institution_id and s.person_id = found_one.person_id
     and (s.seen_at < now() - interval '12 hours' or s.created_at < now() - interval '30 days');
  return query select 'in', null::bytea, found_one.institution_id, found_one.person_id, 0;
end $$;

-- Whether a code would let somebody in now, before anything is worked out for them; wrong ones are counted by address and make it wait.
create function door.is_code(p_code_hash bytea, p_address text) returns text language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if door.wait_for('code ' || p_address, 60) > 0 then return 'wait'; end if;
  if exists (select from invitation i where i.code_hash = p_code_hash and i.uses_left > 0 and i.expires_at > now()) then return 'good'; end if;
  perform door.count_wrong('code ' || p_address);
  return 'no code';
end $$;

create or replace function door.take_invitation(p_code_hash bytea, p_address text) returns setof invitation language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if door.wait_for('code ' || p_address, 60) > 0 then return; end if;
  return query update invitation i set uses_left = i.uses_left - 1
    where i.code_hash = p_code_hash and i.uses_left > 0 and i.expires_at > now() returning i.*;
  if not found then perform door.count_wrong('code ' || p_address); end if;
end $$;

-- A new person comes in by a class's code, with a session begun. A login that is taken is answered as a code that is wrong: neither tells of the other.
create or replace function door.join_by_code(p_code_hash bytea, p_address text, p_person uuid, p_name text, p_login text, p_salt bytea, p_verifier bytea, p_token_hash bytea)
returns table (outcome text, institution_id uuid, person_id uuid) language plpgsql security definer set search_path = public, pg_temp as $$
declare
  way invitation%rowtype;
begin
  select * into way from invitation i where i.code_hash = p_code_hash and i.uses_left > 0 and i.expires_at > now() and i.role not in ('partner', 'reset') for update;
  if way.id is null or exists (select from credential c where c.login = lower(trim(p_login))) then
    perform door.count_wrong('code ' || p_address);
    return query select 'no code', null::uuid, null::uuid;
    return;
  end if;
  select * into way from door.take_invitation(p_code_hash, p_address);
  if way.id is null then
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
create or replace function door.use_code(p_code_hash bytea, p_address text) returns table (class_id uuid, jar_id uuid) language plpgsql security definer set search_path = public, pg_temp as $$
declare
  way invitation%rowtype;
begin
  if current_person() is null then return; end if;
  if not exists (select from invitation i where i.code_hash = p_code_hash and i.institution_id = current_institution()
                   and (i.role = 'partner' or i.role = my_role())) then
    perform door.count_wrong('code ' || p_address);
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

-- A new password by a code made for one person: every session of theirs ends.
create function door.reset_password(p_code_hash bytea, p_address text, p_salt bytea, p_verifier bytea) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
declare
  way invitation%rowtype;
begin
  if not exists (select from invitation i where i.code_hash = p_code_hash and i.role = 'reset') then
    perform door.count_wrong('code ' || p_address);
    return false;
  end if;
  select * into way from door.take_invitation(p_code_hash, p_address);
  if way.id is null then return false; end if;
  update credential c set salt = p_salt, verifier = p_verifier, changed_at = now() where c.institution_id = way.institution_id and c.person_id = way.person_id;
  delete from session s where s.institution_id = way.institution_id and s.person_id = way.person_id;
  delete from invitation i where i.institution_id = way.institution_id and i.person_id = way.person_id;
  return true;
end $$;

create or replace function door.begin_class(p_id uuid, p_name text) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if my_role() not in ('instructor', 'administrator') then return false; end if;
  insert into class (institution_id, id, name) values (current_institution(), p_id, p_name) on conflict do nothing;
  if not found then return exists (select from taught_classes() t where t = p_id); end if;
  insert into membership values (current_institution(), p_id, current_person());
  return true;
end $$;

create or replace function door.change_password(p_proof bytea, p_salt bytea, p_verifier bytea, p_token_hash bytea) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if door.wait_for('person ' || current_person(), 5) > 0 then return false; end if;
  update credential set salt = p_salt, verifier = p_verifier, changed_at = now()
   where institution_id = current_institution() and person_id = current_person() and verifier = sha256(p_proof);
  if not found then
    perform door.count_wrong('person ' || current_person());
    return false;
  end if;
  delete from session where institution_id = current_institution() and person_id = current_person() and token_hash <> p_token_hash;
  return true;
end $$;

/* Deletes the one who asks: what is theirs alone goes; a jar that is shared passes to a partner, and their lines in it and in others' jars stay without their name. Work that was set and
   handed in (concluded or signed) is the school's record and stays, under no name. */
create or replace function door.erase_me(p_proof bytea) returns boolean language plpgsql security definer set search_path = public, pg_temp as $$
declare
  me constant uuid := current_person();
  here constant uuid := current_institution();
begin
  if door.wait_for('person ' || me, 5) > 0 then return false; end if;
  if not exists (select from credential where institution_id = here and person_id = me and verifier = sha256(p_proof)) then
    perform door.count_wrong('person ' || me);
    return false;
  end if;
  with heirs as (
    select x.jar_id, min(x.person_id::text)::uuid as heir from partner x join jar j on j.institution_id = x.institution_id and j.id = x.jar_id
     where x.institution_id = here and j.owner_id = me group by x.jar_id
  ), passed as (
    update jar j set owner_id = h.heir from heirs h where j.institution_id = here and j.id = h.jar_id returning j.id
  )
  delete from partner p using heirs h where p.institution_id = here and p.jar_id = h.jar_id and p.person_id = h.heir;
  delete from jar j where j.institution_id = here and j.owner_id = me and not (
    j.issued_by is not null
    and (exists (select from signature s where s.institution_id = here and s.jar_id = j.id)
         or exists (select from entry e where e.institution_id = here and e.jar_id = j.id and e.body ? 'concluded')));
  delete from membership where institution_id = here and person_id = me;
  if not exists (select from jar where institution_id = here and owner_id = me) then
    delete from person where institution_id = here and id = me;
    return true;
  end if;
  update entry set author_id = null where institution_id = here and author_id = me;
  update signature set person_id = null where institution_id = here and person_id = me;
  delete from partner where institution_id = here and person_id = me;
  delete from invitation where institution_id = here and (created_by = me or person_id = me);
  delete from session where institution_id = here and person_id = me;
  delete from credential where institution_id = here and person_id = me;
  update person set name = 'somebody who has left' where institution_id = here and id = me;
  return true;
end $$;

-- A class in which people work keeps an instructor.
create function keep_an_instructor() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
  if exists (select from person p where p.institution_id = old.institution_id and p.id = old.person_id and p.role in ('instructor', 'administrator'))
     and exists (select from membership m where m.institution_id = old.institution_id and m.class_id = old.class_id)
     and not exists (select from membership m join person p on p.institution_id = m.institution_id and p.id = m.person_id
                      where m.institution_id = old.institution_id and m.class_id = old.class_id and p.role in ('instructor', 'administrator'))
  then
    raise exception 'a class needs an instructor' using errcode = 'FX001';
  end if;
  return null;
end $$;
create trigger keeps_an_instructor after delete on membership for each row execute function keep_an_instructor();

revoke all on all functions in schema door from public;
grant execute on function door.sign_in, door.join_by_code, door.use_code, door.is_code, door.reset_password, door.begin_class, door.my_salt, door.change_password, door.erase_me,
  door.take_room, door.tell_answer to foxing_app;

/* How many these answer, told to the planner: it takes a thousand otherwise, and then reads every jar of an institution for the few that are asked for. */
alter function partnered_jars() rows 5;
alter function my_classes() rows 3;
alter function taught_classes() rows 5;
alter function known_people() rows 60;
