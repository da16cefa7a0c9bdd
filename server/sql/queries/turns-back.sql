-- These turns are given back, and what is long over is forgotten.
delete from turn where key = any ($1) or at < now() - interval '1 day'
