-- name: recordEvent
-- One line in the audit trail.
-- $1 site id (uuid)   $2 account id (uuid)   $3 kind   $4 subject id (uuid)   $5 detail (jsonb)
insert into audit_event (site_id, account_id, kind, subject_id, detail)
values ($1, $2, $3, $4, $5)

-- name: listEvents
-- What was done to a subject, by its kind, newest first.
-- $1 site id (uuid)   $2 subject id (uuid)   $3 kind   $4 how many
select e.at, s.name as by, e.detail
from audit_event e
left join membership s on s.account_id = e.account_id and s.site_id = e.site_id
where e.site_id = $1
  and e.subject_id = $2
  and e.kind = $3
order by e.id desc
limit $4
