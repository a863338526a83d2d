-- name: recordEvent
-- One line in the audit trail.
-- $1 site id (uuid)   $2 account id (uuid)   $3 kind   $4 subject id (uuid)   $5 detail (jsonb)
insert into audit_event (site_id, account_id, kind, subject_id, detail)
values ($1, $2, $3, $4, $5)
