select pg_notify('hopsk', $1)
