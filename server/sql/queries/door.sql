select not exists (select from club) as setup, exists (select from club where demo) as demo
