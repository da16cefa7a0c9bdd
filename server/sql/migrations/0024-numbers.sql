-- The numbers by which a club reads its fault books; null: those of the program.
alter table teaching add column numbers jsonb;
