/**
 * What feet do by a line that was read, and when. Raised with any change by which the same plain form gives other contacts or other
 * times, or a stage other repetitions: what an earlier engine did otherwise stays in the code behind its number, and a line that was
 * saved with it and would come out otherwise says it (‘engine 1’) until a coach takes today's.
 *
 * 2: a cut goes with the foot of its side, who runs or crosses alternates, feet that were crossed or together come back into the stance,
 * longer steps take longer, sizes in × are the move's own, each repetition of a stage draws its own branch.
 */
export const ENGINE = 2;
