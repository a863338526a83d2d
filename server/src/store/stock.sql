-- name: listStock
-- Everything in stock of a site, by number and place.
-- $1 site id (uuid)
select id, designation, place, condition, greased_on::text, count, least, note, version
from stock
where site_id = $1
order by designation, place, greased_on

-- name: addStock
-- A new line; no row comes back where that number lies in that place already.
-- $1 site id (uuid)   $2 designation   $3 place   $4 condition   $5 filled on (date or null)   $6 count   $7 least   $8 note
insert into stock (site_id, designation, place, condition, greased_on, count, least, note)
values ($1, $2, $3, $4, $5, $6, $7, $8)
on conflict do nothing
returning id

-- name: saveStock
-- A changed line, but for its count, if nobody saved since; no row comes back otherwise.
-- $1 site id (uuid)   $2 line (uuid)   $3 version   $4 designation   $5 place   $6 condition   $7 filled on   $8 least   $9 note
update stock
set designation = $4, place = $5, condition = $6, greased_on = $7, least = $8, note = $9, version = version + 1
where site_id = $1
  and id = $2
  and version = $3
returning id

-- name: holdStock
-- One line, held until the transaction is over.
-- $1 site id (uuid)   $2 line (uuid)
select id, designation, place, condition, greased_on::text, count, least, note, version
from stock
where site_id = $1
  and id = $2
for update

-- name: addMove
-- What was done with a line; no row comes back for one that was sent before.
-- $1 id (uuid)   $2 site id (uuid)   $3 line (uuid)   $4 kind   $5 change   $6 job (uuid or null)   $7 account (uuid)
insert into stock_move (id, site_id, stock_id, kind, change, job_id, account_id)
values ($1, $2, $3, $4, $5, $6, $7)
on conflict (id) do nothing
returning id

-- name: countStock
-- $1 line (uuid)   $2 count
update stock
set count = $2
where id = $1

-- name: dropStock
-- $1 site id (uuid)   $2 line (uuid)
delete from stock
where site_id = $1
  and id = $2

-- name: listWanted
-- Bearings that open jobs will fit, by the number their step calls for, and whether one was taken for it: a job that took so many
-- from the shelf is served in the order of its steps.
-- $1 site id (uuid)
select j.id as job_id, j.number, j.title, j.planned_for::text, m.tag, w.designation,
  w.place <= coalesce((
    select -sum(v.change)
    from stock_move v
    join stock k on k.id = v.stock_id
    where v.job_id = j.id
      and v.kind <> 'counted'
  ), 0) as taken
from job j
join machine m on m.id = j.machine_id
cross join lateral (
  select r.reading ->> 'expected' as designation, row_number() over (order by s.place, r.place) as place
  from jsonb_array_elements(j.steps) with ordinality as s (step, place)
  cross join lateral jsonb_array_elements(s.step -> 'readings') with ordinality as r (reading, place)
  where r.reading ->> 'kind' = 'designation'
    and r.reading ->> 'expected' is not null
) w
where j.site_id = $1
  and j.state in ('planned', 'under-way', 'waiting')
order by j.planned_for, j.number, w.place

-- name: listFittedNumbers
-- Numbers that are fitted in machines in service, and in how many positions.
-- $1 site id (uuid)
select p.designation, count(*)::int as positions
from position p
join machine m on m.id = p.machine_id
where p.site_id = $1
  and p.designation is not null
  and p.retired_at is null
  and m.retired_at is null
group by p.designation
order by count(*) desc, p.designation
