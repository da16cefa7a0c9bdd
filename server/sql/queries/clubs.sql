select id from club
