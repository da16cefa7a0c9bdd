-- No demo club is made on this server any more.
update house set demo_over = true
