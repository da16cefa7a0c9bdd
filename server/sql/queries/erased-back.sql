-- Who was erased and is here again.
select erased.id
from erased join athlete on athlete.club_id = erased.club_id and athlete.id = erased.id
where erased.club_id = $1
