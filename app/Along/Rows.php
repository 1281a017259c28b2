<?php

declare(strict_types=1);

namespace App\Along;

/** Which columns of which tables go along as they stand; which job and machine a row is of is told by their numbers in the file. */
final class Rows
{
    /** Of a machine. */
    public const OF_MACHINE = [
        'due_items' => ['kind', 'wheel', 'what', 'words', 'due_on', 'due_meter', 'meter_unit', 'rests_on', 'settled_at'],
        'fitted_sets' => [
            'wheel', 'pattern', 'bearings', 'fitted_on', 'meter', 'meter_unit', 'ended_on', 'lasted_days', 'lasted_meter',
        ],
        'meter_readings' => ['amount', 'unit', 'read_on'],
    ];

    public const SHOP = [
        'name', 'place', 'time_zone', 'currency', 'hour_minor', 'units', 'paper', 'press_capacity_n', 'draw_bolt', 'habits', 'alone',
        'prices', 'lock_minutes',
    ];

    public const SUPPLIER = ['name', 'carriage_minor', 'days', 'restock_days', 'priced_at'];

    public const PRICE = ['article', 'description', 'key', 'price_minor', 'pack', 'stock', 'days'];

    public const SHELF = ['article', 'key', 'count'];
}
