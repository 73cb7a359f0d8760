<?php

/* What is said of the data folder: at the start, and on the first page. */
return [
    'was damaged' => 'The database was damaged. It is in :folder now, as it was.',
    'taken over' => '{0} No drawing could be read from it. Your photos are safe.|{1} One drawing could be read. It is in your list again.|[2,*] :count drawings could be read. They are in your list again.',
    'put aside' => 'A damaged database is kept in :folder. Nothing of it was taken over yet.',
    'how' => 'To read what can be read: php artisan inch:care --recover=:folder. To leave it: php artisan inch:care --ignore=:folder.',
    'upgrade copied' => 'This version changes the database. A copy of it as it was is in :copy.',
    'reindexed' => 'An index of the database was damaged. It was made anew. No data was lost.',
    'damaged now' => 'The database file is damaged. Stop Inch Ladder and start it again. It then saves what can be read.',
    'copy failed' => 'The last backup failed. :why',
    'copy old' => 'The last good backup is from :date. Check the backup folder.',
    'unknown' => 'This damaged database does not wait any more.',
];
