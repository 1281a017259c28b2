<?php

declare(strict_types=1);

return [
    // Where no worker stands by, what is asked is done before the answer.
    'default' => env('QUEUE_CONNECTION', 'sync'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'queue_jobs',
            'queue' => 'errands',
            // Longer than the longest errand: one that was cut off is begun again after this many seconds.
            'retry_after' => 660,
            'after_commit' => true,
        ],
    ],
    // An errand keeps its own failure, for whoever asked for it.
    'failed' => ['driver' => 'null'],
];
