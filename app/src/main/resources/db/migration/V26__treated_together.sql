-- Plants that have the same trouble are treated together: each keeps a case and a course of its own, and their visits go together.
alter table treatment_course add column party_id bigint;
create index treatment_course_party on treatment_course (party_id) where party_id is not null;
alter table treatment_visit add column together_id bigint;
create index treatment_visit_together on treatment_visit (together_id) where together_id is not null;
