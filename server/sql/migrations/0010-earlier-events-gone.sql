-- What the step after 0009 took over is not kept twice.
drop table earlier_event;
